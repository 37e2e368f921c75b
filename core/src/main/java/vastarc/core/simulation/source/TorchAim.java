package vastarc.core.simulation.source;

import org.hipparchus.special.Erf;
import vastarc.core.domain.joint.Joint;
import vastarc.core.physics.heat.HeatBalance;

/**
 * Where a welder points the arc between two members: so that the base gets the share of the arc that it takes by the heat balance. A torch
 * that leans over the base points away from it, by arc length times the tangent. Source: geometry, judgement.
 */
public final class TorchAim {

    private static final double MOST_RADII = 0.7;
    private static final double HALF_TAB = 0.5;
    private static final double USUAL_RADIUS_MM = 2.2;

    private TorchAim() {}

    /**
     * {@return how far the spot's middle lies from the root, positive over the base, in radii of the spot}
     *
     * @param heat the heat balance
     * @param operator how the torch is moved
     * @param mirrored whether only half of the plate is solved
     */
    public static double of(HeatBalance heat, TorchOperator operator, boolean mirrored) {
        double share = baseShare(heat);
        double lean = operator.arcMm().orElse(heat.demand().arcMm())
                * Math.tan(Math.toRadians(operator.leanDeg()))
                / USUAL_RADIUS_MM;
        double aim = Erf.erfInv(2 * share - 1) / Math.sqrt(2) - lean;
        return mirrored ? 0 : Math.max(-MOST_RADII, Math.min(MOST_RADII, aim));
    }

    /**
     * {@return share of the arc that the base takes, 0–1}
     *
     * @param heat the heat balance
     */
    public static double baseShare(HeatBalance heat) {
        Joint joint = heat.joint();
        boolean alike = joint.base().equals(joint.abutting()) && !joint.isDissimilar();
        double other = joint.smallTab() ? HALF_TAB : 1;
        return alike ? joint.baseLegs() / (joint.baseLegs() + other) : heat.baseShare();
    }
}
