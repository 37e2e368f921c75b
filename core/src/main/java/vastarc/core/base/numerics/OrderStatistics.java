package vastarc.core.base.numerics;

import java.util.Arrays;

/** Values by their order rather than their sum: one wild value moves nothing. */
public final class OrderStatistics {

    private OrderStatistics() {}

    /**
     * {@return the middle of values; not a number without any}
     *
     * @param values in any order
     */
    public static double median(double... values) {
        return quantile(values, 0.5);
    }

    /**
     * {@return the value below which a share of them lies; not a number without any}
     *
     * @param values in any order
     * @param share  0 to 1
     */
    public static double quantile(double[] values, double share) {
        if (values.length == 0) {
            return Double.NaN;
        }
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        double place = share * (sorted.length - 1);
        int below = (int) Math.floor(place);
        int above = Math.min(sorted.length - 1, below + 1);
        return sorted[below] + (place - below) * (sorted[above] - sorted[below]);
    }
}
