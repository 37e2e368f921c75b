package vastarc.web.api;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.http.ProblemDetail;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;

/** RFC 9457 problem details for core problems. */
final class ProblemResponses {

    private ProblemResponses() {}

    static ProblemDetail detail(int status, List<Problem> problems) {
        ProblemDetail detail = ProblemDetail.forStatus(status);
        detail.setTitle(status == 422 ? "Out of scope" : "Input that cannot be used");
        detail.setDetail(problems.stream()
                .map(problem -> problem.field() + ": " + problem.message(UnitSystem.METRIC))
                .collect(Collectors.joining(" ")));
        detail.setProperty(
                "errors", problems.stream().map(ProblemResponses::error).toList());
        return detail;
    }

    private static Map<String, String> error(Problem problem) {
        return Map.of(
                "field", problem.field(),
                "wrong", Phrasebook.say(problem.wrong(), UnitSystem.METRIC),
                "works", Phrasebook.say(problem.remedy(), UnitSystem.METRIC));
    }
}
