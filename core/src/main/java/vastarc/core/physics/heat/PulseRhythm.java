package vastarc.core.physics.heat;

/**
 * When a rectangular pulse is at its peak. A cycle begins with the peak.
 *
 * @param rateHz     cycles a second, Hz; above 0
 * @param onFraction share of a cycle at the peak, 0 to 1
 */
public record PulseRhythm(double rateHz, double onFraction) {

    /**
     * {@return whether it is at its peak so long after a cycle began, s}
     *
     * @param seconds time, s
     */
    public boolean isOnAt(double seconds) {
        return phaseAt(seconds) < onFraction;
    }

    /**
     * {@return the next instant after one, s, at which it changes between peak and background}
     *
     * @param seconds time, s
     */
    public double nextEdgeS(double seconds) {
        double whole = Math.floor(seconds * rateHz);
        return (whole + (phaseAt(seconds) < onFraction ? onFraction : 1)) / rateHz;
    }

    /**
     * {@return seconds at the peak from the beginning of a cycle until an instant, s}
     *
     * @param until end, s
     */
    public double onS(double until) {
        double whole = Math.floor(until * rateHz);
        return (whole * onFraction + Math.min(phaseAt(until), onFraction)) / rateHz;
    }

    /**
     * {@return how much of the cycle under way is over at an instant, 0 to 1}
     *
     * @param seconds time, s
     */
    public double phaseAt(double seconds) {
        double cycles = seconds * rateHz;
        return cycles - Math.floor(cycles);
    }
}
