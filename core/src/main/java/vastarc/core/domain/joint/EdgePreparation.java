package vastarc.core.domain.joint;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import vastarc.core.domain.material.Material;

/** How the edges are prepared. Its words: {@code preparation.<name>}. */
public enum EdgePreparation {
    /** Square edges, touching. */
    SQUARE,
    /** A single V; on plate the V butt is a joint form of its own. */
    V,
    /** Pipe in a socket fitting: a fillet round the mouth. */
    SOCKET,
    /** On a strip of the same metal that stays behind the seam. */
    BACKING_STRIP,
    /** Stem of a T bevelled from one side. */
    BEVEL_ONE_SIDE,
    /** Stem of a T bevelled from both sides. */
    BEVEL_BOTH_SIDES;

    /** Thinnest plate that is prepared as a V, mm (judgement). */
    public static final double V_FROM_MM = 3;

    /** Thickness of a backing strip, mm (judgement). */
    public static final double STRIP_MM = 3;

    /** Width of a backing strip to each side of the seam, mm (judgement). */
    public static final double STRIP_HALF_WIDTH_MM = 15;

    /**
     * {@return whether a joint form is prepared so}
     *
     * @param form the joint form
     */
    public boolean isFor(JointForm form) {
        return forms().contains(form);
    }

    private Set<JointForm> forms() {
        return switch (this) {
            case SQUARE -> EnumSet.complementOf(EnumSet.of(JointForm.V_BUTT));
            case V ->
                EnumSet.of(JointForm.SQUARE_BUTT, JointForm.V_BUTT, JointForm.TUBE_BUTT, JointForm.OUTSIDE_CORNER);
            case SOCKET -> EnumSet.of(JointForm.TUBE_BUTT);
            case BACKING_STRIP -> EnumSet.of(JointForm.V_BUTT);
            case BEVEL_ONE_SIDE, BEVEL_BOTH_SIDES -> EnumSet.of(JointForm.T_FILLET);
        };
    }

    /**
     * {@return what a joint form may choose}
     *
     * @param form the joint form
     */
    public static List<EdgePreparation> choicesFor(JointForm form) {
        return Arrays.stream(values())
                .filter(edgePreparation -> edgePreparation.isFor(form))
                .toList();
    }

    /**
     * {@return what a joint has where nothing is entered: a V where one pass cannot melt through pipe or an outside
     * corner, whose edges are one by themselves}
     *
     * @param form the joint form
     * @param material the material
     * @param thicknessMm of the thinner member, mm
     */
    public static EdgePreparation usualFor(JointForm form, Material material, double thicknessMm) {
        boolean byItself = form == JointForm.TUBE_BUTT || form == JointForm.OUTSIDE_CORNER;
        boolean vee = form == JointForm.V_BUTT || byItself && thicknessMm > material.onePassMm();
        return vee ? V : SQUARE;
    }

    /** {@return whether it is a bevelled T joint} */
    public boolean isBevelledT() {
        return this == BEVEL_ONE_SIDE || this == BEVEL_BOTH_SIDES;
    }

    /** {@return whether the edges are cut to a groove} */
    public boolean isGroove() {
        return this == V || this == BACKING_STRIP || isBevelledT();
    }
}
