package vastarc.core.advice.parameters;

import java.util.LinkedHashMap;
import java.util.Map;
import vastarc.core.domain.joint.FinishRequirement;

/**
 * Gas after the arc, and the times it is the longest of.
 *
 * @param figureS   the time, s: at most {@value #LONGEST_HELD_S}, which is as long as a torch is held still
 * @param neededS   what would be needed, however long it can be held, s
 * @param averageA  mean current that it goes by, A
 * @param tungstenS until the tungsten is cold enough for air, s
 * @param metalS    until the end of the bead has fallen to {@code metalC}, s
 * @param metalC    temperature to which the end of the bead stays under gas, °C
 * @param byCurrentS by the rule of a second for each ten amperes, s
 * @param longest   which of the times is the longest, where the chosen method looks at them
 */
public record PostFlow(
        MethodFigure figureS,
        double neededS,
        double averageA,
        double tungstenS,
        double metalS,
        double metalC,
        double byCurrentS,
        LongestTime longest) {

    /** Longest that a torch is held still over the end of a bead, s. Source: bench figures [judgement]. */
    public static final double LONGEST_HELD_S = 60;

    private static final double LEAST_S = 3;
    private static final double FIXED_S = 8;
    private static final double STRAW_C = 600;
    private static final double CLEAN_C = 380;
    private static final double TITANIUM_C = 425;
    private static final double AMPS_PER_S = 15;
    private static final double RULE_AMPS_PER_S = 10;
    private static final double REFERENCE_TUNGSTEN_MM = 2.4;

    /** What the gas waits for. */
    public enum LongestTime {
        /** The end of the bead. */
        METAL,
        /** The tungsten. */
        TUNGSTEN,
        /** The least time for this current. */
        CURRENT
    }

    /** {@return whether nobody holds a torch still for as long as would be needed} */
    public boolean isTooLong() {
        return neededS > LONGEST_HELD_S;
    }

    /**
     * \( \max(t_0, t_W d/2.4, I/15, t_{shield}) \); t_0 3 s, stainless 4 to 6, titanium 10 to 15; I average current, A; t_W cooling of a
     * 2.4 mm tungsten, s, d diameter, mm; t_shield time until the bead's end is at 600 °C (steel, plain stainless), 380 °C (hygienic,
     * bright, visible), 425 °C (titanium). Never under what the tungsten needs, and on titanium never under t_shield, whatever the method;
     * never over 60 s, which nobody holds. {@code docs/model/gas.md (2)}. Source: {@link vastarc.core.physics.heat.CoolingTime}
     * [simulation], thresholds [judgement].
     */
    static PostFlow of(SheetDecisions plan) {
        double current = plan.pulse().averageA();
        double tip = plan.tungsten().coolingS(plan.peakA()) * plan.tungsten().diameterMm() / REFERENCE_TUNGSTEN_MM;
        double metalC = metalC(plan);
        double metal = plan.cooling().timeToS(metalC);
        double byCurrent = Math.max(LEAST_S, current / RULE_AMPS_PER_S);
        double least = leastS(plan, current);
        double untilCold = Math.max(Math.max(least, current / AMPS_PER_S), Math.max(tip, metal));
        double floor = Math.max(least, plan.isTitanium() ? Math.max(tip, metal) : tip);
        Method method = plan.methods().of(ParameterTopic.POST_FLOW);
        double needed = Math.max(
                floor,
                switch (method) {
                    case POST_FLOW_BY_CURRENT -> byCurrent;
                    case POST_FLOW_FIXED -> FIXED_S;
                    default -> untilCold;
                });
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        byMethod.put(Method.POST_FLOW_UNTIL_COLD, held(untilCold));
        byMethod.put(Method.POST_FLOW_BY_CURRENT, held(Math.max(floor, byCurrent)));
        byMethod.put(Method.POST_FLOW_FIXED, held(Math.max(floor, FIXED_S)));
        Range range = Range.around(held(needed), held(floor), held(1.5 * untilCold));
        LongestTime longest =
                metal >= untilCold ? LongestTime.METAL : tip >= untilCold ? LongestTime.TUNGSTEN : LongestTime.CURRENT;
        return new PostFlow(
                new MethodFigure(range, method, byMethod), needed, current, tip, metal, metalC, byCurrent, longest);
    }

    /** Shortest by metal, s: steel 3; stainless 4, 6 from 40 A; titanium 10, 15 from 60 A. Source: bench figures [judgement]. */
    private static double leastS(SheetDecisions plan, double currentA) {
        if (plan.isTitanium()) {
            return 10 + 5 * share(currentA, 40, 60);
        }
        return plan.joint().wantsPurge() ? 4 + 2 * share(currentA, 20, 40) : LEAST_S;
    }

    private static double share(double value, double from, double to) {
        return Math.max(0, Math.min(1, (value - from) / (to - from)));
    }

    private static double held(double s) {
        return Math.min(LONGEST_HELD_S, s);
    }

    /** Source: tint bands [judgement]. */
    private static double metalC(SheetDecisions plan) {
        if (plan.isTitanium()) {
            return TITANIUM_C;
        }
        boolean clean = plan.joint().wantsPurge() && plan.practice().finish() != FinishRequirement.PLAIN;
        return clean ? CLEAN_C : STRAW_C;
    }
}
