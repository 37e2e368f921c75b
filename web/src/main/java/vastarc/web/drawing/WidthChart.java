package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** The width of a bead along its seam, with its doubt, beside what was expected and what was rehearsed. */
public final class WidthChart {

    private static final double WIDTH = 580;
    private static final double HEIGHT = 205;
    private static final double LEFT = 62;
    private static final double RIGHT = 14;
    private static final double TOP = 34;
    private static final double BOTTOM = 30;

    /** Measured places farther apart than this are not joined: what lies between was left out, mm. */
    private static final double APART_MM = 3;

    private final Widths widths;
    private final Pencil pencil = new Pencil(0, false);
    private final double longest;
    private final double step;
    private final double low;
    private final double high;

    /**
     * A width at a place.
     *
     * @param mm        along the seam
     * @param widthMm   from toe to toe
     * @param plusMinus half of a 90 % interval, mm
     */
    public record WidthAt(double mm, double widthMm, double plusMinus) {

        double least() {
            return widthMm - plusMinus;
        }

        double most() {
            return widthMm + plusMinus;
        }
    }

    /**
     * What is drawn.
     *
     * @param name      of the chart, with its unit
     * @param unitMm    how many mm the unit of its scales is
     * @param measured  place by place
     * @param expected  by the sheet, mm; empty where it says nothing
     * @param rehearsed place by place; none without a rehearsal
     */
    public record Widths(
            String name, double unitMm, List<WidthAt> measured, OptionalDouble expected, List<WidthAt> rehearsed) {}

    private WidthChart(Widths widths) {
        this.widths = widths;
        this.longest = Math.max(
                1, widths.measured().stream().mapToDouble(WidthAt::mm).max().orElse(1));
        double least = values(WidthAt::least).min().orElse(0);
        double most = values(WidthAt::most).max().orElse(1);
        this.step = step(Math.max(0.4, most - least) / 4);
        this.low = Math.floor(least / step) * step;
        this.high = Math.max(low + step, Math.ceil(most / step) * step);
    }

    /**
     * {@return the drawing}
     *
     * @param widths what is drawn
     */
    public static Drawing of(Widths widths) {
        return new WidthChart(widths).drawing();
    }

    /** A round step of the chart's own unit, mm. */
    private double step(double roughMm) {
        return RecordingChart.nice(roughMm / widths.unitMm()) * widths.unitMm();
    }

    private String figure(double mm) {
        return RecordingChart.figure(mm / widths.unitMm());
    }

    private DoubleStream values(ToDoubleFunction<WidthAt> value) {
        return DoubleStream.concat(
                Stream.concat(widths.measured().stream(), rehearsed()).mapToDouble(value), widths.expected().stream());
    }

    /** As far as the bead in view goes. */
    private Stream<WidthAt> rehearsed() {
        return widths.rehearsed().stream().filter(place -> place.mm() <= longest && place.widthMm() > 0);
    }

    private Drawing drawing() {
        for (double value = low; value <= high + step / 2; value += step) {
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y(value), WIDTH - RIGHT), "gridline");
            pencil.label(new Point(LEFT - 6, y(value) + 5), figure(value), "end", "dim-text");
        }
        double along = step(longest / 6);
        for (double mm = 0; mm <= longest; mm += along) {
            pencil.label(new Point(x(mm), HEIGHT - BOTTOM + 18), figure(mm), "middle", "dim-text");
        }
        widths.expected()
                .ifPresent(mm -> pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y(mm), WIDTH - RIGHT), "mark dotted"));
        line(rehearsed().toList(), WidthAt::widthMm, "mark dashed second");
        line(widths.measured(), WidthAt::least, "gridline");
        line(widths.measured(), WidthAt::most, "gridline");
        line(widths.measured(), WidthAt::widthMm, "mark");
        pencil.label(new Point(LEFT, 18), widths.name(), "start", "position");
        return pencil.drawing(0, 0, WIDTH, HEIGHT, widths.name(), 15);
    }

    private void line(List<WidthAt> places, ToDoubleFunction<WidthAt> value, String style) {
        StringBuilder line = new StringBuilder();
        double before = Double.NEGATIVE_INFINITY;
        for (WidthAt place : places) {
            line.append(path(
                    place.mm() - before > APART_MM ? "M%.1f %.1f" : "L%.1f %.1f",
                    x(place.mm()),
                    y(value.applyAsDouble(place))));
            before = place.mm();
        }
        if (!line.isEmpty()) {
            pencil.raw(line.toString(), style);
        }
    }

    private double x(double mm) {
        return LEFT + mm / longest * (WIDTH - LEFT - RIGHT);
    }

    private double y(double value) {
        return HEIGHT - BOTTOM - (value - low) / (high - low) * (HEIGHT - BOTTOM - TOP);
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
