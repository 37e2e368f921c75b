package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import vastarc.core.rehearsal.Rehearsal;
import vastarc.core.rehearsal.Rehearsal.Along;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** Width of the bead along the seam, in front whole, behind dashed; a second rehearsal finer. */
public final class BeadChart {

    private static final double WIDTH = 540;
    private static final double HEIGHT = 170;
    private static final double LEFT = 34;
    private static final double BOTTOM = 24;
    private static final double TOP = 24;
    private static final double LEAST_MM = 2;

    private BeadChart() {}

    /** Of one or two. */
    public static Drawing of(List<Rehearsal> made) {
        Pencil pencil = new Pencil(0, false);
        double longest = made.stream()
                .flatMap(one -> one.along().stream())
                .mapToDouble(Along::xMm)
                .max()
                .orElse(1);
        double widest = made.stream()
                .flatMap(one -> one.along().stream())
                .mapToDouble(Along::frontMm)
                .max()
                .orElse(1);
        double top = Math.ceil(Math.max(LEAST_MM, widest));
        double step = top > 8 ? 4 : top > 4 ? 2 : 1;
        for (double mm = 0; mm <= top; mm += step) {
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y(mm, top), WIDTH - 6), "gridline");
            pencil.label(new Point(LEFT - 6, y(mm, top) + 5), String.valueOf((int) mm), "end", "dim-text");
        }
        double every = longest > 120 ? 50 : longest > 50 ? 20 : 10;
        for (double mm = 0; mm <= 0.72 * longest; mm += every) {
            pencil.label(new Point(x(mm, longest), HEIGHT - 6), String.valueOf((int) mm), "middle", "dim-text");
        }
        pencil.label(new Point(WIDTH - 6, HEIGHT - 6), "mm along the seam", "end", "note");
        pencil.label(new Point(LEFT + 4, 14), "width, mm: in front; behind dashed", "start", "note");
        for (int i = 0; i < made.size(); i++) {
            String weight = i == 0 ? "" : " second";
            curve(pencil, made.get(i), Along::frontMm, longest, top, "mark" + weight);
            curve(pencil, made.get(i), Along::backMm, longest, top, "mark dashed" + weight);
        }
        return pencil.drawing(0, 0, WIDTH, HEIGHT, "Width of the bead along the seam", 14);
    }

    private static void curve(
            Pencil pencil, Rehearsal made, ToDoubleFunction<Along> width, double longest, double top, String style) {
        StringBuilder line = new StringBuilder();
        for (Along place : made.along()) {
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
