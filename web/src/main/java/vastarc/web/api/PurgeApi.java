package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.LeakFit;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.Purge;
import vastarc.core.physics.purge.Purge.OxygenPoint;
import vastarc.core.physics.purge.PurgeHold;
import vastarc.core.physics.purge.PurgePart;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;
import vastarc.core.physics.purge.PurgeSetup;
import vastarc.core.physics.purge.RootPressure;
import vastarc.web.format.CoreJson;
import vastarc.web.request.JsonFields;
import vastarc.web.request.PurgeReader;

/** Argon behind the joint: the wait, the hold, the root; and a leak found from a meter's readings. */
@RestController
@Tag(name = "purge", description = "Argon behind the joint")
class PurgeApi {

    private static final String EXAMPLE = """
            {"parts":[{"kind":"STRAIGHT","lengthMm":200,"boreMm":50}],"flowLPerMin":6.25,"leakLPerMin":0,"argonPpm":5,"targetPpm":50,\
            "inlet":"LOW","vent":{"at":"HIGH","diameterMm":4,"count":1},"hose":{"lengthM":0,"boreMm":6},\
            "root":{"material":"STAINLESS_304L","thicknessMm":1.65,"backWidthMm":3.42,"position":"PA"}}""";
    private static final String LEAK_EXAMPLE =
            "{\"volumeL\":1,\"flowLPerMin\":8,\"argonPpm\":5,\"readings\":[{\"s\":0,\"ppm\":209500},{\"s\":10,\"ppm\":55000}]}";
    private static final int MOST_READINGS = 1000;
    private static final InputRange VOLUME = new InputRange("volumeL", 0.001, 100_000, Unit.LITRE);
    private static final InputRange SECONDS = new InputRange("s", 0, 1e6, Unit.SECOND);
    private static final InputRange PPM = new InputRange("ppm", 0.01, 1e6, Unit.NUMBER);

    /** The target by both methods. */
    record TargetTimes(@Nullable Double mixedS, @Nullable Double blendS) {}

    /**
     * A purge calculated. Times are null where the target is never reached, displacement where it is not claimed, the balancing vent where
     * the weld does not stand on top.
     */
    record PurgeAnswer(
            double volumeL,
            @Nullable Double mixedS,
            @Nullable Double readyS,
            @Nullable Double displacementS,
            @Nullable Double blendS,
            @Nullable Double volumeChanges,
            @Nullable Double argonL,
            double floorPpm,
            boolean reachable,
            List<OxygenPoint> curve,
            double ventPa,
            double headPa,
            double rootLimitPa,
            double bulgeMm,
            @Nullable Double balanceVentMm,
            String verdict,
            PurgeHold holdFlowLPerMin,
            double closingFlowLPerMin,
            TargetTimes ready,
            List<String> problems) {}

    /** A leak found. */
    record LeakAnswer(
            double leakLPerMin, double low, double high, double timeConstantS, boolean settled, String verdict) {}

    @Operation(
            summary = "The wait, the hold and the root of a back-purge",
            description =
                    "Parts stand between the dams: STRAIGHT lengthMm boreMm; BEND angleDeg radiusMm boreMm; REDUCER lengthMm boreMm toBoreMm; TEE "
                            + "lengthMm boreMm branchLengthMm branchBoreMm; BOX lengthMm widthMm heightMm; PLUG gapMm lengthMm boreMm; TROUGH lengthMm "
                            + "widthMm depthMm. Oxygen in ppm by volume, pressures in Pa, bulge outward. Ready is what a meter says; without one "
                            + "readyS, the longest of mixedS, ten fillings and two minutes (titanium three).")
    @TakesJson(example = EXAMPLE, answers = PurgeAnswer.class, says = "The purge")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/purge", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> purge(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, EXAMPLE)
                .then(PurgeApi::ask)
                .map(ask -> CoreJson.answers().valueToTree(answer(PurgePlan.of(ask)))));
    }

    private static Outcome<PurgeRequest> ask(JsonNode body) {
        JsonFields fields = JsonFields.of(
                body,
                "parts",
                PurgePlan.FLOW.field(),
                PurgePlan.LEAK.field(),
                PurgePlan.ARGON.field(),
                PurgePlan.TARGET.field(),
                "inlet",
                "vent",
                "hose",
                "root");
        JsonFields vent = fields.object("vent", "at", PurgePlan.VENT.field(), PurgePlan.VENTS.field());
        JsonFields hose = fields.object("hose", PurgePlan.HOSE_LENGTH.field(), PurgePlan.HOSE_BORE.field());
        PurgeRequest request = new PurgeRequest(
                parts(fields),
                fields.number(PurgePlan.FLOW),
                fields.number(PurgePlan.LEAK, 0),
                fields.number(PurgePlan.ARGON, PurgeSetup.USUAL_ARGON_PPM),
                fields.number(PurgePlan.TARGET),
                fields.choice("inlet", GasPort.class, Optional.of(GasPort.LOW)),
                vent.choice("at", GasPort.class, Optional.of(GasPort.HIGH)),
                new RootPressure.Vent(vent.number(PurgePlan.VENT), (int) vent.number(PurgePlan.VENTS, 1)),
                Purge.hoseL(
                        hose.number(PurgePlan.HOSE_LENGTH, 0),
                        hose.number(PurgePlan.HOSE_BORE, PurgeSetup.USUAL_HOSE_BORE_MM)),
                root(fields.object("root", "material", "thicknessMm", "backWidthMm", "position")),
                PurgeHold.USUAL_SHARE);
        return fields.problems().isEmpty() ? Outcome.of(request) : Outcome.failed(fields.problems());
    }

    private static List<PurgePart> parts(JsonFields fields) {
        List<PurgePart> parts = new ArrayList<>();
        for (JsonFields element : fields.list("parts", PurgePlan.MOST_PARTS, "purge.parts")) {
            PurgePartKind kind = element.choice("kind", PurgePartKind.class, Optional.empty());
            Map<String, Double> figures = new LinkedHashMap<>();
            kind.fields().forEach(field -> figures.put(field.field(), element.number(field)));
            element.taking(
                    Stream.concat(Stream.of("kind"), figures.keySet().stream()).toArray(String[]::new));
            parts.add(new PurgePart(kind, figures));
        }
        return parts;
    }

    private static RootPressure root(JsonFields root) {
        return new RootPressure(
                root.choice("material", Material.class, Optional.empty()),
                root.number(PurgePlan.THICKNESS),
                root.number(PurgePlan.BACK_WIDTH),
                root.choice("position", Position.class, Optional.of(Position.PA)));
    }

    private static PurgeAnswer answer(PurgePlan plan) {
        Purge purge = plan.purge();
        Optional<Double> blend = purge.blendS();
        OptionalDouble balance = plan.balanceVentMm();
        return new PurgeAnswer(
                purge.volumeL(),
                purge.mixedS().orElse(null),
                plan.waitS().orElse(null),
                purge.displacementS().orElse(null),
                blend.orElse(null),
                blend.map(purge::changes).orElse(null),
                blend.map(purge::argonL).orElse(null),
                purge.floorPpm(),
                purge.isReachable(),
                purge.curve(),
                plan.ventPa(),
                plan.ask().root().headPa(),
                plan.ask().root().limitPa(),
                plan.bulgeMm(),
                balance.isPresent() ? (Double) balance.getAsDouble() : null,
                plan.verdict().name(),
                plan.hold(),
                plan.closingLPerMin(),
                new TargetTimes(purge.mixedS().orElse(null), blend.orElse(null)),
                plan.problems().stream()
                        .map(problem -> PurgeReader.sentence(problem, UnitSystem.METRIC))
                        .toList());
    }

    @Operation(
            summary = "The leak behind a meter's readings",
            description =
                    "At least five readings of oxygen in order of time; the bounds hold the leak nineteen times in twenty.")
    @TakesJson(example = LEAK_EXAMPLE, answers = LeakAnswer.class, says = "The leak")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/purge/leak", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> leak(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, LEAK_EXAMPLE)
                .then(PurgeApi::fitted)
                .map(answer -> CoreJson.answers().valueToTree(answer)));
    }

    private static Outcome<LeakAnswer> fitted(JsonNode body) {
        JsonFields fields =
                JsonFields.of(body, VOLUME.field(), PurgePlan.FLOW.field(), PurgePlan.ARGON.field(), "readings");
        double volume = fields.number(VOLUME);
        double flow = fields.number(PurgePlan.FLOW);
        double argon = fields.number(PurgePlan.ARGON, PurgeSetup.USUAL_ARGON_PPM);
        List<OxygenReading> readings = fields.list("readings", MOST_READINGS, "purge.tooMany").stream()
                .map(element -> element.taking(SECONDS.field(), PPM.field()))
                .map(element -> new OxygenReading(element.number(SECONDS), element.number(PPM)))
                .toList();
        List<Problem> problems = new ArrayList<>(fields.problems());
        if (problems.isEmpty()) {
            unusable(readings).ifPresent(problems::add);
        }
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        LeakFit fit = LeakFit.of(volume, flow, argon, readings);
        return Outcome.of(new LeakAnswer(
                fit.leakLPerMin(),
                fit.low(),
                fit.high(),
                fit.timeConstantS(),
                fit.settled(),
                fit.verdict().name()));
    }

    private static Optional<Problem> unusable(List<OxygenReading> readings) {
        if (readings.size() < LeakFit.FEWEST) {
            return Optional.of(refused("there are " + readings.size()));
        }
        for (int i = 1; i < readings.size(); i++) {
            if (readings.get(i).s() <= readings.get(i - 1).s()) {
                return Optional.of(refused("number " + (i + 1) + " does not come after the one before it"));
            }
        }
        return Optional.empty();
    }

    private static Problem refused(String why) {
        return Problem.badValue("readings", "purge.readings", why, LeakFit.FEWEST, MOST_READINGS);
    }
}
