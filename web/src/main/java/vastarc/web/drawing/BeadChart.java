package vastarc.web.drawing;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.BeadWidth;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** Width of the bead along the seam, in front whole, behind dashed; a second simulation finer. */
public final class BeadChart {

    private static final double WIDTH = 540;
    private static final double HEIGHT = 170;
    private static final double LEFT = 34;
    private static final double BOTTOM = 24;
    private static final double TOP = 24;
    private static final double LEAST_MM = 2;
    private static final double NEAR = 1e-6;
    private static final double INCH_MM = 25.4;
    private static final double[] WIDTHS_MM = {1, 2, 4, 8};
    private static final double[] WIDTHS_IN = {INCH_MM / 20, INCH_MM / 10, INCH_MM / 5};
    private static final double[] PLACES_MM = {10, 20, 50, 100};
    private static final double[] PLACES_IN = {INCH_MM / 2, INCH_MM, 2 * INCH_MM, 5 * INCH_MM};

    private BeadChart() {}

    /**
     * Of one or two.
     *
     * @param made the simulations
     * @param units the units
     * @return the drawing
     */
    public static Drawing of(List<SimulationResult> made, UnitSystem units) {
        Pencil pencil = new Pencil(0, false);
        double longest = made.stream()
                .flatMap(result -> result.along().stream())
                .mapToDouble(BeadWidth::xMm)
                .max()
                .orElse(1);
        double widest = made.stream()
                .flatMap(result -> result.along().stream())
                .mapToDouble(BeadWidth::frontMm)
                .max()
                .orElse(1);
        boolean inch = units == UnitSystem.INCH;
        double step = step(Math.max(LEAST_MM, widest) / 4, inch ? WIDTHS_IN : WIDTHS_MM);
        double top = step * Math.ceil(Math.max(LEAST_MM, widest) / step);
        for (double mm = 0; mm <= top + NEAR; mm += step) {
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y(mm, top), WIDTH - 6), "gridline");
            pencil.label(new Point(LEFT - 6, y(mm, top) + 5), mark(mm, inch), "end", "dim-text");
        }
        double every = step(longest / 5, inch ? PLACES_IN : PLACES_MM);
        for (double mm = 0; mm <= 0.72 * longest; mm += every) {
            pencil.label(new Point(x(mm, longest), HEIGHT - 6), mark(mm, inch), "middle", "dim-text");
        }
        String unit = inch ? "in" : "mm";
        pencil.label(new Point(WIDTH - 6, HEIGHT - 6), unit + " along the seam", "end", "note");
        pencil.label(new Point(LEFT + 4, 14), "width, " + unit + ": in front; behind dashed", "start", "note");
        for (int i = 0; i < made.size(); i++) {
            String weight = i == 0 ? "" : " second";
            curve(pencil, made.get(i), BeadWidth::frontMm, longest, top, "mark" + weight);
            curve(pencil, made.get(i), BeadWidth::backMm, longest, top, "mark dashed" + weight);
        }
        return pencil.drawing(0, 0, WIDTH, HEIGHT, "Width of the bead along the seam", 14);
    }

    /** The smallest step that is not below what is wanted. */
    private static double step(double wanted, double[] steps) {
        return Arrays.stream(steps).filter(step -> step >= wanted).findFirst().orElse(steps[steps.length - 1]);
    }

    private static String mark(double mm, boolean inch) {
        double value = inch ? mm / INCH_MM : mm;
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.replaceAll("\\.?0+$", "");
    }

    private static void curve(
            Pencil pencil,
            SimulationResult made,
            ToDoubleFunction<BeadWidth> width,
            double longest,
            double top,
            String style) {
        StringBuilder line = new StringBuilder();
        for (BeadWidth place : made.along()) {
            line.append(path(
                    (line.isEmpty() ? "M" : "L") + "%.1f %.1f",
                    x(Math.max(0, place.xMm()), longest),
                    y(width.applyAsDouble(place), top)));
        }
        pencil.raw(line.toString(), style);
    }

    private static double x(double mm, double longest) {
        return LEFT + mm / longest * (WIDTH - LEFT - 10);
    }

    private static double y(double mm, double top) {
        return HEIGHT - BOTTOM - mm / top * (HEIGHT - BOTTOM - TOP);
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
