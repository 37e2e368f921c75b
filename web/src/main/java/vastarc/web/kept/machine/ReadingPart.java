package vastarc.web.kept.machine;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.machine.DialReading;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.archive.Known;
import vastarc.web.kept.archive.Part;

/** What meters said of dials, dial by dial. */
@Component
@Order(50)
class ReadingPart implements Part {

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String UNDATED = "undated";

    private final MachineArchive machines;
    private final Clock clock;

    ReadingPart(MachineArchive machines, Clock clock) {
        this.machines = machines;
        this.clock = clock;
    }

    @Override
    public String file() {
        return "readings.json";
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

    @Override
    public void complete(JsonNode element, int version, int place) {
        if (version < 3) {
            ((ObjectNode) element).put("at", clock.instant().toString()).put(UNDATED, true);
        }
    }

    @Override
    public Item read(JsonNode element, Known known) {
        DialReadingRow row = MachineArchive.reading(
                known.pointed(Known.MACHINES, element, "machine"),
                element.path("element").asString(),
                element.path("band").asInt(),
                new DialReading(
                        element.path("place").asDouble(), element.path("amps").asDouble()),
                element.path("simulated").asBoolean(),
                Instant.parse(element.path("at").asString()));
        return new ReadingItem(machines, row, !element.has(UNDATED));
    }

    private record ReadingItem(MachineArchive machines, DialReadingRow row, boolean dated) implements Item {

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
