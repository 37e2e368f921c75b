package vastarc.core.advice.parameters;

import vastarc.core.domain.consumable.HelmetShade;

/**
 * What to expect of a pass: its pool, its back, and how bright it is.
 *
 * @param poolMm width of the pool on the face, mm
 * @param backMm width of the bead on the back, mm; 0 where the back stays solid or is closed
 * @param back   what the back does
 * @param shade  shade number of the helmet
 */
public record ExpectedBead(Range poolMm, Range backMm, BackState back, Range shade) {

    /** What the back of a pass does. */
    public enum BackState {
        /** A later pass: the first has made the back. */
        LATER,
        /** The root of a V, melted through its open gap. */
        OPEN_ROOT,
        /** Nobody sees it: closed between the members, in a socket or on a strip. */
        HIDDEN,
        /** The back of a corner melts. */
        CORNER_THROUGH,
        /** The back of a corner stays solid. */
        CORNER,
        /** It melts through. */
        THROUGH,
        /** It stays solid. */
        UNFUSED
    }

    /** Pool by the heat balance, ±15 %; back {@link RootBead}. Source: [fitted]. Shade by the hottest pass: helmet-shades.csv [handbook]. */
    static ExpectedBead of(SheetDecisions plan) {
        double front = plan.heat().pool().frontWidthMm();
        HelmetShade shade = HelmetShade.forCurrent(plan.hottestA());
        return new ExpectedBead(
                new Range(front, 0.85 * front, 1.15 * front),
                plan.pass() > 1 ? Range.only(0) : RootBead.of(plan.first()),
                back(plan),
                new Range(shade.usual(), shade.low(), shade.high()));
    }

    private static BackState back(SheetDecisions plan) {
        if (plan.pass() > 1) {
            return BackState.LATER;
        }
        if (RootBead.isOpenRoot(plan.first())) {
            return BackState.OPEN_ROOT;
        }
        if (!plan.joint().hasOpenBack()) {
            return BackState.HIDDEN;
        }
        boolean melts = plan.heat().pool().backWidthMm() > 0;
        if (plan.joint().isCorner()) {
            return melts ? BackState.CORNER_THROUGH : BackState.CORNER;
        }
        return melts ? BackState.THROUGH : BackState.UNFUSED;
    }
}
