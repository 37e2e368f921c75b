package vastarc.web.store.job;

import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.EntityDates;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.document.Document;

/** The jobs of an archive, in the order they were made, those archived among them. */
@Component
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
    public Set<String> needs() {
        return Set.of(ArchiveIds.MACHINES, "torches.json");
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
    /** 2: the joint apart from the rest; 3: days; 4: pass, purge and penetration. */
    @Override
    public void upgrade(ObjectNode job, int from, int place) {
        switch (from) {
            case 1 -> ArchiveSection.add(job, CONTENT, JobFormat.FORMAT.next(job.remove("form"), 1));
            case 2 -> EntityDates.dateUnset(job, clock.instant().minusMillis(place));
            case 3 -> {
                if (job.has(CONTENT)) {
                    job.set(CONTENT, JobFormat.FORMAT.next(job.get(CONTENT), 2));
                }
            }
            default -> {
                // the same in both
            }
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
                        EntityDates.read(element)));
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
