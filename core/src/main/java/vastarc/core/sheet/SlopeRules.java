package vastarc.core.sheet;

import static vastarc.core.sheet.Setting.figure;

import vastarc.core.heat.HeatSolution;
import vastarc.core.quantity.Quantity;

/** How the current comes and goes. */
final class SlopeRules {

    private SlopeRules() {}

    /**
     * Up-slope, s: \( a/v^2 \) at an edge within 0.5 to 3 s, 0.3 s on a closed seam; a diffusivity, mm²/s, v travel, mm/s.
     * Source: settling of a moving source [textbook], limits [judgement].
     */
    static Setting upSlope(Plan plan) {
        if (!plan.control().runsSlopes()) {
            return figure(SettingKey.UP_SLOPE, Window.only(0)).idle().because("upSlope." + plan.control());
        }
        School school = plan.schools().of(Matter.UP_SLOPE);
        double byEdge = easeInS(plan);
        double value = upSlope(school, byEdge);
        return figure(SettingKey.UP_SLOPE, Window.around(value, 0.5 * byEdge, 2 * byEdge))
                .by(school)
                .from("diffusivity", Quantity.number(plan.heat().metal().diffusivityM2PerS() * 1e6))
                .from("travel", Quantity.mmPerMin(plan.heat().demand().speedMmPerS() * 60))
                .other(School.UP_SLOPE_BY_EDGE, byEdge)
                .other(School.UP_SLOPE_NONE, upSlope(School.UP_SLOPE_NONE, byEdge))
                .other(School.UP_SLOPE_SETTLED, upSlope(School.UP_SLOPE_SETTLED, byEdge))
                .because(plan.startsAtEdge() ? "upSlope.edge" : "upSlope.closed", Quantity.seconds(value));
    }

    /**
     * \( a/v^2 \) within 0.5 to 3 s at an edge; 0.3 s where the seam starts on metal.
     */
    static double easeInS(Plan plan) {
        double speed = plan.heat().demand().speedMmPerS();
        double settle = plan.heat().metal().diffusivityM2PerS() * 1e6 / (speed * speed);
        return plan.startsAtEdge() ? Math.min(3, Math.max(0.5, settle)) : 0.3;
    }

    private static double upSlope(School school, double byEdge) {
        return switch (school) {
            case UP_SLOPE_NONE -> 0.1;
            case UP_SLOPE_SETTLED -> 2.5;
            default -> byEdge;
        };
    }

    /**
     * Down-slope, s: \( \max(1, t_f, L/v) \), t_f freezing time, s, L pool length, mm, v travel, mm/s; window 0.7 to 2 times that.
     * Source: energy balance, its factor [simulation]; window [judgement].
     */
    static Setting downSlope(Plan plan) {
        Quantity taper = Quantity.seconds(plan.taperS());
        if (!plan.control().runsSlopes()) {
            return figure(SettingKey.DOWN_SLOPE, Window.only(0)).idle().because("downSlope." + plan.control(), taper);
        }
        return figure(SettingKey.DOWN_SLOPE, new Window(plan.taperS(), 0.7 * plan.taperS(), 2 * plan.taperS()))
                .from("poolLength", Quantity.ruled(plan.heat().pool().lengthMm()))
                .from("travel", Quantity.mmPerMin(plan.heat().demand().speedMmPerS() * 60))
                .from("freezeTime", Quantity.seconds(freezeS(plan)))
                .because("downSlope.pool", Quantity.ruled(plan.heat().pool().lengthMm()), taper);
    }

    private static double freezeS(Plan plan) {
        HeatSolution heat = plan.heat();
        return heat.pool().freezeTimeS(heat.metal(), heat.platePowerW(), 0);
    }
}
