package vastarc.web.kept.run;

import java.util.ArrayList;
import java.util.Base64;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.finding.Outcome;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.run.Channel;
import vastarc.core.run.Measured;
import vastarc.core.run.RunEvent;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.archive.Known;
import vastarc.web.kept.archive.Part;
import vastarc.web.kept.document.Document;

/** The runs of an archive with their events and readings, the oldest first. */
@Component
@Order(91)
class RunPart implements Part {

    private static final int SINCE = 6;
    private static final int MAX_RECORD = 100_000;
    private static final JsonMapper JSON = CoreJson.kept();

    private final RunStore store;
    private final RunBook book;
    private final RunData data;

    RunPart(RunStore store, RunBook book, RunData data) {
        this.store = store;
        this.book = book;
        this.data = data;
    }

    @Override
    public String file() {
        return Known.RUNS;
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        book.forEach(RunFilter.all(), run -> out.accept(element(run)));
    }

    private ObjectNode element(Run run) {
        ObjectNode element = JSON.createObjectNode();
        element.put("id", run.id().toString());
        element.set("row", RunRows.row(run));
        element.put("job", run.head().job().map(UUID::toString).orElse(null));
        element.put("machine", run.head().machine().map(UUID::toString).orElse(null));
        element.put("findings", run.figures().findings());
        data.record(run.id()).map(Document::text).ifPresent(text -> element.put("record", text));
        ArrayNode events = element.putArray("events");
        data.events(run.id())
                .forEach(event -> events.addObject()
                        .put("s", event.atS())
                        .put("kind", event.kind().name()));
        ObjectNode readings = element.putObject("readings");
        data.trace(run.id())
                .channels()
                .forEach((kind, channel) ->
                        readings.put(kind.name(), Base64.getEncoder().encodeToString(RunData.packed(channel))));
        return element;
    }

    @Override
    public Item read(JsonNode element, Known known) {
        UUID id = known.fresh(file(), element);
        RunBook.Whole row = row(element.path("row"));
        String record = element.path("record").asString("");
        if (record.length() > MAX_RECORD) {
            throw new IllegalArgumentException("it says more than a run can keep");
        }
        List<RunEvent> events = new ArrayList<>();
        element.path("events")
                .forEach(event -> events.add(new RunEvent(
                        event.path("s").asDouble(),
                        RunEvent.Kind.valueOf(event.path("kind").asString()))));
        Map<Measured, Channel> readings = new EnumMap<>(Measured.class);
        element.path("readings")
                .properties()
                .forEach(lane -> readings.put(
                        Measured.valueOf(lane.getKey()),
                        RunData.unpacked(List.of(
                                Base64.getDecoder().decode(lane.getValue().asString())))));
        boolean open = !element.path("row").hasNonNull("ended");
        return new RunItem(
                store,
                book,
                new RunBook.Whole(
                        id,
                        row.head().at(id(element, "job"), id(element, "machine")),
                        row.startedAt(),
                        open ? Optional.empty() : row.endedAt(),
                        row.verdict(),
                        row.figures().with(element.path("findings").asInt(0)),
                        row.note(),
                        Optional.empty(),
                        record.isEmpty() ? Optional.empty() : Optional.of(RunRecord.FORMAT.read(record)),
                        events,
                        readings));
    }

    private static RunBook.Whole row(JsonNode row) {
        Outcome<RunBook.Whole> read = RunRows.read(row);
        return read.value()
                .orElseThrow(() -> new IllegalArgumentException("its row is no run: "
                        + read.problems().get(0).field() + ", "
                        + read.problems().get(0).message(UnitSystem.METRIC)));
    }

    private static Optional<UUID> id(JsonNode element, String name) {
        return element.hasNonNull(name)
                ? Optional.of(UUID.fromString(element.get(name).asString()))
                : Optional.empty();
    }

    /** What was welded never changes by an archive: it is there, or it comes. */
    private record RunItem(RunStore store, RunBook book, RunBook.Whole whole) implements Item {

        @Override
        public Optional<String> change() {
            return store.find(whole.id()).isPresent() ? Optional.empty() : Optional.of("a run comes into the logbook");
        }

        @Override
        public void take() {
            book.take(whole);
        }
    }
}
