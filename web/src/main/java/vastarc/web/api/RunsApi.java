package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.record.weldlog.ArcShape;
import vastarc.core.record.weldlog.DetectedPulse;
import vastarc.core.record.weldlog.Deviation;
import vastarc.core.record.weldlog.DeviationRules;
import vastarc.core.record.weldlog.HeatInput;
import vastarc.core.record.weldlog.RecordedArc;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunAnalysis;
import vastarc.core.record.weldlog.RunAnalysis.ArcPart;
import vastarc.core.record.weldlog.RunPlan;
import vastarc.web.format.CoreJson;
import vastarc.web.request.JsonFields;
import vastarc.web.request.JsonInputs;
import vastarc.web.request.RecordingReader;

/** What meters read of a run: arcs, slopes, pulse, and what differs from the sheet. */
@RestController
@Tag(name = "runs", description = "Runs as welded and as read by meters")
class RunsApi {

    private static final String EXAMPLE = """
            {"samples":[{"s":0,"a":0},{"s":0.5,"a":0},{"s":1,"a":62},{"s":1.5,"a":61},{"s":2,"a":62},{"s":2.5,"a":0}],"seamMm":3,\
            "sheet":{"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[2]}}""";
    private static final String SEAM = "seamMm";
    private static final String SHEET = "sheet";
    private static final InputRange LENGTH = new InputRange(SEAM, 0.5, 100_000, Unit.MILLIMETRE);

    /** Slopes of the longest arc, s. */
    record Slopes(double upS, double downS) {}

    /** A run read; {@code travelMmPerMin} is seam over arc time, slopes included. */
    record RunAnswer(
            List<RecordedArc> arcs,
            double arcS,
            @Nullable Double travelMmPerMin,
            Slopes slopes,
            @Nullable DetectedPulse pulse,
            double workingA,
            List<ArcPart> parts,
            @Nullable HeatInput heatInputKjPerMm,
            @Nullable Double gasL,
            List<Deviation> deviations) {}

    private record RunsCall(Recording trace, OptionalDouble seamMm, Optional<RunPlan> plan) {}

    @Operation(
            summary = "Arcs, slopes and pulse in readings of meters",
            description =
                    "samples: in order of time, s and any of a (A), v (V), lPerMin (gas), ppm (oxygen), c (°C); seamMm: length welded; sheet: "
                            + "a sheet request with control logic, against which deviations are listed. Without it only what a sound weld needs is checked. An arc "
                            + "burns where the current is above half the least the tungsten holds (1 A without a sheet) for 0.2 s.")
    @TakesJson(example = EXAMPLE, answers = RunAnswer.class, says = "What they say")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/runs/analyse", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> analyse(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.longBody(request, EXAMPLE)
                .then(RunsApi::request)
                .map(asked -> CoreJson.answers().valueToTree(answer(asked))));
    }

    private static Outcome<RunsCall> request(JsonNode body) {
        JsonFields fields = JsonFields.of(body, RecordingReader.SAMPLES, SEAM, SHEET);
        List<Problem> problems = new ArrayList<>(fields.problems());
        Outcome<Recording> recording = RecordingReader.read(body);
        problems.addAll(recording.problems());
        OptionalDouble seam =
                body.hasNonNull(SEAM) ? JsonInputs.number(body.get(SEAM), LENGTH, problems) : OptionalDouble.empty();
        Outcome<Optional<RunPlan>> plan = plan(body);
        problems.addAll(plan.problems());
        return problems.isEmpty()
                ? Outcome.of(new RunsCall(
                        recording.value().orElseThrow(), seam, plan.value().orElseThrow()))
                : Outcome.failed(problems);
    }

    private static Outcome<Optional<RunPlan>> plan(JsonNode body) {
        if (!body.hasNonNull(SHEET)) {
            return Outcome.of(Optional.empty());
        }
        return JsonPlan.within(
                body, SHEET, read -> read.score(ShopDefaults.usual()).map(cycle -> Optional.of(RunPlan.of(cycle))));
    }

    private static RunAnswer answer(RunsCall asked) {
        RunAnalysis seen = RunAnalysis.of(asked.trace(), asked.seamMm(), asked.plan());
        Optional<ArcShape> shape = seen.shape();
        return new RunAnswer(
                seen.arcs(),
                seen.arcS(),
                boxed(seen.travel()),
                new Slopes(
                        shape.map(ArcShape::upS).orElse(0.0),
                        shape.map(ArcShape::downS).orElse(0.0)),
                shape.flatMap(ArcShape::pulse).orElse(null),
                shape.map(ArcShape::workingA).orElse(0.0),
                seen.parts(),
                seen.heat().orElse(null),
                boxed(seen.gasL()),
                DeviationRules.of(asked.trace(), seen, asked.seamMm(), asked.plan()));
    }

    private static @Nullable Double boxed(OptionalDouble figure) {
        return figure.isPresent() ? Double.valueOf(figure.getAsDouble()) : null;
    }
}
