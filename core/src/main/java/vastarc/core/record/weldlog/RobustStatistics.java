package vastarc.core.record.weldlog;

import java.util.Arrays;
import vastarc.core.base.numerics.OrderStatistics;

/** Readings by their order rather than their sum: one wild reading moves nothing. */
final class RobustStatistics {

    private RobustStatistics() {}

    /** Noise of readings, one standard deviation: from what each differs by from the one before, which a slow change hardly moves. */
    static double noise(double[] values) {
        if (values.length < 3) {
            return 0;
        }
        double[] steps = new double[values.length - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = Math.abs(values[i + 1] - values[i]);
        }
        return OrderStatistics.median(steps) / 0.954;
    }

    /** Every value replaced by the median of those within half a width in time. */
    static double[] smoothed(double[] s, double[] values, double widthS) {
        double[] smooth = new double[values.length];
        int from = 0;
        int to = 0;
        for (int i = 0; i < values.length; i++) {
            while (s[from] < s[i] - widthS / 2) {
                from++;
            }
            while (to < values.length && s[to] <= s[i] + widthS / 2) {
                to++;
            }
            smooth[i] = OrderStatistics.median(Arrays.copyOfRange(values, from, to));
        }
        return smooth;
    }
}
