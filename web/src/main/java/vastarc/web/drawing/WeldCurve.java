package vastarc.web.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

/** A weld in time at a glance: current over time, and beneath it when gas flows. */
public final class WeldCurve {

    private static final double WIDTH = 100;
    private static final double HEIGHT = 44;
    private static final double LEFT = 12;
    private static final double BASE = 34;
    private static final double TOP = 6;
    private static final double FONT = 3.4;

    private WeldCurve() {}

    /**
     * Draws an envelope.
     *
     * @param figures corners {@code t0 a0 t1 a1 …}, s and A, in the order of time, and {@code gasFrom},
     *     {@code gasTo}, s
     * @return the drawing
     */
    public static Drawing of(Map<String, Double> figures) {
        List<double[]> corners = IntStream.iterate(0, i -> figures.containsKey("t" + i), i -> i + 1)
                .mapToObj(i -> new double[] {of(figures, "t" + i), of(figures, "a" + i)})
                .toList();
        double end = corners.stream().mapToDouble(corner -> corner[0]).max().orElse(1);
        double most = corners.stream().mapToDouble(corner -> corner[1]).max().orElse(1);
        List<Drawing.Path> paths = new ArrayList<>();
        List<Drawing.Label> labels = new ArrayList<>();
        paths.add(new Drawing.Path(line("M%.2f %.2fV%.2fH%.2f", LEFT, TOP, BASE, WIDTH - 2), "dim"));
        StringBuilder curve = new StringBuilder();
        for (double[] corner : corners) {
            curve.append(line("%s%.2f %.2f", curve.length() == 0 ? "M" : "L", x(corner[0], end), y(corner[1], most)));
        }
        paths.add(new Drawing.Path(curve.toString(), "mark"));
        double gasFrom = x(of(figures, "gasFrom"), end);
        double gasTo = x(of(figures, "gasTo"), end);
        paths.add(new Drawing.Path(line("M%.2f %.2fH%.2fv2.4H%.2fZ", gasFrom, BASE + 1.6, gasTo, gasFrom), "band"));
        labels.add(new Drawing.Label(1, TOP + 2, Math.round(most) + " A", "start", ""));
        labels.add(new Drawing.Label(1, BASE + 4, "gas", "start", ""));
        labels.add(new Drawing.Label(LEFT, HEIGHT - 1, "0 s", "start", ""));
        labels.add(new Drawing.Label(WIDTH - 2, HEIGHT - 1, line("%.1f s", end), "end", ""));
        return new Drawing(
                line("0 0 %.0f %.0f", WIDTH, HEIGHT),
                "The weld in time: current, and when gas flows",
                paths,
                labels,
                FONT);
    }

    private static double of(Map<String, Double> figures, String name) {
        return figures.getOrDefault(name, 0.0);
    }

    private static double x(double s, double end) {
        return LEFT + (WIDTH - 2 - LEFT) * s / Math.max(0.1, end);
    }

    private static double y(double current, double most) {
        return BASE - (BASE - TOP) * current / Math.max(1, most);
    }

    private static String line(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
