package vastarc.core.record.weldlog;

import java.util.Optional;
import vastarc.core.record.weldlog.RunEvent.EventKind;

/**
 * Tells while readings come when an arc has been struck and when it has gone out: above, or below, half the least the tungsten holds for
 * 0.2 s. Belongs to one meter beside one run; not safe for several threads.
 */
public final class ArcDetector {

    private static final double LEAST_S = 0.2;

    private final double threshold;
    private boolean burning;
    private double crossedS = Double.NaN;

    /**
     * Begins to listen.
     *
     * @param leastStableA lowest current the tungsten holds, A
     * @param burning      an arc burns already
     */
    public ArcDetector(double leastStableA, boolean burning) {
        this.threshold = leastStableA > 0 ? leastStableA / 2 : ArcFinder.USUAL_THRESHOLD_A;
        this.burning = burning;
    }

    /**
     * A reading, none earlier than the one before.
     *
     * @param s time, s
     * @param amps current, A
     * @return what has happened, at the time of the first reading that showed it; empty where nothing has
     */
    public Optional<RunEvent> accept(double s, double amps) {
        boolean on = amps >= threshold;
        if (on == burning) {
            crossedS = Double.NaN;
            return Optional.empty();
        }
        crossedS = Double.isNaN(crossedS) ? s : crossedS;
        if (s - crossedS < LEAST_S) {
            return Optional.empty();
        }
        burning = on;
        RunEvent event = new RunEvent(crossedS, on ? EventKind.ARC_ON : EventKind.ARC_OFF);
        crossedS = Double.NaN;
        return Optional.of(event);
    }

    /**
     * The welder has marked what the readings did not show.
     *
     * @param nowBurning whether the arc burns
     */
    public void setBurning(boolean nowBurning) {
        burning = nowBurning;
        crossedS = Double.NaN;
    }
}
