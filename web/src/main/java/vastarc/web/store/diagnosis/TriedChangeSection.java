package vastarc.web.store.diagnosis;

import java.time.Instant;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.archive.ImmutableRow;

/** The changes of an archive that were tried, and the result of them. */
@Component
class TriedChangeSection implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();

    private final TriedChangeRepository tried;
    private final DiagnosisStore store;

    TriedChangeSection(TriedChangeRepository tried, DiagnosisStore store) {
        this.tried = tried;
        this.store = store;
    }

    @Override
    public String file() {
        return "tried.json";
    }

    @Override
    public int since() {
        return ObservationsSection.SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        try (Stream<TriedChange> all = tried.streamAllByOrderByTriedAtAscIdAsc()) {
            all.forEach(change -> out.accept(JSON.createObjectNode()
                    .put("id", change.getId().toString())
                    .put("job", change.jobId().toString())
                    .put("cause", change.cause())
                    .put("result", change.result())
                    .put("seen", change.seen())
                    .put("at", change.triedAt().toString())));
        }
    }

    /** Its job may have gone for good since: what was learned stays. */
    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        TriedChange change = new TriedChange(
                id,
                UUID.fromString(element.path("job").asString()),
                element.path("cause").asString(),
                element.path("result").asString(),
                element.path("seen").asString(),
                Instant.parse(element.path("at").asString()));
        return new ImmutableRow<>(tried, change, id, "a change that was tried comes in");
    }

    @Override
    public void makeRoom() {
        store.makeRoom();
    }
}
