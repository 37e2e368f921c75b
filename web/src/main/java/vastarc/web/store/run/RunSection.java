package vastarc.web.store.run;

import java.util.ArrayList;
import java.util.Base64;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.run.WeldRunQueries.CompleteRun;

/** The runs of an archive with their events and readings, the oldest first. */
@Component
class RunSection implements ArchiveSection {

    private static final int SINCE = 6;
    private static final int MAX_RECORD = 100_000;
    private static final JsonMapper JSON = CoreJson.kept();

    private final WeldRunService store;
    private final WeldRunQueries book;
    private final WeldRunData data;

    RunSection(WeldRunService store, WeldRunQueries book, WeldRunData data) {
        this.store = store;
        this.book = book;
        this.data = data;
    }

    @Override
    public String file() {
        return ArchiveIds.RUNS;
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.JOBS, "run-sheets.json");
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        book.forEachSome(RunFilter.all(), runs -> {
            List<UUID> ids = runs.stream().map(WeldRun::id).toList();
            if (ids.isEmpty()) {
                return;
            }
            Map<UUID, String> records = data.recordTexts(ids);
            Map<UUID, List<RunEvent>> events = data.events(ids);
            Set<UUID> read = data.withReadings(ids);
            for (WeldRun run : runs) {
                Recording recording = read.contains(run.id()) ? data.trace(run.id()) : new Recording(Map.of());
                out.accept(element(
                        run,
                        Optional.ofNullable(records.get(run.id())),
                        events.getOrDefault(run.id(), List.of()),
                        recording));
            }
        });
    }

    private static ObjectNode element(
            WeldRun run, Optional<String> record, List<RunEvent> happened, Recording recording) {
        ObjectNode element = JSON.createObjectNode();
        element.put("id", run.id().toString());
        element.set("row", WeldRunFormat.row(run));
        element.put("job", run.head().job().map(UUID::toString).orElse(null));
        element.put("machine", run.head().machine().map(UUID::toString).orElse(null));
        element.put("findings", run.figures().findings());
        record.ifPresent(text -> element.put("record", text));
        ArrayNode events = element.putArray("events");
        happened.forEach(event -> events.addObject()
                .put("s", event.atS())
                .put("kind", event.kind().name()));
        ObjectNode readings = element.putObject("readings");
        recording
                .channels()
                .forEach((kind, channel) ->
                        readings.put(kind.name(), Base64.getEncoder().encodeToString(RunReadings.packed(channel))));
        return element;
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        CompleteRun row = row(element.path("row"));
        String record = element.path("record").asString("");
        if (record.length() > MAX_RECORD) {
            throw new IllegalArgumentException("it says more than a run can keep");
        }
        List<RunEvent> events = new ArrayList<>();
        element.path("events")
                .forEach(event -> events.add(new RunEvent(
                        event.path("s").asDouble(),
                        EventKind.valueOf(event.path("kind").asString()))));
        Map<MeasuredQuantity, Channel> readings = new EnumMap<>(MeasuredQuantity.class);
        element.path("readings")
                .properties()
                .forEach(lane -> readings.put(
                        MeasuredQuantity.valueOf(lane.getKey()),
                        RunReadings.unpacked(List.of(
                                Base64.getDecoder().decode(lane.getValue().asString())))));
        boolean open = !element.path("row").hasNonNull("ended");
        return new RunItem(
                store,
                book,
                new CompleteRun(
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

    private static CompleteRun row(JsonNode row) {
        Outcome<CompleteRun> read = WeldRunFormat.read(row);
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
    private record RunItem(WeldRunService store, WeldRunQueries book, CompleteRun whole) implements ArchiveElement {

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
