package vastarc.core.advice.parameters;

import java.util.List;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.HeatBalance;

/** What no method and no stock changes of a weld: the heat balance of its first pass, its metal warmed as it has to be, and its arc runs. */
public final class ThermalPlan {

    private final HeatBalance heat;
    private final List<WeldPass> runs;

    private ThermalPlan(HeatBalance heat) {
        this.heat = heat;
        this.runs = List.copyOf(WeldPass.of(heat));
    }

    /**
     * {@return the balance, or every reason why this joint has none}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static Outcome<ThermalPlan> of(Joint joint, WeldingConditions conditions) {
        List<Problem> outside = ScopeRules.problems(joint, conditions);
        return outside.isEmpty() ? Outcome.of(inScope(joint, conditions)) : Outcome.failed(outside);
    }

    /**
     * Of a joint that is known to be within what is planned.
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @return the thermal plan
     */
    public static ThermalPlan inScope(Joint joint, WeldingConditions conditions) {
        return new ThermalPlan(HeatBalance.of(joint, Preheat.warmed(joint, conditions)));
    }

    /** {@return the heat balance of the first pass} */
    public HeatBalance heat() {
        return heat;
    }

    /** {@return every arc run of the joint, the first one first} */
    public List<WeldPass> runs() {
        return runs;
    }

    /**
     * {@return the plan of the first pass in a shop}
     *
     * @param choices the sheet choices
     */
    public SheetDecisions first(SheetChoices choices) {
        return SheetDecisions.of(heat, heat, runs, 1, choices);
    }
}
