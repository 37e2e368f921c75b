package vastarc.core.sheet;

/**
 * A value inside its window.
 *
 * @param value the setting
 * @param low   lowest that still works; at most the value
 * @param high  highest that still works; at least the value
 */
public record Window(double value, double low, double high) {

    public Window {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException("window " + low + " to " + high + " must contain its value " + value);
        }
    }

    /** A value that leaves no choice. */
    public static Window only(double value) {
        return new Window(value, value, value);
    }

    /** A window around a value, widened to contain it. */
    public static Window around(double value, double low, double high) {
        return new Window(value, Math.min(low, value), Math.max(high, value));
    }
}
