package vastarc.core.advice.parameters;

import java.util.LinkedHashMap;
import java.util.Map;
import vastarc.core.base.tables.Maps;
import vastarc.core.physics.heat.HeatBalance;

/**
 * How the current comes and goes.
 *
 * @param upS     from start to working current, s; 0 where the machine runs no slopes
 * @param downS   from working to end current, s; 0 where the machine runs no slopes
 * @param easeInS in which the current should come, whoever does it, s
 * @param freezeS in which the pool freezes without an arc, s
 */
public record Slopes(MethodFigure upS, Range downS, double easeInS, double freezeS) {

    private static final double THIN_S = 1.5;
    private static final double MEDIUM_S = 0.8;
    private static final double THICK_S = 0.5;
    private static final double CLOSED_S = 0.3;
    private static final double NONE_S = 0.1;
    private static final double SETTLED_S = 2;

    static Slopes of(SheetDecisions plan) {
        HeatBalance heat = plan.heat();
        double easeIn = easeInS(plan);
        double freeze = heat.pool().freezeTimeS(heat.metal(), heat.platePowerW(), 0);
        return new Slopes(up(plan, easeIn), down(plan), easeIn, freeze);
    }

    private static MethodFigure up(SheetDecisions plan, double easeIn) {
        Method method = plan.methods().of(ParameterTopic.UP_SLOPE);
        if (!plan.control().runsSlopes()) {
            return new MethodFigure(Range.only(0), method, Map.of());
        }
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        byMethod.put(Method.UP_SLOPE_BY_EDGE, easeIn);
        byMethod.put(Method.UP_SLOPE_NONE, NONE_S);
        byMethod.put(Method.UP_SLOPE_SETTLED, SETTLED_S);
        double value = Maps.get(byMethod, method);
        return new MethodFigure(Range.around(value, 0.5 * easeIn, 2 * easeIn), method, byMethod);
    }

    /**
     * At an edge 1.5 s up to 1 mm, falling to 0.8 s at 3 mm and 0.5 s from 6 mm; 0.3 s on a closed seam. Source: bench figures [judgement].
     */
    private static double easeInS(SheetDecisions plan) {
        double t = plan.joint().thinnerMm();
        double atEdge = t <= 3
                ? THIN_S + (MEDIUM_S - THIN_S) * Math.max(0, t - 1) / 2
                : Math.max(THICK_S, MEDIUM_S + (THICK_S - MEDIUM_S) * (t - 3) / 3);
        return plan.startsAtEdge() ? atEdge : CLOSED_S;
    }

    /**
     * The taper, {@link SheetDecisions#taperS()}; range 0.7 to 2 times that. {@code docs/model/currents.md (5)}. Source: energy balance, its
     * factor [simulation]; range [judgement].
     */
    private static Range down(SheetDecisions plan) {
        double taper = plan.taperS();
        return plan.control().runsSlopes() ? new Range(taper, 0.7 * taper, 2 * taper) : Range.only(0);
    }
}
