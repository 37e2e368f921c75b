package vastarc.core.coach;

import java.util.OptionalDouble;

/** A condition that counts once it has lasted, and counts again while it goes on. Belongs to one run; not safe for several threads. */
final class ConditionTimer {

    /** What still lasts counts again after so long, s. */
    static final double AGAIN_S = 5;

    private static final double NEARLY = 1e-9;

    private final double leastS;
    private OptionalDouble sinceS = OptionalDouble.empty();
    private OptionalDouble raisedS = OptionalDouble.empty();

    /** Counts once it has lasted for {@code leastS}; 0 counts at once. */
    ConditionTimer(double leastS) {
        this.leastS = leastS;
    }

    /**
     * {@return whether it counts now}
     *
     * @param s  time of a reading, none earlier than the one before
     * @param is whether the reading shows it
     */
    boolean accept(double s, boolean is) {
        if (!is) {
            sinceS = OptionalDouble.empty();
            raisedS = OptionalDouble.empty();
            return false;
        }
        double since = sinceS.orElse(s);
        sinceS = OptionalDouble.of(since);
        boolean due = raisedS.isEmpty() ? s - since >= leastS - NEARLY : s - raisedS.getAsDouble() >= AGAIN_S;
        raisedS = due ? OptionalDouble.of(s) : raisedS;
        return due;
    }

    /** {@return since when it has lasted, s; empty where it does not} */
    OptionalDouble sinceS() {
        return sinceS;
    }

    void over() {
        sinceS = OptionalDouble.empty();
        raisedS = OptionalDouble.empty();
    }
}
