package vastarc.core.physics.heat;

/**
 * A pulsed current of rectangular shape.
 *
 * @param rateHz          f, pulses per second
 * @param onFraction      D, 0–1
 * @param backgroundRatio β, background over peak, 0–1
 * @param peakA           peak current, A
 */
public record Pulse(double rateHz, double onFraction, double backgroundRatio, double peakA) {

    /**
     * {@return a steady current, as a pulse that never leaves its peak}
     *
     * @param currentA current, A
     */
    public static Pulse steady(double currentA) {
        return new Pulse(0, 1, 1, currentA);
    }

    /** {@return whether the current does not pulse} */
    public boolean isSteady() {
        return rateHz == 0;
    }

    /** {@return when it is at its peak} */
    public PulseRhythm rhythm() {
        return new PulseRhythm(rateHz, onFraction);
    }

    /** {@return the background current, A} */
    public double backgroundA() {
        return backgroundRatio * peakA;
    }

    /** {@return the mean current, A} */
    public double averageA() {
        return onFraction * peakA + (1 - onFraction) * backgroundA();
    }

    /**
     * For cables and machine rating only: heat follows the average, since arc voltage hardly changes.
     *
     * @return the figure
     */
    public double rmsA() {
        double background = backgroundA();
        return Math.sqrt(onFraction * peakA * peakA + (1 - onFraction) * background * background);
    }

    /**
     * {@return the mean arc power over a whole pulse, W}
     *
     * @param arc the arc model
     */
    public double meanPowerW(ArcModel arc) {
        return onFraction * arc.powerW(peakA) + (1 - onFraction) * arc.powerW(backgroundA());
    }

    /** {@return time at background in each cycle, s} */
    public double offTimeS() {
        return isSteady() ? 0 : (1 - onFraction) / rateHz;
    }

    /**
     * {@return distance between ripples, v/f, mm; 0 for a steady current}
     *
     * @param speedMmPerS travel, mm/s
     */
    public double ripplePitchMm(double speedMmPerS) {
        return isSteady() ? 0 : speedMmPerS / rateHz;
    }
}
