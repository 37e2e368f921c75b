package vastarc.core.advice.sequence;

import java.util.List;
import java.util.Map;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.text.Phrase;

/**
 * The sequence of welds of a job.
 *
 * @param runs   tacks and runs in the order they are welded
 * @param totals what it takes
 * @param length of a seam, mm
 * @param warping distortion, to compare one order with another
 * @param notes  reasons and cautions
 */
public record WeldSequence(
        List<WeldSegment> runs, SequenceTotals totals, double length, double warping, List<Phrase> notes) {

    /** Copies its collections, so that it cannot change. */
    public WeldSequence {
        runs = List.copyOf(runs);
        notes = List.copyOf(notes);
    }

    /** What a stretch of arc is. */
    public enum SegmentKind {
        /** A tack. */
        TACK,
        /** A run of the seam. */
        WELD
    }

    /** Why an arc waits. Its words: {@code route.wait.<name>}. */
    public enum WaitReason {
        /** It does not wait. */
        NONE,
        /** Machine or torch would exceed its duty cycle. */
        DUTY,
        /** The seam is hotter than the interpass temperature. */
        COOLING,
        /** Gas flows over the last end. */
        POST_FLOW,
        /** The tube is turned. */
        ROTATION,
        /** The next piece is loaded and clamped. */
        HANDLING,
        /** The piece is heated. */
        PREHEAT,
        /** The air is purged from the root side. */
        PURGE,
        /** A dipped tungsten is ground. */
        GRIND,
        /** The piece is fitted up. */
        FIT_UP,
        /** The last pass is brushed. */
        BRUSH,
        /** The tacks are dressed. */
        DRESS,
        /** The root is inspected. */
        INSPECT
    }

    /** Why a run ends where it does. Its words: {@code route.end.<name>}. */
    public enum SegmentEnd {
        /** The seam ends. */
        SEAM,
        /** The tube must be turned. */
        TURN,
        /** The rod is used up. */
        ROD,
        /** A dip of the tungsten is to be expected by then. */
        DIPS,
        /** The duty cycle is used up. */
        DUTY,
        /** The back-step is done. */
        BACK_STEP,
        /** The tack is done. */
        TACK
    }

    /**
     * One stretch of arc.
     *
     * @param n       its number, from 1
     * @param seam    from 1
     * @param pass    from 1; 0 for a tack
     * @param fromMm  where it begins along the seam; a back-step ends before it begins
     * @param toMm    where it ends
     * @param end     why there
     * @param startS  when its arc strikes, s from the start of the job
     * @param arcS    how long it burns
     * @param waitS   between the arc before and this one
     * @param waitFor what takes longest of that
     * @param waits   everything that was waited for, s; some go on at the same time
     * @param rmsA    current that counts for the duty, A
     */
    public record WeldSegment(
            int n,
            int seam,
            int pass,
            double fromMm,
            double toMm,
            SegmentKind kind,
            SegmentEnd end,
            double startS,
            double arcS,
            double waitS,
            WaitReason waitFor,
            Map<WaitReason, Double> waits,
            double rmsA) {

        /** Copies its collections, so that it cannot change. */
        public WeldSegment {
            waits = OrderedCollections.map(waits);
        }

        /** {@return when the arc goes out, s from the start of the sequence} */
        public double endS() {
            return startS + arcS;
        }

        /** {@return the welded length, mm} */
        public double lengthMm() {
            return Math.abs(toMm - fromMm);
        }
    }

    /**
     * What a job takes.
     *
     * @param arcS         arc, s
     * @param wallS        from the first wait to the end of the last post-flow, s
     * @param wireM        wire, m
     * @param wireG        mass of wire, g
     * @param torchArgonL  argon at the torch, L
     * @param purgeArgonL  argon behind, L
     * @param energyKWh    from the mains, kWh
     * @param rods         rods opened
     * @param grinds       grinds of the tungsten
     */
    public record SequenceTotals(
            double arcS,
            double wallS,
            double wireM,
            double wireG,
            double torchArgonL,
            double purgeArgonL,
            double energyKWh,
            int rods,
            int grinds) {}
}
