package vastarc.core.vision;

import java.util.Arrays;
import vastarc.core.base.numerics.OrderStatistics;

/** Middles and spreads that a few wild values do not move. */
final class Robust {

    /** Of the median distance, that makes a standard deviation of a normal spread. */
    private static final double TO_SD = 1.4826;

    private Robust() {}

    static double spread(double[] values) {
        double middle = OrderStatistics.median(values);
        return TO_SD
                * OrderStatistics.median(
                        Arrays.stream(values).map(v -> Math.abs(v - middle)).toArray());
    }

    /** A running mean over so many values on both sides, fewer at the ends. */
    static double[] smoothed(double[] values, int half) {
        double[] sums = new double[values.length + 1];
        for (int i = 0; i < values.length; i++) {
            sums[i + 1] = sums[i] + values[i];
        }
        double[] smooth = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            int from = Math.max(0, i - half);
            int to = Math.min(values.length, i + half + 1);
            smooth[i] = (sums[to] - sums[from]) / (to - from);
        }
        return smooth;
    }
}
