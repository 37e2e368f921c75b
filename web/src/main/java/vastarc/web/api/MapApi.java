package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.MapRequest;
import vastarc.core.advice.map.MapRequest.AxisRange;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.map.WeldMap.MapPoint;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.map.WeldMap.ZoneEdge;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.parameters.MachineCalibration;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.record.diagnosis.AcceptanceChance;
import vastarc.core.record.diagnosis.AcceptanceChance.Chance;
import vastarc.core.record.diagnosis.RunsOnMap;
import vastarc.core.record.diagnosis.RunsOnMap.RunDot;
import vastarc.web.format.CoreJson;
import vastarc.web.request.JsonFields;
import vastarc.web.request.OwnValueReader;
import vastarc.web.service.MachineRuns;

/** Where a weld works: zones over current and one more input. */
@RestController
@Tag(name = "map", description = "Where a weld works")
class MapApi {

    private static final InputRange NX = new InputRange("nx", MapRequest.LEAST, MapRequest.MOST, Unit.NUMBER);
    private static final InputRange NY = new InputRange("ny", MapRequest.LEAST, MapRequest.MOST, Unit.NUMBER);
    private static final String X = "x";
    private static final String Y = "y";
    private static final String X_RANGE = "xRange";
    private static final String Y_RANGE = "yRange";
    private static final Set<String> FIELDS =
            Set.of(OwnValueReader.LOGIC, NamedMachine.FIELD, X, Y, NX.field(), NY.field(), X_RANGE, Y_RANGE);
    private static final String EXAMPLE = """
            {"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[2],"x":"CURRENT","y":"TRAVEL","nx":31,"ny":31,\
            "xRange":[30,100],"yRange":[60,200]}""";

    private final NamedMachine machine;
    private final MachineRuns shop;

    MapApi(NamedMachine machine, MachineRuns shop) {
        this.machine = machine;
        this.shop = shop;
    }

    /** What the call takes besides the fields of a sheet request, for the API description. */
    record MapCall(
            @Schema(description = "CURRENT, which it is unless given")
            MapAxis x,

            @Schema(description = "what the rows go over; TRAVEL unless given")
            MapAxis y,

            @Schema(description = "values of the current, 2 to 121; 61 unless given")
            Integer nx,

            @Schema(description = "rows, 2 to 121; 61 unless given")
            Integer ny,

            @Schema(description = "first and last current, A; around the sheet's unless given")
            List<Double> xRange,

            @Schema(description = "first and last value of the rows; around the sheet's unless given")
            List<Double> yRange,

            @Schema(description = "a machine of the shop by its name: its runs of like joints, and what they teach")
            String machine) {}

    /** An axis with its values. */
    record AxisJson(MapAxis name, String unit, List<Double> values) {}

    /** A zone: its criterion in words, its equation in the model, its source. */
    record ZoneJson(WeldZone code, String criterion, String equation, String source) {

        static ZoneJson of(WeldZone zone) {
            return new ZoneJson(
                    zone,
                    Phrasebook.say(Phrase.of(zone.words()), UnitSystem.METRIC),
                    "map (" + zone.equation() + ")",
                    zone.source());
        }
    }

    /** Highest currents, A; null without a machine: of the machine, and of the shop's strongest torch at the duty on its plate. */
    record LimitsJson(@Nullable Double machineA, @Nullable Double torchDutyA) {}

    /** Current of the machine over the calculated one: the mean, and where it lies with a chance. */
    record PosteriorJson(double factor, double low, double high, double credible, int runs, boolean drifted) {

        static PosteriorJson of(RunsOnMap runs) {
            MachineCalibration known = runs.known();
            return new PosteriorJson(
                    known.ratio(),
                    known.low(),
                    known.high(),
                    MachineCalibration.CREDIBLE,
                    known.runs(),
                    runs.drifted());
        }
    }

    /** Chance that a run at the sheet's setting is accepted, 0 to 1, where it lies with a chance of nine in ten, and the judged runs behind it. */
    record AcceptanceJson(double chance, double low, double high, int runs) {

        static AcceptanceJson of(AcceptanceChance known, Chance here) {
            return new AcceptanceJson(here.chance(), here.low(), here.high(), known.runs());
        }
    }

    /** The map; {@code zone} holds rows, {@code unsure} whether the simulation may put a cell on the other side of an edge. */
    record MapAnswer(
            AxisJson x,
            AxisJson y,
            List<List<WeldZone>> zone,
            List<List<Boolean>> unsure,
            List<ZoneEdge> edges,
            List<ZoneJson> zones,
            MapPoint point,
            @Nullable MapPoint mostForgiving,
            SettingTolerance tolerance,
            LimitsJson limits,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            List<RunDot> runs,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            PosteriorJson posterior,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            AcceptanceJson acceptance) {

        static MapAnswer of(SetupSheet sheet, WeldMap map, LimitsJson limits, Optional<RunsOnMap> runs) {
            return new MapAnswer(
                    new AxisJson(MapAxis.CURRENT, MapAxis.CURRENT.unit().symbol(), map.x()),
                    new AxisJson(map.axis(), map.axis().unit().symbol(), map.y()),
                    map.zones(),
                    IntStream.range(0, map.y().size())
                            .mapToObj(row -> IntStream.range(0, map.x().size())
                                    .mapToObj(column -> map.isUnsure(row, column))
                                    .toList())
                            .toList(),
                    map.edges(),
                    Arrays.stream(WeldZone.values()).map(ZoneJson::of).toList(),
                    map.point(),
                    MapPlanner.mostForgiving(sheet, map).orElse(null),
                    map.tolerance(),
                    limits,
                    runs.map(RunsOnMap::runs).orElse(null),
                    runs.map(PosteriorJson::of).orElse(null),
                    runs.flatMap(known -> known.chance()
                                    .map(chance -> AcceptanceJson.of(chance, known.chanceAt(sheet, map.point()))))
                            .orElse(null));
        }
    }

    @Operation(
            summary = "Where a weld works",
            description =
                    "Zones over current and travel, gap, thickness or pulse, the sheet's point on them, and how far it may slip. Takes the fields of a "
                            + "sheet request and: x CURRENT, y TRAVEL, GAP, THICKNESS, PULSE_ON_TIME or PULSE_BACKGROUND, nx, ny, xRange, yRange. "
                            + "zone[j][i] belongs to y.values[j] and x.values[i]; edges: by row, the least current of each zone or a hotter one, A. With a machine of the shop: its limits, its runs of like joints (over travel), the "
                            + "posterior of its current over the calculated one, and the chance that a run is accepted once enough were judged.")
    @TakesJson(example = EXAMPLE, body = "MapRequest", answers = MapAnswer.class, says = "The map")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/map", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> map(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, SheetApi.SMALLEST)
                .then(this::answer)
                .map(answer -> CoreJson.answers().valueToTree(answer)));
    }

    private Outcome<MapAnswer> answer(JsonNode body) {
        Outcome<Optional<String>> named = machine.of(body);
        Outcome<SetupSheet> sheet =
                JsonPlan.read(body, FIELDS).then(plan -> named.then(name -> plan.sheet(machine.defaults(name))));
        Outcome<MapRequest> asked = asked(JsonFields.within(body));
        List<Problem> problems = Stream.of(named.problems(), sheet.problems(), asked.problems())
                .flatMap(List::stream)
                .distinct()
                .toList();
        return problems.isEmpty()
                ? sheet.then(planned -> asked.then(wanted -> MapPlanner.of(planned, wanted))
                        .then(map -> named.map(name ->
                                MapAnswer.of(planned, map, limits(name), name.map(of -> shop.on(of, planned, map))))))
                : Outcome.failed(problems);
    }

    private LimitsJson limits(Optional<String> name) {
        return name.flatMap(shop::limits)
                .map(limits -> new LimitsJson(limits.machineA(), boxed(limits.torchA())))
                .orElseGet(() -> new LimitsJson(null, null));
    }

    private static @Nullable Double boxed(OptionalDouble figure) {
        return figure.isPresent() ? figure.getAsDouble() : null;
    }

    private static Outcome<MapRequest> asked(JsonFields fields) {
        MapAxis x = fields.choice(X, MapAxis.class, Optional.of(MapAxis.CURRENT));
        MapAxis y = fields.choice(Y, MapAxis.class, Optional.of(MapAxis.TRAVEL));
        int nx = (int) fields.number(NX, MapRequest.USUAL);
        int ny = (int) fields.number(NY, MapRequest.USUAL);
        List<Problem> problems = new ArrayList<>();
        Optional<AxisRange> xs = range(fields, X_RANGE, MapAxis.CURRENT, problems);
        Optional<AxisRange> ys = range(fields, Y_RANGE, y, problems);
        problems.addAll(0, fields.problems());
        if (x != MapAxis.CURRENT || y == MapAxis.CURRENT) {
            problems.add(Problem.badValue(x == MapAxis.CURRENT ? Y : X, "map.axis"));
        }
        return problems.isEmpty() ? Outcome.of(new MapRequest(y, nx, ny, xs, ys)) : Outcome.failed(problems);
    }

    private static Optional<AxisRange> range(JsonFields fields, String name, MapAxis axis, List<Problem> problems) {
        if (!fields.has(name)) {
            return Optional.empty();
        }
        List<Double> ends = fields.numbers(name, axis.range().inField(name), 2);
        if (fields.problems().isEmpty() && (ends.size() != 2 || ends.get(0) >= ends.get(1))) {
            problems.add(Problem.badValue(
                    name, "map.range", ends, axis.range().low(), axis.range().high()));
        }
        return ends.size() == 2 && ends.get(0) < ends.get(1)
                ? Optional.of(new AxisRange(ends.get(0), ends.get(1)))
                : Optional.empty();
    }
}
