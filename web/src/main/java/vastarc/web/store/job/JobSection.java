package vastarc.web.store.job;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.archive.DailySlots;
import vastarc.web.store.document.Document;

/** The jobs of an archive, in the order they were made, those archived among them. */
@Component
@Order(40)
class JobSection implements ArchiveSection {

    /** Longest content its column holds, characters. */
    static final int MAX_TEXT = 400_000;

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String CONTENT = "content";
    private static final String UNREAD = "unread";

    private final JobStore jobs;
    private final Clock clock;

    JobSection(JobStore jobs, Clock clock) {
        this.jobs = jobs;
        this.clock = clock;
    }

    @Override
    public String file() {
        return ArchiveIds.JOBS;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        jobs.forEach(job -> out.accept(element(job)));
    }

    private static ObjectNode element(Job job) {
        ObjectNode element = JSON.createObjectNode();
        element.put("id", job.id().toString());
        element.put("name", job.name());
        element.put("notes", job.notes());
        job.document()
                .value()
                .ifPresentOrElse(
                        content -> element.set(CONTENT, JobFormat.FORMAT.content(content)),
                        () -> element.put(UNREAD, job.document().text()));
        job.archived().days().write(element);
        return element;
    }

    /** Before version 2 everything a job said was one map of texts; before version 3 jobs came newest first and without their days; before
     * version 4 they said nothing of passes. */
    @Override
    public void complete(JsonNode element, int version, int place) {
        ObjectNode job = (ObjectNode) element;
        if (version == 1) {
            job.set(CONTENT, JobFormat.FORMAT.content(JobFormat.FORMAT.read(job.remove("form"), 1)));
        } else if (version < 4 && job.has(CONTENT)) {
            job.set(CONTENT, JobFormat.FORMAT.content(JobFormat.FORMAT.read(job.get(CONTENT), 2)));
        }
        if (version < 3) {
            DailySlots.dateUnset(job, clock.instant().minusMillis(place));
        }
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        Document<JobContent> content = document(element);
        content.value()
                .filter(value -> !value.joint().isSound() || !value.purge().isSound())
                .ifPresent(value -> {
                    throw new IllegalArgumentException("it types what no joint has, or more than a field takes");
                });
        if (content.text().length() > MAX_TEXT) {
            throw new IllegalArgumentException("it says more than a job can keep");
        }
        return new JobItem(
                jobs,
                id,
                new ArchivedJob(
                        element.path("name").asString(),
                        element.path("notes").asString(),
                        content,
                        DailySlots.read(element)));
    }

    private static Document<JobContent> document(JsonNode element) {
        return element.has(UNREAD)
                ? JobFormat.FORMAT.read(element.path(UNREAD).asString())
                : Document.of(JobFormat.FORMAT, JobFormat.FORMAT.read(element.get(CONTENT), JobFormat.FORMAT.today()));
    }

    private record JobItem(JobStore jobs, UUID id, ArchivedJob archived) implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return jobs.find(id)
                    .map(job -> archived.isHeldBy(job.archived())
                            ? Optional.<String>empty()
                            : Optional.of("job “" + job.name() + "” is replaced"))
                    .orElseGet(() -> Optional.of("job “" + archived.name() + "” comes in"));
        }

        @Override
        public void take() {
            jobs.put(id, archived);
        }
    }
}
