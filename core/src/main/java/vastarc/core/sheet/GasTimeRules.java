package vastarc.core.sheet;

import static vastarc.core.sheet.Setting.figure;

import vastarc.core.joint.Control;
import vastarc.core.joint.Finish;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;

/** Gas before and after the arc. */
final class GasTimeRules {

    private static final double MIN_PRE_FLOW_S = 0.3;
    private static final double MIN_PRE_FLOW_TITANIUM_S = 1.5;
    private static final double TORCH_VOLUME_ML = 30;
    private static final double MIN_POST_FLOW_S = 3;
    private static final double FIXED_POST_FLOW_S = 8;
    private static final double STRAW_C = 600;
    private static final double BRIGHT_C = 430;
    private static final double TITANIUM_C = 425;

    private GasTimeRules() {}

    /**
     * Pre-flow, s: time to push the air out of hose and torch, at least 0.3 s, titanium 1.5 s. Other schools 0, 0.3 and 1 s.
     * Source: {@link #hosePurgeS} [textbook], floors [judgement].
     */
    static Setting preFlow(Plan plan) {
        double hose = hosePurgeS(plan);
        School school = plan.schools().of(Matter.PRE_FLOW);
        double value = preFlow(school, plan, hose);
        String why = plan.control() == Control.LIFT_ONLY
                ? "preFlow.byHand"
                : plan.isTitanium() ? "preFlow.titanium" : "preFlow.hose";
        return figure(SettingKey.PRE_FLOW, Window.around(value, floorS(plan), 2.5 * hose))
                .by(school)
                .from("hoseLength", Quantity.of(plan.practice().hoseLengthM(), Unit.METRE))
                .from("hoseBore", Quantity.millimetres(plan.practice().hoseBoreMm()))
                .from("gasFlow", Quantity.litresPerMin(plan.gasFlow().value()))
                .other(School.PRE_FLOW_BY_HOSE, preFlow(School.PRE_FLOW_BY_HOSE, plan, hose))
                .other(School.PRE_FLOW_NONE, 0)
                .other(School.PRE_FLOW_SHORT, MIN_PRE_FLOW_S)
                .other(School.PRE_FLOW_LONG, 1)
                .because(
                        why,
                        Quantity.seconds(hose),
                        Quantity.litresPerMin(plan.gasFlow().value()));
    }

    /**
     * \( t = 2\,(V_{hose} + V_{torch})/Q \), s; V_hose = π/4 d² L and V_torch = 30 mL, Q flow. Source: two volumes displace the air
     * [textbook].
     */
    private static double hosePurgeS(Plan plan) {
        double bore = plan.practice().hoseBoreMm();
        double hoseMl = Math.PI / 4 * bore * bore * plan.practice().hoseLengthM();
        return 2 * (hoseMl + TORCH_VOLUME_ML) / 1000 / plan.gasFlow().value() * 60;
    }

    private static double preFlow(School school, Plan plan, double hose) {
        return switch (school) {
            case PRE_FLOW_NONE -> 0;
            case PRE_FLOW_SHORT -> MIN_PRE_FLOW_S;
            case PRE_FLOW_LONG -> 1;
            default -> Math.max(floorS(plan), hose);
        };
    }

    private static double floorS(Plan plan) {
        return plan.isTitanium() ? MIN_PRE_FLOW_TITANIUM_S : MIN_PRE_FLOW_S;
    }

    /**
     * Post-flow, s: \( \max(3, I/10, t_W, t_{shield}) \); I average current, A; t_W tungsten's cooling, s; t_shield time until the bead's end
     * is at 600 °C (stainless), 430 °C (bright or hygienic), 425 °C (titanium). Never under t_W, whatever the school.
     * Source: {@link vastarc.core.heat.Cooling} [simulation], thresholds [judgement].
     */
    static Setting postFlow(Plan plan) {
        double current = plan.pulse().averageA();
        double tip = plan.tungsten().coolingS(plan.peakA());
        double shield = shieldC(plan) > 0 ? plan.cooling().timeToS(shieldC(plan)) : 0;
        double byCurrent = Math.max(MIN_POST_FLOW_S, current / 10);
        double untilCold = Math.max(byCurrent, Math.max(tip, shield));
        School school = plan.schools().of(Matter.POST_FLOW);
        double chosen = switch (school) {
            case POST_FLOW_BY_CURRENT -> byCurrent;
            case POST_FLOW_FIXED -> FIXED_POST_FLOW_S;
            default -> untilCold;
        };
        double value = Math.max(tip, chosen);
        String why = plan.control() == Control.LIFT_ONLY
                ? "postFlow.byHand"
                : school != School.POST_FLOW_UNTIL_COLD
                        ? "postFlow.school"
                        : shield >= untilCold
                                ? "postFlow.metal"
                                : tip >= untilCold ? "postFlow.tungsten" : "postFlow.current";
        Setting.Draft draft = figure(SettingKey.POST_FLOW, Window.around(value, tip, 1.5 * untilCold))
                .by(school)
                .from("averageCurrent", Quantity.amperes(current))
                .from("tungstenCooling", Quantity.seconds(tip));
        if (shield > 0) {
            draft.from("metalCooling", Quantity.seconds(shield));
        }
        return draft.other(School.POST_FLOW_UNTIL_COLD, untilCold)
                .other(School.POST_FLOW_BY_CURRENT, byCurrent)
                .other(School.POST_FLOW_FIXED, FIXED_POST_FLOW_S)
                .because(why, Quantity.seconds(value), Quantity.celsius(shieldC(plan)), Quantity.seconds(byCurrent));
    }

    /**
     * Temperature to which the bead's end stays under gas, °C; 0 where the metal does not ask for it. Source: tint bands [judgement].
     */
    private static double shieldC(Plan plan) {
        if (plan.isTitanium()) {
            return TITANIUM_C;
        }
        if (!plan.joint().wantsPurge()) {
            return 0;
        }
        Finish finish = plan.practice().finish();
        return finish == Finish.BRIGHT || finish == Finish.HYGIENIC ? BRIGHT_C : STRAW_C;
    }
}
