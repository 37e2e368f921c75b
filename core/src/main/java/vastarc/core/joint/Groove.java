package vastarc.core.joint;

import vastarc.core.quantity.Length;

/**
 * Edge preparation of a single V.
 *
 * @param angleDeg included angle, 30–120°
 * @param rootFace unbevelled land
 * @param gap      root gap
 */
public record Groove(double angleDeg, Length rootFace, Length gap) {

    /** The V the product proposes: 60°, 1.5 mm land, 2.4 mm gap. Engineering judgement. */
    public static final Groove USUAL = new Groove(60, Length.ofMillimetres(1.5), Length.ofMillimetres(2.4));

    /** The usual V of pipe: 75° on the same land and gap. Engineering judgement. */
    public static final Groove OF_PIPE = new Groove(75, USUAL.rootFace(), USUAL.gap());

    /** The usual V on a strip: open enough to fuse both edges to it. Engineering judgement. */
    public static final Groove ON_STRIP = new Groove(45, Length.ofMillimetres(0.5), Length.ofMillimetres(4));

    /** The usual bevel of a stem, counted as a whole V of twice its 45°, closed up. Engineering judgement. */
    public static final Groove OF_STEM = new Groove(90, USUAL.rootFace(), Length.ofMillimetres(0));

    /** The V that the edges of an outside corner make, closed up. Engineering judgement. */
    public static final Groove OF_CORNER = new Groove(90, USUAL.rootFace(), Length.ofMillimetres(0));

    /** The usual groove of a preparation. */
    public static Groove usualFor(EdgePreparation preparation, JointForm form) {
        return switch (preparation) {
            case BACKING_STRIP -> ON_STRIP;
            case BEVEL_ONE_SIDE, BEVEL_BOTH_SIDES -> OF_STEM;
            default -> form == JointForm.OUTSIDE_CORNER ? OF_CORNER : form.isTube() ? OF_PIPE : USUAL;
        };
    }

    /** tan of half the included angle. */
    public double halfAngleTangent() {
        return Math.tan(Math.toRadians(angleDeg / 2));
    }
}
