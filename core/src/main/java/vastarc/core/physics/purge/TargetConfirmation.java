package vastarc.core.physics.purge;

/**
 * Whether a meter has read below the target for three of its lags: before that it may only be late. Fed with readings in order of time.
 * Source: bench figures [judgement].
 */
public final class TargetConfirmation {

    /** How long it has to stay there, s. */
    public static final double HELD_S = 3 * OxygenMeter.LAG_S;

    private final double targetPpm;
    private double sinceS = Double.NaN;

    /** @param targetPpm oxygen to get to, ppm */
    public TargetConfirmation(double targetPpm) {
        this.targetPpm = targetPpm;
    }

    /**
     * Takes a reading.
     *
     * @param s   time of the reading, s
     * @param ppm what it read
     * @return whether the target has now been held long enough
     */
    public boolean holds(double s, double ppm) {
        if (ppm > targetPpm) {
            sinceS = Double.NaN;
        } else if (Double.isNaN(sinceS)) {
            sinceS = s;
        }
        return s - sinceS >= HELD_S;
    }
}
