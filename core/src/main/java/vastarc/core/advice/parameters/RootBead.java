package vastarc.core.advice.parameters;

import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.physics.heat.HeatBalance;

/** Width of the bead on the back of a weld, left by its first pass. */
public final class RootBead {

    private static final double LEAST_OPEN_ROOT_MM = 3;
    private static final double MOST_OPEN_ROOT_MM = 5;
    private static final double ROOT_OVER_GAP_MM = 1.2;
    private static final double SPREAD = 0.3;

    private RootBead() {}

    /**
     * {@return width with its range, mm: of an open root 3 to 5, a little wider than its gap [judgement]; else what
     * melts behind by the heat balance ±30 % [fitted]; 0 where the back stays solid or is closed}
     *
     * @param first the heat balance of the first pass
     */
    public static Range of(HeatBalance first) {
        Joint joint = first.joint();
        if (isOpenRoot(first)) {
            double gap = joint.groove().orElseThrow().gap().inMillimetres();
            double width = Math.min(MOST_OPEN_ROOT_MM, Math.max(LEAST_OPEN_ROOT_MM, gap + ROOT_OVER_GAP_MM));
            return new Range(width, LEAST_OPEN_ROOT_MM, MOST_OPEN_ROOT_MM);
        }
        double back = joint.hasOpenBack() ? first.pool().backWidthMm() : 0;
        return new Range(back, (1 - SPREAD) * back, (1 + SPREAD) * back);
    }

    /**
     * {@return whether it is the root run of a V that is melted through its open gap}
     *
     * @param first the heat balance of the first pass
     */
    public static boolean isOpenRoot(HeatBalance first) {
        return Penetration.of(first.joint(), first.practice()) == Penetration.FULL
                && first.joint().groove().isPresent()
                && first.joint().hasOpenBack();
    }
}
