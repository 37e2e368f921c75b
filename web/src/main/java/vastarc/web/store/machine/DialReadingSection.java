package vastarc.web.store.machine;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;
import vastarc.core.equipment.DialReading;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/** What meters said of dials, dial by dial. */
@Component
class DialReadingSection implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String UNDATED = "undated";

    private final MachineArchive machines;
    private final Clock clock;

    DialReadingSection(MachineArchive machines, Clock clock) {
        this.machines = machines;
        this.clock = clock;
    }

    @Override
    public String file() {
        return "readings.json";
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.MACHINES);
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        machines.forEachReading(row -> {
            ObjectNode element = JSON.createObjectNode();
            element.put("machine", row.machineId().toString());
            element.put("element", row.elementId());
            element.put("band", row.band());
            element.put("place", row.reading().place());
            element.put("amps", row.reading().amps());
            element.put("simulated", row.simulated());
            element.put("at", row.readAt().toString());
            out.accept(element);
        });
    }

    /** 3: days. */
    @Override
    public void upgrade(ObjectNode reading, int from, int place) {
        if (from == 2) {
            ArchiveSection.add(reading, "at", StringNode.valueOf(clock.instant().toString()));
            ArchiveSection.add(reading, UNDATED, BooleanNode.TRUE);
        }
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        DialReadingRow row = MachineArchive.reading(
                known.pointed(ArchiveIds.MACHINES, element, "machine"),
                element.path("element").asString(),
                element.path("band").asInt(),
                new DialReading(
                        element.path("place").asDouble(), element.path("amps").asDouble()),
                element.path("simulated").asBoolean(),
                Instant.parse(element.path("at").asString()));
        return new ReadingItem(machines, row, !element.has(UNDATED));
    }

    private record ReadingItem(MachineArchive machines, DialReadingRow row, boolean dated) implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return machines.holds(row, dated) ? Optional.empty() : Optional.of("readings of dials come in");
        }

        @Override
        public void take() {
            machines.put(row);
        }
    }
}
