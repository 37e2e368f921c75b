package vastarc.core.advice.parameters;

import java.util.OptionalDouble;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.HeatBalance;

/**
 * How far the torch's gas covers the seam behind the arc, how hot the seam leaves it, and how hot the finish lets it.
 *
 * <p>Two bores of the cup, three with a lens, at a flow of Re 1200 in still air; with the root of the flow, within two and three. Source:
 * bench figures [judgement].
 */
public final class GasCover {

    private static final double LEAST_BORES = 2;
    private static final double MOST_BORES = 3;
    private static final double CALM_REYNOLDS = 1200;

    /** End of light straw on titanium, °C. */
    private static final double TITANIUM_C = 450;

    /** End of pale straw on stainless, °C. */
    private static final double HYGIENIC_C = 380;

    /** End of straw to brown on stainless, °C. */
    private static final double SEEN_C = 420;

    private GasCover() {}

    /**
     * {@return behind the arc, mm}
     *
     * @param cup the cup
     * @param flowLPerMin flow, L/min
     */
    public static double mm(Cup cup, double flowLPerMin) {
        double bores = (cup.lens() ? MOST_BORES : LEAST_BORES) * Math.sqrt(cup.reynolds(flowLPerMin) / CALM_REYNOLDS);
        return cup.boreMm() * Math.min(MOST_BORES, Math.max(LEAST_BORES, bores));
    }

    /**
     * {@return temperature at which the seam leaves the gas, °C; at most the melting point}
     *
     * @param heat the heat balance
     * @param coverMm length under gas behind the arc, mm
     */
    public static double leavesC(HeatBalance heat, double coverMm) {
        return Math.min(heat.metal().meltC(), heat.trailingC(coverMm));
    }

    /**
     * {@return hottest that the seam may leave the gas for its finish, °C; empty where no colour is asked for}
     * Source: tints.csv.
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static OptionalDouble mostC(Joint joint, WeldingConditions conditions) {
        if (joint.isTitanium()) {
            return OptionalDouble.of(TITANIUM_C);
        }
        if (!joint.wantsPurge() || conditions.finish() == FinishRequirement.PLAIN) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(conditions.finish() == FinishRequirement.HYGIENIC ? HYGIENIC_C : SEEN_C);
    }
}
