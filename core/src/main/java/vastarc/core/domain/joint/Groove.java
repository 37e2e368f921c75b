package vastarc.core.domain.joint;

import vastarc.core.base.units.Length;

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

    /**
     * {@return the usual groove of a preparation}
     *
     * @param preparation the edge preparation
     * @param form the joint form
     */
    public static Groove usualFor(EdgePreparation preparation, JointForm form) {
        return switch (preparation) {
            case BACKING_STRIP -> ON_STRIP;
            case BEVEL_ONE_SIDE, BEVEL_BOTH_SIDES -> OF_STEM;
            default -> form == JointForm.OUTSIDE_CORNER ? OF_CORNER : form.isTube() ? OF_PIPE : USUAL;
        };
    }

    private static final double CAP_HEIGHT_MM = 1;
    private static final double CAP_OVERLAP_MM = 2;

    /**
     * {@return section below the face of plate t thick, mm²: \( g t + (t-f)^2\tan(\alpha/2) \); g gap, f root face, α
     * angle} Source: geometry [textbook].
     *
     * @param thicknessMm thickness, mm
     */
    public double sectionMm2(double thicknessMm) {
        double bevel = bevelMm(thicknessMm);
        return gap.inMillimetres() * thicknessMm + bevel * bevel * halfAngleTangent();
    }

    /**
     * {@return section of the cap above the face, mm²: \( \tfrac23 w h \), h 1 mm, \( w = g + 2(t-f)\tan(\alpha/2) +
     * 2 \)} Source: geometry [textbook], h and the overlap [judgement].
     *
     * @param thicknessMm thickness, mm
     */
    public double capMm2(double thicknessMm) {
        double width = gap.inMillimetres() + 2 * bevelMm(thicknessMm) * halfAngleTangent() + CAP_OVERLAP_MM;
        return 2.0 / 3 * width * CAP_HEIGHT_MM;
    }

    private double bevelMm(double thicknessMm) {
        return Math.max(0, thicknessMm - rootFace.inMillimetres());
    }

    /** {@return tan of half the included angle} */
    public double halfAngleTangent() {
        return Math.tan(Math.toRadians(angleDeg / 2));
    }
}
