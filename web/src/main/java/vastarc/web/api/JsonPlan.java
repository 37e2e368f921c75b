package vastarc.web.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.Alternative;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.Weld;
import vastarc.core.input.WeldFields;
import vastarc.core.physics.purge.PurgeSetup;
import vastarc.web.request.JsonInputs;
import vastarc.web.request.OwnValueReader;
import vastarc.web.request.OwnValueReader.OwnInput;

/**
 * A joint, own values and a control logic as sent in a call. Unlike a page, a call refuses what cannot stand.
 *
 * @param weld joint and practice
 * @param own  own values and control logic
 * @param pass the pass it asks for, from 1
 */
record JsonPlan(Weld weld, OwnInput own, int pass) {

    private static final String PASS = "pass";
    private static final InputRange PASSES = new InputRange(PASS, 1, 99, Unit.NUMBER);

    /**
     * Reads the object of a call.
     *
     * @param others names the call takes besides the joint's and {@code own}
     */
    static Outcome<JsonPlan> read(JsonNode body, Set<String> others) {
        Set<String> known = new TreeSet<>(others);
        known.add(OwnValueReader.OWN);
        known.add(PASS);
        Outcome<Weld> weld = WeldFields.read(new JsonInputs(body, known));
        OwnInput own = OwnValueReader.read(body);
        List<Problem> problems = new ArrayList<>(weld.problems());
        problems.addAll(own.problems());
        OptionalDouble pass =
                body.hasNonNull(PASS) ? JsonInputs.number(body.get(PASS), PASSES, problems) : OptionalDouble.of(1);
        return weld.value().isPresent() && problems.isEmpty()
                ? Outcome.of(new JsonPlan(weld.value().get(), own, (int) pass.orElse(1)))
                : Outcome.failed(problems);
    }

    /**
     * What is made of a sheet request inside a call, with control logic. What is wrong in it is given under the whole name,
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
        Outcome<T> outcome = read(sheet, Set.of(OwnValueReader.LOGIC)).then(made);
        return outcome.value().isPresent()
                ? outcome
                : Outcome.failed(outcome.problems().stream()
                        .map(problem -> problem.inField(field + "." + problem.field()))
                        .toList());
    }

    private WeldPlan plan(ShopDefaults shop) {
        return WeldPlan.of(ask(shop));
    }

    /** What it is planned from. */
    PlanRequest ask(ShopDefaults shop) {
        return new PlanRequest(weld, shop, own.settings(), PurgeSetup.usual(), own.choices(), Optional.empty(), pass);
    }

    Outcome<SetupSheet> sheet(ShopDefaults shop) {
        return plan(shop).sheet().then(JsonPlan::withOwnValues);
    }

    /** The weld, whose sheet there is with every own value standing; or why not. */
    Outcome<WeldPlan> acceptedPlan(ShopDefaults shop) {
        WeldPlan plan = plan(shop);
        return plan.sheet().then(JsonPlan::withOwnValues).map(sheet -> plan);
    }

    Outcome<WeldCycle> score(ShopDefaults shop) {
        return acceptedPlan(shop)
                .then(WeldPlan::score)
                .then(cycle -> cycle.problems().isEmpty() ? Outcome.of(cycle) : Outcome.failed(cycle.problems()));
    }

    /** The alternatives where it has no sheet. */
    List<Alternative> waysOut(ShopDefaults shop) {
        return plan(shop).alternatives();
    }

    private static Outcome<SetupSheet> withOwnValues(SetupSheet sheet) {
        return sheet.ownProblems().isEmpty() ? Outcome.of(sheet) : Outcome.failed(sheet.ownProblems());
    }
}
