package vastarc.core.advice.parameters;

/**
 * A value inside its range.
 *
 * @param value the setting
 * @param low   lowest that still works; at most the value
 * @param high  highest that still works; at least the value
 */
public record Range(double value, double low, double high) {

    /** Checks its values; throws {@link IllegalArgumentException} where one is out of range. */
    public Range {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException("window " + low + " to " + high + " must contain its value " + value);
        }
    }

    /**
     * {@return a value that leaves no choice}
     *
     * @param value the value
     */
    public static Range only(double value) {
        return new Range(value, value, value);
    }

    /**
     * {@return a range around a value, widened to contain it}
     *
     * @param value the value
     * @param low lowest value
     * @param high highest value
     */
    public static Range around(double value, double low, double high) {
        return new Range(value, Math.min(low, value), Math.max(high, value));
    }
}
