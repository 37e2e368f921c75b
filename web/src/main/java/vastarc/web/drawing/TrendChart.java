package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** A figure of many runs over the days, with the middle of every week drawn through. */
public final class TrendChart {

    private static final double WIDTH = 580;
    private static final double HEIGHT = 200;
    private static final double LEFT = 62;
    private static final double RIGHT = 14;
    private static final double TOP = 30;
    private static final double BOTTOM = 26;

    private TrendChart() {}

    /** A figure on a day, counted from the first. */
    public record Dot(double day, double value) {}

    /**
     * What is shown.
     *
     * @param name    of the figure, with its unit
     * @param dots    of single runs; may be none
     * @param weeks   the middle of every week
     * @param days    from the first to the last
     * @param first   the first day in words, {@code last} the last
     * @param line    where it should be; not a number for nowhere
     * @param percent a share from 0 to 100
     * @param limits  which the drawn line should not leave
     */
    public record Trend(
            String name,
            List<Dot> dots,
            List<Dot> weeks,
            double days,
            String first,
            String last,
            double line,
            boolean percent,
            List<Double> limits) {}

    /**
     * Draws a trend.
     *
     * @param trend the trend
     * @return the drawing
     */
    public static Drawing of(Trend trend) {
        Pencil pencil = new Pencil(0, false);
        double low = trend.percent() ? 0 : least(trend);
        double high = trend.percent() ? 100 : most(trend);
        double step = RecordingChart.nice((high - low) / 4);
        low = trend.percent() ? 0 : Math.floor(low / step) * step;
        high = trend.percent() ? 100 : Math.ceil(high / step + 1e-9) * step;
        for (double value = low; value <= high + step / 2; value += step) {
            double y = y(value, low, high);
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y, WIDTH - RIGHT), "gridline");
            pencil.label(new Point(LEFT - 6, y + 5), RecordingChart.figure(value), "end", "dim-text");
        }
        if (trend.line() >= low && trend.line() <= high) {
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y(trend.line(), low, high), WIDTH - RIGHT), "mark dotted");
        }
        for (double limit : trend.limits()) {
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y(limit, low, high), WIDTH - RIGHT), "mark dashed second");
        }
        for (Dot dot : trend.dots()) {
            pencil.raw(
                    path("M%.1f %.1fh4v4h-4Z", x(dot.day(), trend.days()) - 2, y(dot.value(), low, high) - 2),
                    "reading");
        }
        StringBuilder through = new StringBuilder();
        for (Dot week : trend.weeks()) {
            through.append(path(
                    through.isEmpty() ? "M%.1f %.1f" : "L%.1f %.1f",
                    x(week.day(), trend.days()),
                    y(week.value(), low, high)));
        }
        if (!through.isEmpty()) {
            pencil.raw(through.toString(), "mark");
        }
        pencil.label(new Point(LEFT, 18), trend.name(), "start", "position");
        pencil.label(new Point(LEFT, HEIGHT - 7), trend.first(), "start", "dim-text");
        pencil.label(new Point(WIDTH - RIGHT, HEIGHT - 7), trend.last(), "end", "dim-text");
        return pencil.drawing(0, 0, WIDTH, HEIGHT, trend.name() + " over the days", 15);
    }

    private static double least(Trend trend) {
        double least = Double.isNaN(trend.line()) ? Double.MAX_VALUE : trend.line();
        for (Dot dot : trend.dots()) {
            least = Math.min(least, dot.value());
        }
        for (double limit : trend.limits()) {
            least = Math.min(least, limit);
        }
        return least == Double.MAX_VALUE ? 0 : least;
    }

    private static double most(Trend trend) {
        double most = Double.isNaN(trend.line()) ? -Double.MAX_VALUE : trend.line();
        for (Dot dot : trend.dots()) {
            most = Math.max(most, dot.value());
        }
        for (double limit : trend.limits()) {
            most = Math.max(most, limit);
        }
        return most <= least(trend) ? least(trend) + 1 : most;
    }

    private static double x(double day, double days) {
        return LEFT + 4 + day / Math.max(1, days) * (WIDTH - LEFT - RIGHT - 8);
    }

    private static double y(double value, double low, double high) {
        return HEIGHT - BOTTOM - (value - low) / (high - low) * (HEIGHT - BOTTOM - TOP);
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
