package vastarc.core.record.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Whether a machine's current drifts against its sheets, by a control chart of the ratio: a mean in which each new run counts a fifth, against
 * the first runs. Source: exponentially weighted control chart [textbook]; five first runs, limits of three spreads and at least 4 % by
 * judgement.
 *
 * @param from  mean ratio of the first runs
 * @param now   the weighted mean at the last
 * @param limit it may go away from the first
 * @param means  the weighted mean after each run
 */
public record Drift(double from, double now, double limit, List<Double> means) {

    private static final int FIRST = 5;
    private static final int LEAST = 8;
    private static final double COUNTS = 0.2;
    private static final double SPREADS = 3;
    private static final double LEAST_LIMIT = 0.04;

    /** Copies its collections, so that it cannot change. */
    public Drift {
        means = List.copyOf(means);
    }

    /**
     * {@return the chart of ratios in order of time; empty where there are too few}
     *
     * @param ratios measured over planned, in order of time
     */
    public static Optional<Drift> of(List<Double> ratios) {
        if (ratios.size() < LEAST) {
            return Optional.empty();
        }
        double from = ratios.stream()
                .limit(FIRST)
                .mapToDouble(ratio -> ratio)
                .average()
                .orElse(1);
        double mean = from;
        double steps = 0;
        List<Double> means = new ArrayList<>();
        means.add(mean);
        for (int i = 1; i < ratios.size(); i++) {
            steps += Math.abs(ratios.get(i) - ratios.get(i - 1));
            mean += i >= FIRST ? COUNTS * (ratios.get(i) - mean) : 0;
            means.add(mean);
        }
        // The spread from how much runs differ from the one before: a slow drift hardly moves it.
        double spread = steps / (ratios.size() - 1) / 1.128;
        double limit = Math.max(LEAST_LIMIT, SPREADS * spread * Math.sqrt(COUNTS / (2 - COUNTS)));
        return Optional.of(new Drift(from, mean, limit, means));
    }

    /** {@return whether the machine is to be measured again} */
    public boolean isOut() {
        return Math.abs(now - from) > limit;
    }
}
