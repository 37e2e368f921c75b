package vastarc.core.advice.parameters;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Whether a machine's current has changed against its sheets: of all ways to part its runs into earlier and later ones, the one whose means lie
 * farthest apart, held against chance. {@code docs/model/diagnosis.md (4)}. Source: change point by the largest likelihood ratio [textbook];
 * bounds by judgement.
 *
 * @param from  mean ratio before; of all runs where it has not changed
 * @param now   mean ratio since; of all runs where it has not changed
 * @param since first run of the present state, from 0; 0 where it has not changed
 * @param limit how far two such means may lie apart by chance, a ratio
 */
public record Drift(double from, double now, int since, double limit) {

    /** Fewer say nothing of a change. */
    public static final int LEAST = 8;

    private static final int LEAST_OF_A_STATE = 3;
    private static final double SPREADS = 3.3;

    /** The usual scatter counts like so many runs. */
    private static final double PRIOR_RUNS = 6;

    /**
     * {@return what ratios in order of time say; empty where there are too few}
     *
     * @param ratios measured over planned current, in order of time, above 0
     */
    public static Optional<Drift> of(List<Double> ratios) {
        int count = ratios.size();
        if (count < LEAST) {
            return Optional.empty();
        }
        double[] logs = ratios.stream().mapToDouble(ratio -> Math.log(ratio)).toArray();
        double spread = spread(logs);
        int at = IntStream.rangeClosed(LEAST_OF_A_STATE, count - LEAST_OF_A_STATE)
                .boxed()
                .max((a, b) -> Double.compare(apart(logs, a) / chance(count, a), apart(logs, b) / chance(count, b)))
                .orElseThrow();
        double limit = SPREADS * spread * chance(count, at);
        return Optional.of(
                apart(logs, at) > limit
                        ? new Drift(ratio(logs, 0, at), ratio(logs, at, count), at, Math.exp(limit) - 1)
                        : new Drift(ratio(logs, 0, count), ratio(logs, 0, count), 0, Math.exp(limit) - 1));
    }

    /** By how much runs differ from the one before: a change hardly moves it. */
    private static double spread(double[] logs) {
        double squares = IntStream.range(1, logs.length)
                .mapToDouble(i -> (logs[i] - logs[i - 1]) * (logs[i] - logs[i - 1]) / 2)
                .sum();
        double usual = MachineCalibration.SCATTER * MachineCalibration.SCATTER;
        return Math.sqrt((squares + PRIOR_RUNS * usual) / (logs.length - 1 + PRIOR_RUNS));
    }

    private static double apart(double[] logs, int at) {
        return Math.abs(mean(logs, 0, at) - mean(logs, at, logs.length));
    }

    private static double chance(int count, int at) {
        return Math.sqrt(1.0 / at + 1.0 / (count - at));
    }

    private static double ratio(double[] logs, int from, int to) {
        return Math.exp(mean(logs, from, to));
    }

    private static double mean(double[] logs, int from, int to) {
        return DoubleStream.of(logs).skip(from).limit(to - from).average().orElse(0);
    }

    /** {@return whether the machine is to be measured again} */
    public boolean isOut() {
        return since > 0;
    }
}
