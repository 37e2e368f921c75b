package vastarc.web.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.joint.Weld;
import vastarc.core.joint.WeldFields;
import vastarc.core.plan.WeldPlan;
import vastarc.core.quantity.Unit;
import vastarc.core.score.Score;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;
import vastarc.core.sheet.Way;
import vastarc.web.request.JsonInputs;
import vastarc.web.request.OwnReader;

/**
 * A joint, own values and a control logic as sent in a call. Unlike a page, a call refuses what cannot stand.
 *
 * @param weld joint and practice
 * @param own  own values and control logic
 * @param pass the pass it asks for, from 1
 */
record JsonPlan(Weld weld, OwnReader.Own own, int pass) {

    private static final String PASS = "pass";
    private static final Range PASSES = new Range(PASS, 1, 99, Unit.NUMBER);

    /**
     * Reads the object of a call.
     *
     * @param others names the call takes besides the joint's and {@code own}
     */
    static Outcome<JsonPlan> read(JsonNode body, Set<String> others) {
        Set<String> known = new TreeSet<>(others);
        known.add(OwnReader.OWN);
        known.add(PASS);
        Outcome<Weld> weld = WeldFields.read(new JsonInputs(body, known));
        OwnReader.Own own = OwnReader.read(body);
        List<Problem> problems = new ArrayList<>(weld.problems());
        problems.addAll(own.problems());
        OptionalDouble pass =
                body.hasNonNull(PASS) ? JsonInputs.number(body.get(PASS), PASSES, problems) : OptionalDouble.of(1);
        return weld.value().isPresent() && problems.isEmpty()
                ? Outcome.of(new JsonPlan(weld.value().get(), own, (int) pass.orElse(1)))
                : Outcome.failed(problems);
    }

    /**
     * What is made of a sheet request that stands within a call, with control logic. What is wrong in it is told under the whole name,
     * {@code sheet.thicknessMm}.
     */
    static <T> Outcome<T> within(JsonNode body, String field, Function<JsonPlan, Outcome<T>> made) {
        JsonNode sheet = body.path(field);
        if (!sheet.isObject()) {
            return Outcome.failed(
                    body.hasNonNull(field)
                            ? Problem.badValue(field, "type", "no object", "a sheet request")
                            : Problem.badValue(field, "missing", "a sheet request"));
        }
        Outcome<T> outcome = read(sheet, Set.of(OwnReader.LOGIC)).then(made);
        return outcome.value().isPresent()
                ? outcome
                : Outcome.failed(outcome.problems().stream()
                        .map(problem -> problem.inField(field + "." + problem.field()))
                        .toList());
    }

    private WeldPlan plan(ShopWays ways) {
        return WeldPlan.of(ask(ways));
    }

    /** What it is planned from. */
    WeldPlan.Ask ask(ShopWays ways) {
        return new WeldPlan.Ask(weld, ways, own.settings(), own.choices(), Optional.empty(), pass);
    }

    Outcome<Sheet> sheet(ShopWays ways) {
        return plan(ways).sheet().then(JsonPlan::standing);
    }

    /** The weld, whose sheet there is with every own value standing; or why not. */
    Outcome<WeldPlan> standing(ShopWays ways) {
        WeldPlan plan = plan(ways);
        return plan.sheet().then(JsonPlan::standing).map(sheet -> plan);
    }

    Outcome<Score> score(ShopWays ways) {
        return standing(ways)
                .then(WeldPlan::score)
                .then(score -> score.problems().isEmpty() ? Outcome.of(score) : Outcome.failed(score.problems()));
    }

    /** The nearest ways where it has no sheet. */
    List<Way> waysOut(ShopWays ways) {
        return plan(ways).ways();
    }

    private static Outcome<Sheet> standing(Sheet sheet) {
        return sheet.ownProblems().isEmpty() ? Outcome.of(sheet) : Outcome.failed(sheet.ownProblems());
    }
}
