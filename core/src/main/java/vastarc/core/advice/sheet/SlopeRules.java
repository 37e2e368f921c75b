package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.Slopes;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.units.Quantity;

/** Explains the {@link Slopes}; idle where the machine runs none. */
final class SlopeRules {

    private SlopeRules() {}

    static Parameter upSlope(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        Slopes slopes = weld.slopes();
        if (!plan.control().runsSlopes()) {
            return figure(ParameterKey.UP_SLOPE, slopes.upS().range()).idle().because("upSlope." + plan.control());
        }
        return figure(ParameterKey.UP_SLOPE, slopes.upS())
                .from("thickness", Quantity.millimetres(plan.joint().thinnerMm()))
                .because(
                        plan.startsAtEdge() ? "upSlope.edge" : "upSlope.closed",
                        Quantity.seconds(slopes.upS().value()));
    }

    static Parameter downSlope(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        Slopes slopes = weld.slopes();
        Quantity taper = Quantity.seconds(plan.taperS());
        if (!plan.control().runsSlopes()) {
            return figure(ParameterKey.DOWN_SLOPE, slopes.downS()).idle().because("downSlope." + plan.control(), taper);
        }
        Quantity length = Quantity.ruled(plan.heat().pool().lengthMm());
        return figure(ParameterKey.DOWN_SLOPE, slopes.downS())
                .from("poolLength", length)
                .from("travel", Quantity.mmPerMin(weld.travel().mmPerMin().value()))
                .from("freezeTime", Quantity.seconds(slopes.freezeS()))
                .because("downSlope.pool", length, taper);
    }
}
