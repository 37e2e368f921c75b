package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.cycle.CyclePlanner;
import vastarc.core.advice.cycle.CycleSamples;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.advice.cycle.OperatorInput;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.format.CycleCsv;
import vastarc.web.request.JsonInputs;
import vastarc.web.request.OperatorInputReader;
import vastarc.web.request.OwnValueReader;

/** From a joint and a control logic to the weld in time, as JSON or as samples. */
@RestController
@Tag(name = "score", description = "The weld in time")
class CycleApi {

    private static final String STEP = "stepS";
    private static final double USUAL_STEP_S = 0.1;
    private static final Set<String> FIELDS =
            Set.of(OwnValueReader.LOGIC, OperatorInputReader.TOUCHES, OperatorInputReader.TORCH_AWAY, STEP);
    private static final String EXAMPLE = """
            {"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[2],"logic":"TRIGGER_4T","own":{"downSlope":3,"seamMm":80}}""";

    /** A weld cycle, the touches to play on it, and when the torch went away. */
    private record CycleCall(
            WeldCycle score, Optional<List<OperatorInput>> touches, OptionalDouble awayS, double stepS) {

        /** After the last touch there is time for the slopes and the gas, and no more. */
        double untilS() {
            double last = touches.flatMap(
                            all -> all.stream().map(OperatorInput::atS).max(Double::compare))
                    .orElse(0.0);
            return last + 300;
        }

        CycleTimeline timeline() {
            return touches.map(played -> CyclePlanner.played(score, played, untilS()))
                    .orElse(score.timeline());
        }
    }

    @Operation(
            summary = "The weld in time",
            description =
                    "Phases, breakpoints and integrals of a sheet under a control logic. Takes the fields of a sheet request, and: "
                            + "logic, own, touches, awayS. Touches that are sent are played instead of the plan's and reviewed against it.")
    @TakesJson(example = EXAMPLE, body = "ScoreRequest", answers = CycleAnswer.class, says = "The score")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/score", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> score(HttpServletRequest request) throws IOException {
        return Calls.answer(request(request)
                .map(asked -> CycleAnswer.of(asked.score(), asked.touches(), asked.untilS(), asked.awayS())));
    }

    @Operation(
            summary = "Samples of the weld in time, as CSV",
            description = "Columns t_s, state, current_a, gas (1 or 0). Takes what the score call takes, and stepS.")
    @TakesJson(example = EXAMPLE, body = "ScoreRequest")
    @ApiResponse(
            responseCode = "200",
            description = "The samples",
            content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
    @RefusesBadInput
    @PostMapping(path = "/api/v1/score/samples", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> samples(HttpServletRequest request) throws IOException {
        Outcome<String> csv = request(request).then(asked -> {
            CycleTimeline timeline = asked.timeline();
            Optional<Problem> problem = CycleSamples.problem(timeline, asked.stepS());
            return problem.<Outcome<String>>map(Outcome::failed)
                    .orElseGet(() -> Outcome.of(CycleCsv.of(timeline, asked.stepS())));
        });
        return csv.value()
                .<ResponseEntity<Object>>map(
                        text -> ResponseEntity.ok().contentType(CycleCsv.TYPE).body(text))
                .orElseGet(() -> Calls.refusal(csv.problems()));
    }

    /** What is asked, or every field of it that is bad. */
    private static Outcome<CycleCall> request(HttpServletRequest request) throws IOException {
        return Calls.body(request, SheetApi.SMALLEST).then(body -> {
            Outcome<WeldCycle> cycle = JsonPlan.read(body, FIELDS).then(plan -> plan.score(ShopDefaults.usual()));
            Outcome<Double> step = step(body);
            Outcome<Optional<List<OperatorInput>>> inputs = OperatorInputReader.read(body);
            Outcome<OptionalDouble> away = OperatorInputReader.torchAway(body);
            List<Problem> problems = Stream.of(cycle, step, inputs, away)
                    .flatMap(part -> part.problems().stream())
                    .toList();
            return problems.isEmpty()
                    ? Outcome.of(new CycleCall(
                            cycle.value().orElseThrow(),
                            inputs.value().orElseThrow(),
                            away.value().orElseThrow(),
                            step.value().orElseThrow()))
                    : Outcome.failed(problems);
        });
    }

    private static Outcome<Double> step(JsonNode body) {
        JsonNode step = body.get(STEP);
        if (step == null || step.isNull()) {
            return Outcome.of(USUAL_STEP_S);
        }
        OptionalDouble seconds = JsonInputs.finite(step);
        return seconds.isPresent()
                ? Outcome.of(seconds.getAsDouble())
                : Outcome.failed(Problem.badValue(STEP, "type", "no number", "a number in s, such as 0.1"));
    }
}
