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

    /** tan of half the included angle. */
    public double halfAngleTangent() {
        return Math.tan(Math.toRadians(angleDeg / 2));
    }
}
