package vastarc.web.api;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import tools.jackson.core.JacksonException;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.advice.sheet.Alternative;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.base.validation.Problem.ProblemKind;

/** What every call does alike: reads a JSON object of bounded size, answers JSON or problem details. */
final class Calls {

    private static final int MAX_BODY_BYTES = 64 * 1024;

    /** Readings of an hour. */
    private static final int MAX_LONG_BYTES = 12 * 1024 * 1024;

    /** NaN and infinity are read as numbers, so that the answer can name the field instead of a place in the text. */
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
            .build();

    private Calls() {}

    /** The object sent, or what is wrong with it. */
    static Outcome<JsonNode> body(HttpServletRequest request, String example) throws IOException {
        return body(request, example, MAX_BODY_BYTES);
    }

    /** As {@link #body}, where it holds the readings of a run. */
    static Outcome<JsonNode> longBody(HttpServletRequest request, String example) throws IOException {
        return body(request, example, MAX_LONG_BYTES);
    }

    private static Outcome<JsonNode> body(HttpServletRequest request, String example, int most) throws IOException {
        byte[] body = read(request, most);
        if (body.length > most) {
            return Outcome.failed(Problem.badValue("body", "textTooLong", "more than " + most, most));
        }
        return json(body, example);
    }

    /** The object that some bytes are, or what is wrong with it. */
    static Outcome<JsonNode> json(byte[] body, String example) {
        try {
            JsonNode node = JSON.readTree(body);
            return node.isObject()
                    ? Outcome.of(node)
                    : Outcome.failed(Problem.badValue("body", "json", "it is not an object", example));
        } catch (JacksonException e) {
            String place = e.getLocation() == null
                    ? "it is broken"
                    : "broken at line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr();
            return Outcome.failed(Problem.badValue("body", "json", place, example));
        }
    }

    private static byte[] read(HttpServletRequest request, int most) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return in.readNBytes(most + 1);
        }
    }

    /** The value as JSON, or a refusal. */
    static ResponseEntity<Object> answer(Outcome<?> outcome) {
        return outcome.value()
                .<ResponseEntity<Object>>map(value -> ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_JSON)
                        .body(value))
                .orElseGet(() -> refusal(outcome.problems()));
    }

    /** The value as JSON, or a refusal with the ways out of it. */
    static ResponseEntity<Object> answer(Outcome<?> outcome, Supplier<List<Alternative>> ways) {
        return outcome.value().isPresent() ? answer(outcome) : refusal(outcome.problems(), ways.get());
    }

    static ResponseEntity<Object> refusal(List<Problem> problems) {
        return refusal(problems, List.of());
    }

    /** 422 where everything is understood and out of scope, 400 where anything is bad. */
    private static ResponseEntity<Object> refusal(List<Problem> problems, List<Alternative> alternatives) {
        boolean outOfScope = problems.stream().allMatch(problem -> problem.kind() == ProblemKind.OUT_OF_SCOPE);
        ProblemDetail detail = ProblemResponses.detail(outOfScope ? 422 : 400, problems);
        if (!alternatives.isEmpty()) {
            detail.setProperty(
                    "ways", alternatives.stream().map(ProblemAnswer.WayOut::of).toList());
        }
        return ResponseEntity.status(detail.getStatus())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }
}
