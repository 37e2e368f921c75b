package vastarc.web.store.simulation;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.document.Document;

/** The simulations of an archive, in the order they were made. */
@Component
class SimulationSection implements ArchiveSection {

    /** Longest text its column holds, characters. */
    private static final int MAX_TEXT = 200_000;

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String RECORD = "record";
    private static final String UNREAD = "unread";

    private final SimulationStore store;

    SimulationSection(SimulationStore store) {
        this.store = store;
    }

    @Override
    public String file() {
        return "rehearsals.json";
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.JOBS);
    }

    @Override
    public int since() {
        return 5;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        store.forEach(stored -> out.accept(element(stored)));
    }

    private static ObjectNode element(KeptSimulation stored) {
        ObjectNode element = JSON.createObjectNode();
        element.put("id", stored.getId().toString());
        element.put("job", stored.jobId().toString());
        element.put("made", stored.madeAt().toString());
        stored.record()
                .value()
                .ifPresentOrElse(
                        made -> element.set(RECORD, SimulationRecord.FORMAT.content(made)),
                        () -> element.put(UNREAD, stored.record().text()));
        return element;
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        UUID job = known.pointed(ArchiveIds.JOBS, element, "job");
        Document<SimulationRecord> made = element.has(UNREAD)
                ? SimulationRecord.FORMAT.read(element.path(UNREAD).asString())
                : Document.of(
                        SimulationRecord.FORMAT,
                        SimulationRecord.FORMAT.read(element.path(RECORD), SimulationRecord.FORMAT.today()));
        if (made.text().length() > MAX_TEXT) {
            throw new IllegalArgumentException("it says more than a rehearsal can keep");
        }
        return new SimulationItem(
                store, id, job, Instant.parse(element.path("made").asString()), made);
    }

    /** What was simulated never changes: it is there, or it comes. */
    private record SimulationItem(
            SimulationStore store, UUID id, UUID job, Instant madeAt, Document<SimulationRecord> made)
            implements ArchiveElement {

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
