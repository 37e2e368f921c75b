package vastarc.web.kept.rehearsal;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.archive.Known;
import vastarc.web.kept.archive.Part;
import vastarc.web.kept.document.Document;

/** The rehearsals of an archive, in the order they were made. */
@Component
@Order(80)
class RehearsalPart implements Part {

    /** Longest text its column holds, characters. */
    private static final int MAX_TEXT = 200_000;

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String RECORD = "record";
    private static final String UNREAD = "unread";

    private final RehearsalStore store;

    RehearsalPart(RehearsalStore store) {
        this.store = store;
    }

    @Override
    public String file() {
        return "rehearsals.json";
    }

    @Override
    public int since() {
        return 5;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        store.forEach(kept -> out.accept(element(kept)));
    }

    private static ObjectNode element(KeptRehearsal kept) {
        ObjectNode element = JSON.createObjectNode();
        element.put("id", kept.getId().toString());
        element.put("job", kept.jobId().toString());
        element.put("made", kept.madeAt().toString());
        kept.record()
                .value()
                .ifPresentOrElse(
                        made -> element.set(RECORD, RehearsalRecord.FORMAT.content(made)),
                        () -> element.put(UNREAD, kept.record().text()));
        return element;
    }

    @Override
    public Item read(JsonNode element, Known known) {
        UUID id = known.fresh(file(), element);
        UUID job = known.pointed(Known.JOBS, element, "job");
        Document<RehearsalRecord> made = element.has(UNREAD)
                ? RehearsalRecord.FORMAT.read(element.path(UNREAD).asString())
                : Document.of(
                        RehearsalRecord.FORMAT,
                        RehearsalRecord.FORMAT.read(element.path(RECORD), RehearsalRecord.FORMAT.today()));
        if (made.text().length() > MAX_TEXT) {
            throw new IllegalArgumentException("it says more than a rehearsal can keep");
        }
        return new RehearsalItem(
                store, id, job, Instant.parse(element.path("made").asString()), made);
    }

    /** What was rehearsed never changes: it is there, or it comes. */
    private record RehearsalItem(
            RehearsalStore store, UUID id, UUID job, Instant madeAt, Document<RehearsalRecord> made) implements Item {

        @Override
        public Optional<String> change() {
            return store.find(id).isPresent() ? Optional.empty() : Optional.of("a rehearsal comes in");
        }

        @Override
        public void take() {
            store.put(id, job, madeAt, made);
        }
    }
}
