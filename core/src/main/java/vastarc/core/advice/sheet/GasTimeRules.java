package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.FinishRequirement;

/** Gas before and after the arc. */
final class GasTimeRules {

    private static final double MIN_PRE_FLOW_S = 0.3;
    private static final double MIN_PRE_FLOW_TITANIUM_S = 1.5;
    private static final double TORCH_VOLUME_ML = 30;
    private static final double MIN_POST_FLOW_S = 3;
    private static final double FIXED_POST_FLOW_S = 8;
    private static final double STRAW_C = 600;
    private static final double CLEAN_C = 380;
    private static final double TITANIUM_PRE_FLOW_TO_S = 5;
    private static final double AMPS_PER_S = 15;
    private static final double REFERENCE_TUNGSTEN_MM = 2.4;
    private static final double TITANIUM_C = 425;

    /** Longest that a torch is held still over the end of a bead, s. Source: bench figures [judgement]. */
    private static final double LONGEST_HELD_S = 60;

    private GasTimeRules() {}

    /**
     * Pre-flow, s: time to push the air out of hose and torch, at least 0.3 s. Other methods 0, 0.3 and 1 s. Titanium 1.5 s under every method.
     * {@code docs/model/gas.md (1)}. Source: {@link #hosePurgeS} [textbook], floors [judgement].
     */
    static Parameter preFlow(SheetDecisions plan) {
        double hose = hosePurgeS(plan);
        Method method = plan.methods().of(ParameterTopic.PRE_FLOW);
        double value = preFlow(method, plan, hose);
        String why = plan.control() == ControlDevice.LIFT_ONLY
                ? "preFlow.byHand"
                : plan.isTitanium() ? "preFlow.titanium" : "preFlow.hose";
        double most = plan.isTitanium() ? Math.max(TITANIUM_PRE_FLOW_TO_S, 2.5 * hose) : 2.5 * hose;
        return figure(ParameterKey.PRE_FLOW, Range.around(value, floorS(plan), most))
                .by(method)
                .from("hoseLength", Quantity.of(plan.practice().hoseLengthM(), Unit.METRE))
                .from("hoseBore", Quantity.millimetres(plan.practice().hoseBoreMm()))
                .from("gasFlow", Quantity.litresPerMin(plan.gasFlow().value()))
                .other(Method.PRE_FLOW_BY_HOSE, preFlow(Method.PRE_FLOW_BY_HOSE, plan, hose))
                .other(Method.PRE_FLOW_NONE, preFlow(Method.PRE_FLOW_NONE, plan, hose))
                .other(Method.PRE_FLOW_SHORT, preFlow(Method.PRE_FLOW_SHORT, plan, hose))
                .other(Method.PRE_FLOW_LONG, preFlow(Method.PRE_FLOW_LONG, plan, hose))
                .because(
                        why,
                        Quantity.seconds(hose),
                        Quantity.litresPerMin(plan.gasFlow().value()));
    }

    /**
     * \( t = 2\,(V_{hose} + V_{torch})/Q \), s; V_hose = π/4 d² L and V_torch = 30 mL, Q flow. Source: two volumes displace the air
     * [textbook].
     */
    private static double hosePurgeS(SheetDecisions plan) {
        double bore = plan.practice().hoseBoreMm();
        double hoseMl = Math.PI / 4 * bore * bore * plan.practice().hoseLengthM();
        return 2 * (hoseMl + TORCH_VOLUME_ML) / 1000 / plan.gasFlow().value() * 60;
    }

    private static double preFlow(Method method, SheetDecisions plan, double hose) {
        double wanted = switch (method) {
            case PRE_FLOW_NONE -> 0;
            case PRE_FLOW_SHORT -> MIN_PRE_FLOW_S;
            case PRE_FLOW_LONG -> 1;
            default -> Math.max(floorS(plan), hose);
        };
        return plan.isTitanium() ? Math.max(MIN_PRE_FLOW_TITANIUM_S, wanted) : wanted;
    }

    private static double floorS(SheetDecisions plan) {
        return plan.isTitanium() ? MIN_PRE_FLOW_TITANIUM_S : MIN_PRE_FLOW_S;
    }

    /**
     * Post-flow, s: \( \max(t_0, t_W d/2.4, I/15, t_{shield}) \); t_0 3 s, stainless 4 to 6, titanium 10 to 15; I average current, A; t_W cooling of a 2.4 mm tungsten, s, d diameter,
     * mm; t_shield time until the bead's end is at 600 °C (steel, plain stainless), 380 °C (hygienic, bright, visible), 425 °C (titanium).
     * Never under what the tungsten needs, and on titanium never under t_shield, whatever the method; never over 60 s, which nobody holds:
     * another method is named then.
     * {@code docs/model/gas.md (2)}. Source: {@link vastarc.core.physics.heat.CoolingTime} [simulation], thresholds [judgement].
     */
    static Parameter postFlow(SheetDecisions plan) {
        double current = plan.pulse().averageA();
        double tip = plan.tungsten().coolingS(plan.peakA()) * plan.tungsten().diameterMm() / REFERENCE_TUNGSTEN_MM;
        double shield = plan.cooling().timeToS(shieldC(plan));
        double byCurrent = Math.max(MIN_POST_FLOW_S, current / 10);
        double least = leastS(plan, current);
        double untilCold = Math.max(Math.max(least, current / AMPS_PER_S), Math.max(tip, shield));
        double floor = Math.max(least, plan.isTitanium() ? Math.max(tip, shield) : tip);
        Method method = plan.methods().of(ParameterTopic.POST_FLOW);
        double chosen = switch (method) {
            case POST_FLOW_BY_CURRENT -> byCurrent;
            case POST_FLOW_FIXED -> FIXED_POST_FLOW_S;
            default -> untilCold;
        };
        double needed = Math.max(floor, chosen);
        double value = held(needed);
        return figure(ParameterKey.POST_FLOW, Range.around(value, held(floor), held(1.5 * untilCold)))
                .by(method)
                .from("averageCurrent", Quantity.amperes(current))
                .from("tungstenCooling", Quantity.seconds(tip))
                .from("metalCooling", Quantity.seconds(shield))
                .other(Method.POST_FLOW_UNTIL_COLD, held(untilCold))
                .other(Method.POST_FLOW_BY_CURRENT, held(Math.max(floor, byCurrent)))
                .other(Method.POST_FLOW_FIXED, held(Math.max(floor, FIXED_POST_FLOW_S)))
                .because(
                        "postFlow." + (needed > LONGEST_HELD_S ? "tooLong" : why(plan, method, tip, shield, untilCold)),
                        Quantity.seconds(needed),
                        Quantity.celsius(shieldC(plan)),
                        Quantity.seconds(byCurrent));
    }

    /** Shortest by metal, s: steel 3; stainless 4, 6 from 40 A; titanium 10, 15 from 60 A. Source: bench figures [judgement]. */
    private static double leastS(SheetDecisions plan, double currentA) {
        if (plan.isTitanium()) {
            return 10 + 5 * share(currentA, 40, 60);
        }
        return plan.joint().wantsPurge() ? 4 + 2 * share(currentA, 20, 40) : MIN_POST_FLOW_S;
    }

    private static double share(double value, double from, double to) {
        return Math.max(0, Math.min(1, (value - from) / (to - from)));
    }

    private static double held(double s) {
        return Math.min(LONGEST_HELD_S, s);
    }

    private static String why(SheetDecisions plan, Method method, double tip, double shield, double untilCold) {
        if (plan.control() == ControlDevice.LIFT_ONLY) {
            return "byHand";
        }
        if (method != Method.POST_FLOW_UNTIL_COLD) {
            return "school";
        }
        return shield >= untilCold ? "metal" : tip >= untilCold ? "tungsten" : "current";
    }

    /** Temperature to which the bead's end stays under gas, °C. Source: tint bands [judgement]. */
    static double shieldC(SheetDecisions plan) {
        if (plan.isTitanium()) {
            return TITANIUM_C;
        }
        boolean clean = plan.joint().wantsPurge() && plan.practice().finish() != FinishRequirement.PLAIN;
        return clean ? CLEAN_C : STRAW_C;
    }
}
