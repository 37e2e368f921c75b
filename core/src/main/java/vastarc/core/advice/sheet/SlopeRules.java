package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.base.units.Quantity;
import vastarc.core.physics.heat.HeatBalance;

/** How the current comes and goes. */
final class SlopeRules {

    private static final double THIN_S = 1.5;
    private static final double MEDIUM_S = 0.8;
    private static final double THICK_S = 0.5;
    private static final double CLOSED_S = 0.3;

    private SlopeRules() {}

    /**
     * Up-slope, s: at an edge 1.5 s up to 1 mm, falling to 0.8 s at 3 mm and 0.5 s from 6 mm; 0.3 s on a closed seam. Source: bench figures
     * [judgement].
     */
    static Parameter upSlope(SheetDecisions plan) {
        if (!plan.control().runsSlopes()) {
            return figure(ParameterKey.UP_SLOPE, Range.only(0)).idle().because("upSlope." + plan.control());
        }
        Method method = plan.methods().of(ParameterTopic.UP_SLOPE);
        double byEdge = easeInS(plan);
        double value = upSlope(method, byEdge);
        return figure(ParameterKey.UP_SLOPE, Range.around(value, 0.5 * byEdge, 2 * byEdge))
                .by(method)
                .from("thickness", Quantity.millimetres(plan.joint().thinnerMm()))
                .other(Method.UP_SLOPE_BY_EDGE, byEdge)
                .other(Method.UP_SLOPE_NONE, upSlope(Method.UP_SLOPE_NONE, byEdge))
                .other(Method.UP_SLOPE_SETTLED, upSlope(Method.UP_SLOPE_SETTLED, byEdge))
                .because(plan.startsAtEdge() ? "upSlope.edge" : "upSlope.closed", Quantity.seconds(value));
    }

    /**
     * By thickness at an edge; 0.3 s where the seam starts on metal.
     */
    static double easeInS(SheetDecisions plan) {
        double t = plan.joint().thinnerMm();
        double atEdge = t <= 3
                ? THIN_S + (MEDIUM_S - THIN_S) * Math.max(0, t - 1) / 2
                : Math.max(THICK_S, MEDIUM_S + (THICK_S - MEDIUM_S) * (t - 3) / 3);
        return plan.startsAtEdge() ? atEdge : CLOSED_S;
    }

    private static double upSlope(Method method, double byEdge) {
        return switch (method) {
            case UP_SLOPE_NONE -> 0.1;
            case UP_SLOPE_SETTLED -> 2;
            default -> byEdge;
        };
    }

    /**
     * Down-slope, s: \( \max(1, t_f, L/v) \), t_f freezing time, s, L pool length, mm, v travel, mm/s; range 0.7 to 2 times that.
     * {@code docs/model/currents.md (5)}. Source: energy balance, its factor [simulation]; range [judgement].
     */
    static Parameter downSlope(SheetDecisions plan) {
        Quantity taper = Quantity.seconds(plan.taperS());
        if (!plan.control().runsSlopes()) {
            return figure(ParameterKey.DOWN_SLOPE, Range.only(0)).idle().because("downSlope." + plan.control(), taper);
        }
        return figure(ParameterKey.DOWN_SLOPE, new Range(plan.taperS(), 0.7 * plan.taperS(), 2 * plan.taperS()))
                .from("poolLength", Quantity.ruled(plan.heat().pool().lengthMm()))
                .from("travel", Quantity.mmPerMin(plan.heat().demand().speedMmPerS() * 60))
                .from("freezeTime", Quantity.seconds(freezeS(plan)))
                .because("downSlope.pool", Quantity.ruled(plan.heat().pool().lengthMm()), taper);
    }

    private static double freezeS(SheetDecisions plan) {
        HeatBalance heat = plan.heat();
        return heat.pool().freezeTimeS(heat.metal(), heat.platePowerW(), 0);
    }
}
