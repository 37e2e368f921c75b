package vastarc.web.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Control;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Score;
import vastarc.core.score.ScorePlanner;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.sheet.ShopWays;
import vastarc.web.request.JobReader;
import vastarc.web.request.JsonFields;
import vastarc.web.request.OwnReader;
import vastarc.web.request.SheetInput;

/**
 * A joint, own values and a control logic as sent in a call. Unlike a page, a call refuses what cannot stand.
 *
 * @param input joint and practice
 * @param own   own values and control logic
 */
record JsonPlan(SheetInput input, OwnReader.Own own) {

    /**
     * Reads the object of a call.
     *
     * @param others names the call takes besides the joint's and {@code own}
     */
    static Outcome<JsonPlan> read(JsonNode body, Set<String> others) {
        JsonFields fields = new JsonFields(body, others);
        Outcome<SheetInput> input = JobReader.read(fields);
        OwnReader.Own own = OwnReader.read(new JsonFields(body, others));
        List<Problem> problems = new ArrayList<>(input.problems());
        own.problems().stream().filter(problem -> !problems.contains(problem)).forEach(problems::add);
        return input.value().isPresent() && problems.isEmpty()
                ? Outcome.of(new JsonPlan(input.value().get(), own))
                : Outcome.failed(problems);
    }

    Outcome<Sheet> sheet(ShopWays ways) {
        return SheetPlanner.plan(input.joint(), input.practice(), ways, own.settings())
                .then(JsonPlan::standing);
    }

    /** The score; a logic that belongs to another arc control than was sent decides the control. */
    Outcome<Score> score(ShopWays ways) {
        Control control = own.choices()
                .logic()
                .flatMap(ControlLogic::control)
                .orElse(input.practice().control());
        return SheetPlanner.plan(
                        input.joint(), input.practice().with(draft -> draft.control = control), ways, own.settings())
                .then(JsonPlan::standing)
                .map(sheet -> ScorePlanner.plan(sheet, own.choices()))
                .then(score -> score.problems().isEmpty() ? Outcome.of(score) : Outcome.failed(score.problems()));
    }

    private static Outcome<Sheet> standing(Sheet sheet) {
        return sheet.ownProblems().isEmpty() ? Outcome.of(sheet) : Outcome.failed(sheet.ownProblems());
    }
}
