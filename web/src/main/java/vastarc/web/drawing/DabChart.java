package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** Dabs over time: the planned ones above, the welder's below, and the two ends. */
public final class DabChart {

    private static final double WIDTH = 1000;
    private static final double HEIGHT = 140;
    private static final double LEFT = 110;
    private static final double RIGHT = 20;
    private static final double PLANNED_Y = 34;
    private static final double MADE_Y = 84;
    private static final double HALF = 16;

    private DabChart() {}

    /**
     * {@return the drawing}
     *
     * @param planned    when the plan dabs, s
     * @param made       when the welder did, s
     * @param plannedEnd when the weld was to be ended, s
     * @param ended      when it was, s
     */
    public static Drawing of(List<Double> planned, List<Double> made, double plannedEnd, double ended) {
        Pencil pencil = new Pencil(0, false);
        double length = Math.max(1, Math.max(plannedEnd, ended)) * 1.02;
        double step = RecordingChart.nice(length / 8);
        for (double s = 0; s <= length; s += step) {
            pencil.raw(line(s, length, PLANNED_Y - 26, MADE_Y + 26), "gridline");
            pencil.label(new Point(x(s, length), MADE_Y + 44), RecordingChart.figure(s) + " s", "middle", "dim-text");
        }
        row(pencil, planned, plannedEnd, length, PLANNED_Y, "mark second");
        row(pencil, made, ended, length, MADE_Y, "mark");
        pencil.label(new Point(LEFT - 12, PLANNED_Y + 6), "planned", "end", "dim-text");
        pencil.label(new Point(LEFT - 12, MADE_Y + 6), "yours", "end", "");
        return pencil.drawing(
                0,
                0,
                WIDTH,
                HEIGHT,
                made.size() + " dabs over " + Math.round(ended) + " s, beside " + planned.size() + " planned ones",
                15);
    }

    private static void row(Pencil pencil, List<Double> dabs, double end, double length, double y, String style) {
        dabs.stream().filter(s -> s <= length).forEach(s -> pencil.raw(line(s, length, y - HALF, y + HALF), style));
        pencil.raw(line(end, length, y - HALF - 6, y + HALF + 6), style + " dashed");
    }

    private static String line(double s, double length, double from, double to) {
        return String.format(Locale.ROOT, "M%.1f %.1fV%.1f", x(s, length), from, to);
    }

    private static double x(double s, double length) {
        return LEFT + (WIDTH - LEFT - RIGHT) * s / length;
    }
}
