package vastarc.web.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Weld;
import vastarc.core.joint.WeldFields;
import vastarc.core.plan.WeldPlan;
import vastarc.core.score.Score;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;
import vastarc.web.request.JsonInputs;
import vastarc.web.request.OwnReader;

/**
 * A joint, own values and a control logic as sent in a call. Unlike a page, a call refuses what cannot stand.
 *
 * @param weld joint and practice
 * @param own  own values and control logic
 */
record JsonPlan(Weld weld, OwnReader.Own own) {

    /**
     * Reads the object of a call.
     *
     * @param others names the call takes besides the joint's and {@code own}
     */
    static Outcome<JsonPlan> read(JsonNode body, Set<String> others) {
        Set<String> known = new TreeSet<>(others);
        known.add(OwnReader.OWN);
        Outcome<Weld> weld = WeldFields.read(new JsonInputs(body, known));
        OwnReader.Own own = OwnReader.read(body);
        List<Problem> problems = new ArrayList<>(weld.problems());
        problems.addAll(own.problems());
        return weld.value().isPresent() && problems.isEmpty()
                ? Outcome.of(new JsonPlan(weld.value().get(), own))
                : Outcome.failed(problems);
    }

    private WeldPlan plan(ShopWays ways) {
        return WeldPlan.of(new WeldPlan.Ask(weld, ways, own.settings(), own.choices(), Optional.empty()));
    }

    Outcome<Sheet> sheet(ShopWays ways) {
        return plan(ways).sheet().then(JsonPlan::standing);
    }

    Outcome<Score> score(ShopWays ways) {
        WeldPlan plan = plan(ways);
        return plan.sheet()
                .then(JsonPlan::standing)
                .then(sheet -> plan.score())
                .then(score -> score.problems().isEmpty() ? Outcome.of(score) : Outcome.failed(score.problems()));
    }

    private static Outcome<Sheet> standing(Sheet sheet) {
        return sheet.ownProblems().isEmpty() ? Outcome.of(sheet) : Outcome.failed(sheet.ownProblems());
    }
}
