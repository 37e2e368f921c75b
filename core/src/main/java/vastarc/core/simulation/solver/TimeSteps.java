package vastarc.core.simulation.solver;

/**
 * How long the next step in time is. Right after the arc strikes or its strength jumps the field changes quickly: steps begin short, grow by a
 * constant factor, and end where the next jump is. A step is never so long that the arc travels far in it. Judgement, held by closed solutions.
 */
public final class TimeSteps {

    /** The longest step, s: short beside the time in which a pool answers. */
    static final double LONGEST_S = 0.05;

    private static final double FIRST_S = 0.002;
    private static final double AFTER_JUMP_S = 0.015;
    private static final double GROWTH = 1.5;
    private static final double MOST_MM = 0.25;
    private static final double LEAST_S = 1e-9;

    private double nextS = FIRST_S;
    private double longestS;

    /**
     * {@return the next step, s; above 0}
     *
     * @param s now, s
     * @param jumpS the next jump of the arc's strength, s
     * @param stopS the next instant at which a step must end for another reason, s; above {@code s}
     * @param speed of the arc, mm/s
     */
    public double next(double s, double jumpS, double stopS, double speed) {
        double most = Math.min(LONGEST_S, speed > 0 ? MOST_MM / speed : LONGEST_S);
        double step = Math.min(nextS, most);
        nextS = step * GROWTH;
        boolean jumps = jumpS <= stopS;
        double left = Math.max(LEAST_S, Math.min(jumpS, stopS) - s);
        if (left <= step * (1 + LEAST_S)) {
            step = left;
            nextS = jumps ? AFTER_JUMP_S : nextS;
        } else if (left < 2 * step) {
            step = left / 2;
        }
        longestS = Math.max(longestS, step);
        return step;
    }

    /** {@return the longest that was taken, s} */
    public double longestS() {
        return longestS;
    }
}
