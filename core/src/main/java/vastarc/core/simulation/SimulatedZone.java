package vastarc.core.simulation;

import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.physics.heat.WeldPool;
import vastarc.core.simulation.result.SimulationResult;

/**
 * Which zone of a map a simulated weld lies in, by what melted: {@code docs/model/map.md (10)}. Undercut and colour are not told from it: such a weld
 * counts by its width.
 */
public final class SimulatedZone {

    /** Share of the seam whose back must have melted, where it is to, %. */
    static final double THROUGH_PERCENT = 85;

    /** Share of the planned back bead, in the middle of the seam, with which it counts as through. */
    private static final double LEAST_BACK_SHARE = 0.5;

    /** Share of the seam whose back may melt, where it is to stay solid, %. */
    private static final double SOLID_PERCENT = 5;

    private final SetupSheet sheet;
    private final SimulationResult made;
    private final boolean open;
    private final boolean through;
    private final double backMm;

    private SimulatedZone(SetupSheet sheet, SimulationResult made, double backMm) {
        this.sheet = sheet;
        this.made = made;
        this.backMm = backMm;
        this.open = sheet.joint().hasOpenBack();
        this.through = sheet.penetration() == Penetration.FULL || sheet.penetration() == Penetration.THROUGH;
    }

    /**
     * {@return the zone of a simulated weld, by its back where that is widest: at the end of a plate, where heat piles up, it may burn through sooner
     * than anywhere else}
     *
     * @param sheet    the sheet whose map it is held against
     * @param currentA working current of the simulation, A
     * @param made     the simulation
     */
    public static WeldZone of(SetupSheet sheet, double currentA, SimulationResult made) {
        return new SimulatedZone(sheet, made, made.widestBackMm()).zone(currentA);
    }

    /**
     * {@return the zone of the middle of a simulated weld, which is what a map speaks of: it knows no ends}
     *
     * @param sheet    the sheet whose map it is held against
     * @param currentA working current of the simulation, A
     * @param made     the simulation
     */
    public static WeldZone ofMiddle(SetupSheet sheet, double currentA, SimulationResult made) {
        return new SimulatedZone(sheet, made, made.widths().backMm()).zone(currentA);
    }

    private WeldZone zone(double currentA) {
        double widest =
                WeldPool.widestBackMm(sheet.heat().metal(), sheet.joint().thinnerMm(), currentA);
        if (made.widths().frontMm() <= 0) {
            return WeldZone.NO_FUSION;
        }
        if (open && backMm > WeldZone.SAG_SHARE * widest) {
            return backMm > widest ? WeldZone.BURN_THROUGH : WeldZone.SAGS;
        }
        if (isCold()) {
            return through ? WeldZone.NOT_THROUGH : WeldZone.ROOT_NOT_FUSED;
        }
        boolean solid = !through && sheet.heat().pool().backWidthMm() == 0;
        if (open && solid && made.throughPercent() > SOLID_PERCENT) {
            return WeldZone.BACK_MELTS;
        }
        boolean wideBack = open
                && backMm
                        > WeldZone.MOST_WIDTH_SHARE * 2 * sheet.heat().demand().halfWidthMm();
        return ofPlanned() > WeldZone.MOST_WIDTH_SHARE || wideBack ? WeldZone.TOO_WIDE : WeldZone.GOOD;
    }

    private boolean isCold() {
        if (sheet.joint().isOpenCorner()) {
            return !isCornerFused(sheet.joint(), made);
        }
        return through && open
                ? !isThrough(made)
                : ofPlanned() < WeldZone.LEAST_WIDTH_SHARE || made.widths().rootMm() <= 0;
    }

    /**
     * An open corner is fused where its faces melt as far from the corner as the edges are thick. It is simulated as if it were full, so that what is
     * said of its root would be said of another joint.
     */
    static boolean isCornerFused(Joint joint, SimulationResult made) {
        return made.widths().rootMm() >= joint.thinnerMm();
    }

    /** Through along most of the seam, or, of a short one that starts cold, with half the planned back bead in its middle. */
    static boolean isThrough(SimulationResult made) {
        return made.throughPercent() >= THROUGH_PERCENT
                || made.widths().backMm() >= LEAST_BACK_SHARE * made.widths().sheetBackMm()
                        && made.widths().backMm() > 0;
    }

    /** The pool against the planned one: its width, or its depth where the edges of the sheets bound its width. */
    private double ofPlanned() {
        boolean bounded = through && !open && sheet.heat().demand().depthMm() > 0;
        return bounded
                ? made.widths().rootMm() / sheet.heat().demand().depthMm()
                : made.widths().frontMm() / made.widths().sheetFrontMm();
    }
}
