package vastarc.core.advice.map;

import java.util.Optional;

/**
 * What a map is to show, beside the current.
 *
 * @param axis   of the rows
 * @param nx     values of the current
 * @param ny     rows
 * @param xRange first and last current, A; around the sheet's where empty
 * @param yRange first and last value of the rows; around the sheet's where empty
 */
public record MapRequest(MapAxis axis, int nx, int ny, Optional<AxisRange> xRange, Optional<AxisRange> yRange) {

    /** Fewest values of an axis. */
    public static final int LEAST = 2;

    /** Most values of an axis. */
    public static final int MOST = 121;

    /** Values of an axis, where nothing else is asked for. */
    public static final int USUAL = 61;

    /**
     * {@return the usual map around a sheet}
     *
     * @param axis what the rows go over
     */
    public static MapRequest usual(MapAxis axis) {
        return new MapRequest(axis, USUAL, USUAL, Optional.empty(), Optional.empty());
    }

    /** From one value to another, the first the smaller one. */
    public record AxisRange(double low, double high) {

        double at(int i, int count) {
            return low + (high - low) * i / (count - 1);
        }
    }
}
