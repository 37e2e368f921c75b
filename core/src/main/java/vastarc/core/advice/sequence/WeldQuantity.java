package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;

/**
 * How much there is to weld of one joint.
 *
 * @param seams     like seams
 * @param seamMm    length of each, mm; once round a tube, or a usual run, where it is not given
 * @param piece     name of the piece they belong to; may be empty
 * @param reach     share of a tube's girth that is welded before it has to be turned; by how it is turned where it is not given
 * @param handlingS between two runs, s
 * @param purgeS    filling with argon before the first arc, s
 * @param arcShare  most of the time that the arc is on, 0 to 1: the shop's own where it has runs
 */
public record WeldQuantity(
        int seams,
        OptionalDouble seamMm,
        String piece,
        OptionalDouble reach,
        double handlingS,
        OptionalDouble purgeS,
        double arcShare) {

    /** Number of seams. */
    public static final InputRange SEAMS = new InputRange("seams", 1, 60, Unit.NUMBER);
    /** Length of one seam. */
    public static final InputRange SEAM = new InputRange("seamMm", 5, 20_000, Unit.MILLIMETRE);
    /** Share of a tube's girth that is welded before it has to be turned. */
    public static final InputRange REACH = new InputRange("rotation", 0.1, 1, Unit.NUMBER);
    /** Time between two runs. */
    public static final InputRange HANDLING = new InputRange("handlingS", 0, 3600, Unit.SECOND);
    /** Time to purge before the first arc. */
    public static final InputRange PURGE = new InputRange("purgeS", 0, 7200, Unit.SECOND);

    /** Turn the piece, take a fresh rod, hood up and down, s (judgement). */
    public static final double USUAL_HANDLING_S = 20;

    /** Share of the time that the arc is on where a shop has no runs of its own (judgement: 25 to 40 %). */
    public static final double USUAL_ARC_SHARE = 0.35;

    /** A shop's own share counts within this. */
    public static final double LEAST_ARC_SHARE = 0.05;

    /** The most of a shop's own share that counts; judgement. */
    public static final double MOST_ARC_SHARE = 0.6;

    /**
     * In a shop with the usual share of arc.
     *
     * @param seams how many seams
     * @param seamMm length of the seam, mm; empty if unknown
     * @param piece name of the piece
     * @param reach length that one position of the hand reaches, mm; empty for the usual
     * @param handlingS time for handling a piece, s
     * @param purgeS time for purging a piece, s; empty if not purged
     */
    public WeldQuantity(
            int seams,
            OptionalDouble seamMm,
            String piece,
            OptionalDouble reach,
            double handlingS,
            OptionalDouble purgeS) {
        this(seams, seamMm, piece, reach, handlingS, purgeS, USUAL_ARC_SHARE);
    }

    /**
     * {@return the same in a shop whose arc is on so much of the time, 0 to 1}
     *
     * @param arcShare share of the time with the arc on, 0 to 1
     */
    public WeldQuantity sharing(double arcShare) {
        double within = Math.max(LEAST_ARC_SHARE, Math.min(MOST_ARC_SHARE, arcShare));
        return new WeldQuantity(seams, seamMm, piece, reach, handlingS, purgeS, within);
    }

    /** {@return one seam, as long as the joint has it} */
    public static WeldQuantity usual() {
        return new WeldQuantity(
                1, OptionalDouble.empty(), "", OptionalDouble.empty(), USUAL_HANDLING_S, OptionalDouble.empty());
    }

    /**
     * {@return this quantity with another number of seams and another length of each, mm}
     *
     * @param count how many seams
     * @param mm length, mm
     */
    public WeldQuantity of(int count, double mm) {
        return new WeldQuantity(count, OptionalDouble.of(mm), piece, reach, handlingS, purgeS, arcShare);
    }

    /** {@return everything that cannot be} */
    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        SEAMS.check(seams).ifPresent(problems::add);
        seamMm.ifPresent(mm -> SEAM.check(mm).ifPresent(problems::add));
        reach.ifPresent(share -> REACH.check(share).ifPresent(problems::add));
        HANDLING.check(handlingS).ifPresent(problems::add);
        purgeS.ifPresent(s -> PURGE.check(s).ifPresent(problems::add));
        return problems;
    }
}
