package vastarc.core.simulation.observe;

import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.observe.TemperatureReader.PlateFace;
import vastarc.core.simulation.result.IsothermExtent;

/** Reads off a field what a temperature encloses. */
public final class IsothermReader {

    private IsothermReader() {}

    /**
     * {@return what a temperature encloses while the arc is at a place along the seam}
     *
     * @param view reads temperatures
     * @param celsius temperature, °C
     * @param arcX where the arc is along the seam, mm
     */
    public static IsothermExtent of(TemperatureReader view, double celsius, double arcX) {
        double[] top = span(view, celsius, PlateFace.TOP);
        double[] bottom = span(view, celsius, PlateFace.BOTTOM);
        boolean none = top[0] == top[1];
        return new IsothermExtent(
                celsius,
                width(view, celsius, PlateFace.TOP),
                width(view, celsius, PlateFace.BOTTOM),
                top[1] - top[0],
                bottom[1] - bottom[0],
                depth(view, celsius),
                none ? 0 : top[1] - arcX,
                none ? 0 : arcX - top[0]);
    }

    /** Twice how far from the seam it reaches where it reaches farthest. */
    static double width(TemperatureReader view, double celsius, PlateFace face) {
        double[] reaches = new double[view.reached() + 2];
        int widest = 1;
        for (int column = 0; column < view.reached(); column++) {
            if (view.seam(column, face) >= celsius) {
                reaches[column + 1] = view.reach(column, celsius, face);
                widest = reaches[column + 1] > reaches[widest] ? column + 1 : widest;
            }
        }
        return 2 * crest(reaches[widest - 1], reaches[widest], reaches[widest + 1]);
    }

    /** The top of the parabola through three neighbours, the middle one the largest; a neighbour of nothing is left out. */
    private static double crest(double before, double middle, double after) {
        double bend = before - 2 * middle + after;
        return before <= 0 || after <= 0 || bend >= 0
                ? middle
                : middle - (after - before) * (after - before) / (8 * bend);
    }

    /** From where to where along the seam line; equal where it is nowhere. */
    private static double[] span(TemperatureReader view, double celsius, PlateFace face) {
        int hottest = 0;
        double most = Double.NEGATIVE_INFINITY;
        int columns = view.reached();
        double[] line = new double[columns];
        for (int column = 0; column < columns; column++) {
            line[column] = view.seam(column, face);
            if (line[column] > most) {
                most = line[column];
                hottest = column;
            }
        }
        if (most < celsius) {
            return new double[] {0, 0};
        }
        return new double[] {end(view, line, hottest, -1, celsius), end(view, line, hottest, 1, celsius)};
    }

    private static double end(TemperatureReader view, double[] line, int from, int step, double celsius) {
        int column = from;
        while (column + step >= 0 && column + step < line.length && line[column + step] >= celsius) {
            column += step;
        }
        Grid grid = view.grid();
        int next = column + step;
        if (next < 0) {
            return 0;
        }
        if (next >= line.length) {
            return next * grid.dx;
        }
        return view.between(grid.x(column), line[column], grid.x(next), line[next], celsius);
    }

    private static double depth(TemperatureReader view, double celsius) {
        double deepest = 0;
        for (int column = 0; column < view.reached(); column++) {
            if (view.seam(column, PlateFace.TOP) >= celsius || view.seam(column, PlateFace.BOTTOM) >= celsius) {
                deepest = Math.max(deepest, view.depth(column, celsius));
            }
        }
        return deepest;
    }
}
