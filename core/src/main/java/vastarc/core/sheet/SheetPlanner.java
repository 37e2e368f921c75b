package vastarc.core.sheet;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Practice;

/** From a joint to its setup sheet. */
public final class SheetPlanner {

    private SheetPlanner() {}

    /** The sheet by the product's default schools. */
    public static Outcome<Sheet> plan(Joint joint, Practice practice) {
        return plan(joint, practice, Schools.usual());
    }

    /** The sheet, or every reason why this joint has none. */
    public static Outcome<Sheet> plan(Joint joint, Practice practice, Schools schools) {
        List<Problem> outside = ScopeRules.problems(joint, practice);
        if (!outside.isEmpty()) {
            return Outcome.failed(outside);
        }
        Plan plan = Plan.of(HeatSolution.of(joint, practice), schools);
        Optional<Problem> current = ScopeRules.currentProblem(plan);
        return current.isPresent() ? Outcome.failed(current.get()) : Outcome.of(sheet(plan));
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
                Collections.unmodifiableMap(settings),
                plan.comparison(),
                plan.practice().wire() ? WireChoice.compare(plan) : List.of(),
                passes,
                TackPlan.of(plan, settings.get(SettingKey.PRE_FLOW), settings.get(SettingKey.POST_FLOW)),
                ButtChoice.compare(plan.joint(), plan.practice()),
                CautionRules.cautions(plan));
    }
}
