package vastarc.web.api;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.sheet.Alternative;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.base.validation.Problem.ProblemKind;
import vastarc.web.request.JsonObjects;

/** What every call does alike: reads a JSON object of bounded size, answers JSON or problem details. */
final class Calls {

    private static final int MAX_BODY_BYTES = 64 * 1024;

    /** Readings of an hour. */
    private static final int MAX_LONG_BYTES = 12 * 1024 * 1024;

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
        return JsonObjects.read(body, example);
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
