package vastarc.core.sheet;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Practice;
import vastarc.core.table.Complete;

/** From a joint to its setup sheet. */
public final class SheetPlanner {

    private SheetPlanner() {}

    /** The sheet by the product's default schools. */
    public static Outcome<Sheet> plan(Joint joint, Practice practice) {
        return plan(joint, practice, Schools.usual());
    }

    /** The sheet by other schools. */
    public static Outcome<Sheet> plan(Joint joint, Practice practice, Schools schools) {
        return plan(joint, practice, new ShopWays(schools, Stock.untold()));
    }

    /** The sheet, or every reason why this joint has none. */
    public static Outcome<Sheet> plan(Joint joint, Practice practice, ShopWays ways) {
        return plan(joint, practice, ways, OwnValues.none());
    }

    /** The sheet of the first pass with the hand's own values. */
    public static Outcome<Sheet> plan(Joint joint, Practice practice, ShopWays ways, OwnValues own) {
        return Balance.of(joint, practice).then(balance -> plan(balance, ways, own));
    }

    /**
     * The sheet of the first pass with the hand's own values, which were made for it. What follows from an own current or pulse (tungsten,
     * cup, ceiling, averages) follows; a value that cannot stand is left out and named in {@link Sheet#ownProblems()}.
     */
    public static Outcome<Sheet> plan(Balance balance, ShopWays ways, OwnValues own) {
        Plan plan = balance.first(ways, OwnValues.none());
        Optional<Problem> current = ScopeRules.currentProblem(plan);
        if (current.isPresent()) {
            return Outcome.failed(current.get());
        }
        Sheet engine = sheet(plan);
        return Outcome.of(own.isEmpty() ? engine : withOwn(balance, engine, ways, own));
    }

    /**
     * The sheet of a later pass, as the engine has it.
     *
     * @param pass from 2; one beyond the last is refused
     */
    public static Outcome<Sheet> later(Balance balance, ShopWays ways, int pass) {
        List<Run> runs = balance.runs();
        if (pass < 1 || pass > runs.size()) {
            return Outcome.failed(Problem.badValue("pass", "pass.range", pass, runs.size()));
        }
        HeatSolution first = balance.heat();
        HeatSolution heat = HeatSolution.of(
                first.joint(), first.practice(), runs.get(pass - 1).demand());
        return Outcome.of(sheet(Plan.of(heat, runs, pass, ways, OwnValues.none())));
    }

    private static Sheet withOwn(Balance balance, Sheet engine, ShopWays ways, OwnValues own) {
        OwnRules.Checked checked = OwnRules.check(engine, own);
        Plan plan = balance.first(ways, checked.own());
        Optional<Problem> current = ScopeRules.currentProblem(plan);
        if (current.isPresent()) {
            Sheet without = withOwn(balance, engine, ways, own.without(SettingKey.WORKING_CURRENT));
            Problem named = current.get().inField(SettingKey.WORKING_CURRENT.apiName());
            return without.withOwn(without.settings(), without.own(), joined(List.of(named), without.ownProblems()));
        }
        Sheet followed = sheet(plan);
        Map<SettingKey, Setting> settings = new LinkedHashMap<>(followed.settings());
        checked.own()
                .values()
                .forEach((key, value) -> settings.put(key, engine.setting(key).at(value)));
        return followed.withOwn(Collections.unmodifiableMap(settings), checked.own(), checked.problems());
    }

    private static List<Problem> joined(List<Problem> first, List<Problem> rest) {
        return Stream.concat(first.stream(), rest.stream()).toList();
    }

    private static Sheet sheet(Plan plan) {
        Optional<PassPlan> passes = PassPlan.of(plan);
        Map<SettingKey, Setting> settings = new LinkedHashMap<>(64);
        PanelRules.settings(plan).forEach(setting -> settings.put(setting.key(), setting));
        TorchRules.settings(plan).forEach(setting -> settings.put(setting.key(), setting));
        WireRules.settings(plan).forEach(setting -> settings.put(setting.key(), setting));
        WeldRules.settings(plan, passes).forEach(setting -> settings.put(setting.key(), setting));
        return new Sheet(
                plan.heat(),
                plan.pass(),
                Collections.unmodifiableMap(settings),
                plan.comparison(),
                plan.practice().wire() ? WireChoice.compare(plan) : List.of(),
                passes,
                TackPlan.of(
                        plan,
                        Complete.get(settings, SettingKey.PRE_FLOW),
                        Complete.get(settings, SettingKey.POST_FLOW)),
                CautionRules.cautions(plan),
                new Sheet.FootSlopes(
                        SlopeRules.easeInS(plan), plan.taperS(), plan.tungsten().minStableA()),
                TintRules.coverMm(plan),
                OwnValues.none(),
                List.of());
    }
}
