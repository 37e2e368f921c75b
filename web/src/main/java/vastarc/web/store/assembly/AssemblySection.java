package vastarc.web.store.assembly;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.record.assembly.SeamEvent;
import vastarc.core.record.assembly.SeamEvent.Examination;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.assembly.Seam.SeamText;
import vastarc.web.store.assembly.SeamEventRow.SeamEntry;
import vastarc.web.store.run.Pictures;

/** The assemblies of an archive, each with its seams, their entries and its drawing. */
@Component
class AssemblySection implements ArchiveSection {

    private static final int SINCE = 11;
    private static final String DRAWING = "drawing";
    private static final JsonMapper JSON = CoreJson.kept();

    private final AssemblyRepository assemblies;
    private final SeamRepository seams;
    private final SeamEventRepository events;
    private final DrawingRepository drawings;

    AssemblySection(
            AssemblyRepository assemblies,
            SeamRepository seams,
            SeamEventRepository events,
            DrawingRepository drawings) {
        this.assemblies = assemblies;
        this.seams = seams;
        this.events = events;
        this.drawings = drawings;
    }

    @Override
    public String file() {
        return "assemblies.json";
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.JOBS, ArchiveIds.RUNS);
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        assemblies.findAllByOrderByNameAscIdAsc().forEach(kept -> out.accept(element(kept)));
    }

    private ObjectNode element(Assembly kept) {
        ObjectNode element = JSON.createObjectNode()
                .put("id", kept.id().toString())
                .put("name", kept.name())
                .put("changed", kept.changedAt().toString());
        drawings.findById(kept.id())
                .ifPresent(drawing -> element.putObject(DRAWING)
                        .put("width", drawing.width())
                        .put("height", drawing.height())
                        .put("jpeg", Base64.getEncoder().encodeToString(drawing.jpeg())));
        List<Seam> all = seams.findByAssemblyOrderByPlace(kept.id());
        Map<UUID, List<SeamEventRow>> happened =
                events.findBySeamInOrderByPlace(all.stream().map(Seam::id).toList()).stream()
                        .collect(Collectors.groupingBy(SeamEventRow::seam));
        ArrayNode list = element.putArray("seams");
        all.forEach(seam -> list.add(element(seam, happened.getOrDefault(seam.id(), List.of()))));
        return element;
    }

    private static ObjectNode element(Seam seam, List<SeamEventRow> happened) {
        SeamText text = seam.text();
        ObjectNode element = JSON.createObjectNode()
                .put("id", seam.id().toString())
                .put("number", text.number())
                .put("location", text.location())
                .put("job", text.job().map(UUID::toString).orElse(null))
                .put("procedure", text.procedure())
                .put("hold", text.hold())
                .put("x", seam.x())
                .put("y", seam.y());
        ArrayNode list = element.putArray("events");
        happened.forEach(row -> list.addObject()
                .put("kind", row.event().kind().name())
                .put("day", row.event().day())
                .put("by", row.event().by())
                .put("method", row.event().method().name())
                .put("accepted", row.event().accepted())
                .put("cause", row.event().cause())
                .put("run", row.run().map(UUID::toString).orElse(null))
                .put("machine", row.machine()));
        return element;
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        List<SeamWithEvents> all = new ArrayList<>();
        int place = 0;
        for (JsonNode seam : element.path("seams")) {
            place++;
            all.add(seam(id, place, seam, known));
        }
        return new AssemblyItem(
                this,
                new Assembly(
                        id,
                        element.path("name").asString(),
                        Instant.parse(element.path("changed").asString())),
                drawing(id, element.path(DRAWING)),
                all,
                element);
    }

    private static SeamWithEvents seam(UUID assembly, int place, JsonNode element, ArchiveIds known) {
        UUID id = known.fresh("seams of assemblies", element);
        Seam seam = new Seam(
                id,
                assembly,
                place,
                new SeamText(
                        element.path("number").asString(),
                        element.path("location").asString(),
                        known.pointedIfAny(ArchiveIds.JOBS, element, "job"),
                        element.path("procedure").asString(),
                        element.path("hold").asString()));
        seam.mark(share(element.path("x")), share(element.path("y")));
        List<SeamEventRow> rows = new ArrayList<>();
        for (JsonNode event : element.path("events")) {
            rows.add(new SeamEventRow(
                    id,
                    rows.size() + 1,
                    new SeamEntry(
                            event(event),
                            known.pointedIfAny(ArchiveIds.RUNS, event, "run"),
                            event.path("machine").asString())));
        }
        seam.stand(rows);
        return new SeamWithEvents(seam, rows);
    }

    private static @Nullable Double share(JsonNode node) {
        return node.isNumber() ? node.doubleValue() : null;
    }

    private static SeamEvent event(JsonNode event) {
        return new SeamEvent(
                SeamEventKind.valueOf(event.path("kind").asString()),
                event.path("day").asString(),
                event.path("by").asString(),
                Examination.valueOf(event.path("method").asString()),
                event.path("accepted").booleanValue(),
                event.path("cause").asString());
    }

    private static Optional<AssemblyDrawing> drawing(UUID assembly, JsonNode element) {
        if (!element.isObject()) {
            return Optional.empty();
        }
        byte[] jpeg = Base64.getDecoder().decode(element.path("jpeg").asString());
        if (!Pictures.isSmallJpeg(jpeg)) {
            throw new IllegalArgumentException("its drawing is no picture as this program keeps them");
        }
        return Optional.of(new AssemblyDrawing(
                assembly,
                jpeg,
                element.path("width").asInt(),
                element.path("height").asInt()));
    }

    private record SeamWithEvents(Seam seam, List<SeamEventRow> events) {}

    private record AssemblyItem(
            AssemblySection section,
            Assembly brought,
            Optional<AssemblyDrawing> drawing,
            List<SeamWithEvents> seams,
            JsonNode element)
            implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return section.assemblies
                    .findById(brought.id())
                    .map(kept -> section.element(kept).equals(element)
                            ? Optional.<String>empty()
                            : Optional.of("assembly “" + brought.name() + "” is replaced"))
                    .orElseGet(() -> Optional.of("assembly “" + brought.name() + "” comes in"));
        }

        @Override
        public void take() {
            section.assemblies.deleteById(brought.id());
            section.assemblies.flush();
            section.assemblies.saveAndFlush(brought);
            drawing.ifPresent(section.drawings::save);
            seams.forEach(one -> section.seams.save(one.seam()));
            section.seams.flush();
            seams.forEach(one -> section.events.saveAll(one.events()));
        }
    }
}
