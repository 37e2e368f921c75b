package vastarc.core.score;

import vastarc.core.heat.Arc;

/**
 * Integrals of the current over time, exact for currents that change evenly.
 *
 * @param arcS      time with an arc, s
 * @param chargeAs  ∫ I dt, A·s
 * @param squareA2s ∫ I² dt, A²·s
 * @param peakS     time at the peak, or at a current without pulse, while welding, s
 * @param weldS     time welding, s
 */
record Moments(double arcS, double chargeAs, double squareA2s, double peakS, double weldS) {

    static final Moments NONE = new Moments(0, 0, 0, 0, 0);

    static Moments of(double seconds, double fromA, double toA, Phase phase) {
        double weld = phase == Phase.WELD ? seconds : 0;
        return phase.isArc() ? ramp(seconds, fromA, toA, weld, weld) : NONE;
    }

    static Moments atBackground(double seconds, double fromA, double toA) {
        return ramp(seconds, fromA, toA, 0, seconds);
    }

    private static Moments ramp(double seconds, double a, double b, double peakS, double weldS) {
        return new Moments(seconds, seconds * (a + b) / 2, seconds * (a * a + a * b + b * b) / 3, peakS, weldS);
    }

    Moments plus(Moments other) {
        return new Moments(
                arcS + other.arcS,
                chargeAs + other.chargeAs,
                squareA2s + other.squareA2s,
                peakS + other.peakS,
                weldS + other.weldS);
    }

    Moments times(long count) {
        return new Moments(arcS * count, chargeAs * count, squareA2s * count, peakS * count, weldS * count);
    }

    /** ∫ V I dt of an arc whose power is a square of its current, J. */
    double energyJ(Arc arc) {
        return arc.energyJ(arcS, chargeAs, squareA2s);
    }
}
