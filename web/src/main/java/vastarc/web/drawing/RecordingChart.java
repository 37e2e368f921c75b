package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunAnalysis;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** What meters read of a run over time: a lane for each quantity; another run may be compared with it, strike on strike. */
public final class RecordingChart {

    private static final double WIDTH = 1180;
    private static final double LANE = 150;
    private static final double SMALL = 70;
    private static final double LEFT = 70;
    private static final double RIGHT = 16;
    private static final double BOTTOM = 26;
    private static final double GAP = 26;
    private static final int POINTS = 1200;

    private final Pencil pencil = new Pencil(0, false);
    private final double endS;

    private RecordingChart(double endS) {
        this.endS = Math.max(1, endS);
    }

    /** A run: its readings, what was seen in them, what was marked, and the working current it was meant to have. */
    public record ChartedRun(Recording trace, RunAnalysis seen, List<RunEvent> events, double plannedA) {

        double struckS() {
            return seen.arcs().isEmpty() ? 0 : seen.arcs().get(0).fromS();
        }
    }

    /**
     * {@return one run by itself}
     *
     * @param run the run
     */
    public static Drawing of(ChartedRun run) {
        return new RecordingChart(run.trace().endS()).draw(List.of(run), 0);
    }

    /**
     * {@return two runs, both from their strike on; the second is dashed}
     *
     * @param chartedRun the run
     * @param other the other one
     */
    public static Drawing of(ChartedRun chartedRun, ChartedRun other) {
        double before = Math.min(3, Math.max(chartedRun.struckS(), other.struckS()));
        double end = Math.max(
                        chartedRun.trace().endS() - chartedRun.struckS(),
                        other.trace().endS() - other.struckS())
                + before;
        return new RecordingChart(end).draw(List.of(chartedRun, other), before);
    }

    private Drawing draw(List<ChartedRun> runs, double before) {
        double top = 22;
        for (MeasuredQuantity kind : MeasuredQuantity.values()) {
            if (runs.stream().noneMatch(run -> run.trace().has(kind))) {
                continue;
            }
            double height = kind == MeasuredQuantity.CURRENT ? LANE : SMALL;
            lane(kind, runs, before, new double[] {top, height});
            top += height + GAP;
        }
        times(top - GAP);
        if (runs.size() == 1) {
            marks(runs.get(0), top);
        }
        return pencil.drawing(0, 0, WIDTH, top - GAP + BOTTOM, "Readings of meters over the time of the run", 15);
    }

    private void lane(MeasuredQuantity kind, List<ChartedRun> runs, double before, double[] place) {
        double most = runs.stream()
                .map(run -> run.trace().channel(kind))
                .mapToDouble(RecordingChart::highest)
                .max()
                .orElse(1);
        double planned = kind == MeasuredQuantity.CURRENT ? runs.get(0).plannedA() : 0;
        double scale = nice(Math.max(most, 1.1 * planned));
        for (double share : new double[] {0, 0.5, 1}) {
            double y = place[0] + place[1] * (1 - share);
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y, WIDTH - RIGHT), "gridline");
            pencil.label(new Point(LEFT - 6, y + 5), figure(scale * share), "end", "dim-text");
        }
        pencil.label(new Point(LEFT, place[0] - 6), name(kind), "start", "note");
        if (planned > 0) {
            double y = place[0] + place[1] * (1 - planned / scale);
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, y, WIDTH - RIGHT), "mark dotted");
            pencil.label(new Point(WIDTH - RIGHT - 4, y - 5), "on the sheet", "end", "note");
        }
        for (int i = 0; i < runs.size(); i++) {
            double shift = runs.size() == 1 ? 0 : before - runs.get(i).struckS();
            curve(runs.get(i).trace().channel(kind), shift, scale, place, i == 0 ? "mark" : "mark dashed");
        }
    }

    private static String name(MeasuredQuantity kind) {
        return switch (kind) {
            case CURRENT -> "current, A";
            case VOLTAGE -> "voltage, V";
            case GAS_FLOW -> "gas flow, L/min";
            case OXYGEN -> "oxygen, ppm";
            case TEMPERATURE -> "temperature, °C";
        };
    }

    private static double highest(Channel channel) {
        double most = 0;
        for (int i = 0; i < channel.size(); i++) {
            most = Math.max(most, Math.abs(channel.value(i)));
        }
        return most;
    }

    private void curve(Channel channel, double shift, double scale, double[] place, String style) {
        Channel thin = channel.thinned(POINTS);
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < thin.size(); i++) {
            double s = thin.s(i) + shift;
            if (s < 0 || s > endS) {
                continue;
            }
            double y = place[0] + place[1] * (1 - Math.min(1, Math.abs(thin.value(i)) / scale));
            d.append(path(d.isEmpty() ? "M%.1f %.1f" : "L%.1f %.1f", x(s), y));
        }
        if (!d.isEmpty()) {
            pencil.raw(d.toString(), style);
        }
    }

    private void times(double bottom) {
        double step = nice(endS / 8);
        for (double s = 0; s <= endS; s += step) {
            pencil.label(new Point(x(s), bottom + 18), figure(s), "middle", "dim-text");
        }
        pencil.label(new Point(WIDTH - 2, bottom + 18), "s", "end", "dim-text");
    }

    private void marks(ChartedRun run, double bottom) {
        for (RunEvent event : run.events()) {
            if (event.kind().isMark() && event.atS() >= 0 && event.atS() <= endS) {
                pencil.raw(path("M%.1f %.1fV%.1f", x(event.atS()), 22.0, bottom - GAP), "gridline dashed");
                pencil.label(
                        new Point(x(event.atS()) + 4, 38),
                        event.kind().name().toLowerCase(Locale.ROOT),
                        "start",
                        "note");
            }
        }
    }

    private double x(double s) {
        return LEFT + s / endS * (WIDTH - LEFT - RIGHT);
    }

    static double nice(double rough) {
        double unit = Math.pow(10, Math.floor(Math.log10(Math.max(1e-9, rough))));
        double many = rough / unit;
        return unit * (many > 5 ? 10 : many > 2.5 ? 5 : many > 2 ? 2.5 : many > 1 ? 2 : 1);
    }

    static String figure(double value) {
        double rounded = Math.round(1000 * value) / 1000.0;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
