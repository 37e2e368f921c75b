package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** Oxygen inside over time on a logarithmic scale, by both limits and the usual way between, with the target. */
public final class OxygenChart {

    private static final double WIDTH = 540;
    private static final double HEIGHT = 230;
    private static final double LEFT = 62;
    private static final double BOTTOM = 28;
    private static final double TOP = 10;
    private static final double MOST_LOG = 5.4;

    private OxygenChart() {}

    /**
     * With a meter's readings compared with.
     *
     * @param plan the plan
     * @param readings the readings
     * @return the drawing
     */
    public static Drawing of(PurgePlan plan, List<OxygenReading> readings) {
        Pencil pencil = new Pencil(0, false);
        double calculated =
                plan.purge().curve().get(plan.purge().curve().size() - 1).s();
        double end = Math.max(
                calculated,
                readings.isEmpty() ? 0 : readings.get(readings.size() - 1).s());
        grid(pencil);
        times(pencil, end);
        curves(pencil, plan, end);
        for (OxygenReading reading : readings) {
            pencil.raw(path("M%.1f %.1fh5v5h-5Z", x(reading.s(), end) - 2.5, y(reading.ppm()) - 2.5), "reading");
        }
        double target = y(plan.ask().targetPpm());
        pencil.raw(path("M%.1f %.1fH%.1f", LEFT, target, WIDTH - 8), "target");
        String words = "target " + Math.round(plan.ask().targetPpm()) + " ppm";
        pencil.label(new Point(WIDTH - 12, target - 6), words, "end", "position");
        return pencil.drawing(0, 0, WIDTH, HEIGHT, "Oxygen inside over time, logarithmic, with the target", 14);
    }

    /**
     * {@return where a reading lies in the chart of a purge without kept readings, as {@code x y}; empty where that
     * is beyond its end}
     *
     * @param plan the plan
     * @param s time, s
     * @param ppm oxygen, ppm by volume
     */
    public static String place(PurgePlan plan, double s, double ppm) {
        double end = plan.purge().curve().get(plan.purge().curve().size() - 1).s();
        return s < 0 || s > end ? "" : path("%.1f %.1f", x(s, end), y(ppm));
    }

    private static void grid(Pencil pencil) {
        for (int power = 0; power <= 5; power++) {
            double y = y(Math.pow(10, power));
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y, WIDTH - 8), "gridline");
            pencil.label(new Point(LEFT - 6, y + 5), power(power), "end", "dim-text");
        }
        pencil.label(new Point(WIDTH - 12, 24), "oxygen, ppm by volume", "end", "note");
    }

    private static void curves(Pencil pencil, PurgePlan plan, double end) {
        StringBuilder mixed = new StringBuilder();
        StringBuilder blend = new StringBuilder();
        plan.purge().curve().forEach(point -> {
            String step = mixed.isEmpty() ? "M" : "L";
            mixed.append(path(step + "%.1f %.1f", x(point.s(), end), y(point.mixedPpm())));
            blend.append(path(step + "%.1f %.1f", x(point.s(), end), y(point.blendPpm())));
        });
        pencil.raw(mixed.toString(), "mark");
        name(pencil, plan, 0.62 * end, end, "mixed", false);
        plan.purge().displacementS().ifPresent(s -> {
            pencil.raw(blend.toString(), "mark dashed");
            name(pencil, plan, 0.3 * end, end, "typical, filled from below", true);
            pencil.raw(path("M%.1f %.1fV%.1f", x(s, end), TOP, HEIGHT - BOTTOM), "gridline dashed");
            pencil.label(new Point(x(s, end) + 5, HEIGHT - BOTTOM - 8), "one volume", "start", "note");
        });
    }

    /** Names a curve beside it: the stirred one above, the usual one below. */
    private static void name(Pencil pencil, PurgePlan plan, double s, double end, String words, boolean below) {
        double ppm = below ? plan.purge().blendPpm(s) : plan.purge().mixedPpm(s);
        double x = x(s, end) + (below ? -8 : 8);
        pencil.label(new Point(x, y(ppm) + (below ? 14 : -6)), words, below ? "end" : "start", "note");
    }

    private static void times(Pencil pencil, double end) {
        double step = niceStep(end / 6);
        for (double s = 0; s <= end; s += step) {
            String words = end > 180
                    ? UnitSystem.METRIC.show(Quantity.number(s / 60)).figure()
                    : String.format(Locale.ROOT, step < 1 ? "%.1f" : "%.0f", s);
            pencil.label(new Point(x(s, end), HEIGHT - 8), words, "middle", "dim-text");
        }
        pencil.label(new Point(WIDTH - 4, HEIGHT - 8), end > 180 ? "min" : "s", "end", "dim-text");
    }

    private static double niceStep(double rough) {
        double unit = Math.pow(10, Math.floor(Math.log10(rough)));
        double many = rough / unit;
        double nice = many > 5 ? 10 : many > 2 ? 5 : many > 1 ? 2 : 1;
        return rough > 30 ? 60 * Math.max(0.5, Math.ceil(rough / 60)) : nice * unit;
    }

    private static String power(int power) {
        return switch (power) {
            case 3 -> "1 000";
            case 4 -> "10 000";
            case 5 -> "100 000";
            default -> String.valueOf(Math.round(Math.pow(10, power)));
        };
    }

    private static double x(double s, double end) {
        return LEFT + s / end * (WIDTH - LEFT - 14);
    }

    private static double y(double ppm) {
        double share = Math.log10(Math.max(1, ppm)) / MOST_LOG;
        return HEIGHT - BOTTOM - share * (HEIGHT - BOTTOM - TOP);
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
