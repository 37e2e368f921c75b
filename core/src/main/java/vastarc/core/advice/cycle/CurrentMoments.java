package vastarc.core.advice.cycle;

import vastarc.core.physics.heat.ArcModel;

/**
 * Integrals of the current over time, exact for currents that change evenly.
 *
 * @param arcS      time with an arc, s
 * @param chargeAs  ∫ I dt, A·s
 * @param squareA2s ∫ I² dt, A²·s
 * @param peakS     time at the peak, or at a current without pulse, while welding, s
 * @param weldS     time welding, s
 */
record CurrentMoments(double arcS, double chargeAs, double squareA2s, double peakS, double weldS) {

    static final CurrentMoments NONE = new CurrentMoments(0, 0, 0, 0, 0);

    static CurrentMoments of(double seconds, double fromA, double toA, Phase phase) {
        double weld = phase == Phase.WELD ? seconds : 0;
        return phase.isArc() ? ramp(seconds, fromA, toA, weld, weld) : NONE;
    }

    static CurrentMoments atBackground(double seconds, double fromA, double toA) {
        return ramp(seconds, fromA, toA, 0, seconds);
    }

    private static CurrentMoments ramp(double seconds, double a, double b, double peakS, double weldS) {
        return new CurrentMoments(seconds, seconds * (a + b) / 2, seconds * (a * a + a * b + b * b) / 3, peakS, weldS);
    }

    CurrentMoments plus(CurrentMoments other) {
        return new CurrentMoments(
                arcS + other.arcS,
                chargeAs + other.chargeAs,
                squareA2s + other.squareA2s,
                peakS + other.peakS,
                weldS + other.weldS);
    }

    CurrentMoments times(long count) {
        return new CurrentMoments(arcS * count, chargeAs * count, squareA2s * count, peakS * count, weldS * count);
    }

    /** ∫ V I dt of an arc whose power is a square of its current, J. */
    double energyJ(ArcModel arc) {
        return arc.energyJ(arcS, chargeAs, squareA2s);
    }
}
