package vastarc.core.advice.sheet;

import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;

/** How parts are tacked, and what holds their gap meanwhile. Its words: {@code tack.kind.<name>}. Source: handbook. */
public enum TackKind {
    /** A spot without wire. */
    FUSION,
    /** A short run with wire, taken in by the seam. */
    WIRE,
    /** In an open root, feathered at both ends, and part of the root run. */
    ROOT,
    /** Across the bevel above the root, ground out as the root comes: the root is laid in one. */
    BRIDGE;

    /** From this wall on a bevel is deep enough for a bridge, mm (judgement). */
    private static final double BRIDGED_FROM_MM = 6;

    private static final double TOUCHING_MM = 0.1;

    /**
     * Of a sheet.
     *
     * @param sheet the sheet
     * @return the tack kind
     */
    public static TackKind of(SetupSheet sheet) {
        Joint joint = sheet.joint();
        if (joint.preparation() == EdgePreparation.V && gapMm(joint) > TOUCHING_MM) {
            boolean whole =
                    sheet.practice().finish() == FinishRequirement.HYGIENIC || joint.thinnerMm() >= BRIDGED_FROM_MM;
            return whole ? BRIDGE : ROOT;
        }
        return sheet.tacks().fusion() && gapMm(joint) <= TOUCHING_MM ? FUSION : WIRE;
    }

    /**
     * {@return what holds the gap until the tacks do}
     *
     * @param sheet the sheet
     */
    public static Phrase heldBy(SetupSheet sheet) {
        Joint joint = sheet.joint();
        if (gapMm(joint) <= TOUCHING_MM) {
            return Phrase.of(
                    joint.isCorner() || joint.groove().isPresent() ? "tack.held.FITTED" : "tack.held.TOUCHING");
        }
        if (joint.preparation() == EdgePreparation.BACKING_STRIP) {
            return Phrase.of("tack.held.STRIP", gap(joint).quantity());
        }
        return Phrase.of("tack.held.SPACER", gap(joint).quantity());
    }

    private static Length gap(Joint joint) {
        return joint.groove().map(Groove::gap).orElse(joint.gap());
    }

    private static double gapMm(Joint joint) {
        return gap(joint).inMillimetres();
    }
}
