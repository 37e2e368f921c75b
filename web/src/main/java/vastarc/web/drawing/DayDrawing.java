package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import vastarc.core.advice.sequence.DaySchedule;
import vastarc.core.advice.sequence.DaySchedule.DayActivity;
import vastarc.core.advice.sequence.DaySchedule.DaySpan;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** A lane for each job over the time of the day: arcs filled, handling open, changes and waits as lines. */
public final class DayDrawing {

    private static final double WIDTH = 860;
    private static final double LEFT = 190;
    private static final double LANE = 30;
    private static final double TOP = 8;
    private static final double UNIT_WIDE = 44;
    private static final int MOST_LETTERS = 26;

    private DayDrawing() {}

    /**
     * Draws a day schedule.
     *
     * @param schedule the schedule
     * @param names the names
     * @return the drawing
     */
    public static Drawing of(DaySchedule schedule, List<String> names) {
        Pencil pencil = new Pencil(0, false);
        double end = Math.max(1, schedule.makespanS());
        double bottom = TOP + names.size() * LANE;
        for (int minutes = 0; minutes * 60 <= end; minutes += every(end)) {
            pencil.raw(path("M%.1f %.1fV%.1f", x(minutes * 60, end), TOP, bottom), "gridline");
            if (x(minutes * 60, end) < WIDTH - UNIT_WIDE) {
                pencil.label(
                        new Point(x(minutes * 60, end), bottom + 16), String.valueOf(minutes), "middle", "dim-text");
            }
        }
        pencil.label(new Point(WIDTH - 4, bottom + 16), "min", "end", "note");
        for (int job = 0; job < names.size(); job++) {
            String name = names.get(job);
            pencil.label(
                    new Point(LEFT - 8, TOP + job * LANE + 18),
                    name.length() > MOST_LETTERS ? name.substring(0, MOST_LETTERS - 1) + "…" : name,
                    "end",
                    "note");
        }
        for (DaySpan span : schedule.timeline()) {
            draw(pencil, span, end);
        }
        return pencil.drawing(0, 0, WIDTH, bottom + 24, "The day: a lane for each job, arcs filled", 14);
    }

    private static void draw(Pencil pencil, DaySpan span, double end) {
        double y = TOP + span.job() * LANE + 6;
        double from = x(span.startS(), end);
        double to = Math.max(x(span.endS(), end), from + 0.7);
        if (span.doing() == DayActivity.ARC) {
            pencil.raw(path("M%.1f %.1fH%.1fv16H%.1fZ", from, y, to, from), "reading");
        } else if (span.doing() == DayActivity.HANDLING) {
            pencil.raw(path("M%.1f %.1fH%.1fv8H%.1fZ", from, y + 4, to, from), "mark second");
        } else {
            pencil.raw(
                    path("M%.1f %.1fH%.1f", from, y + 8, to),
                    span.doing() == DayActivity.CHANGE ? "mark" : "mark dashed second");
        }
    }

    private static int every(double end) {
        int[] steps = {1, 2, 5, 10, 15, 30, 60, 120, 240, 480};
        for (int step : steps) {
            if (end / 60 / step <= 12) {
                return step;
            }
        }
        return 960;
    }

    private static double x(double s, double end) {
        return LEFT + s / end * (WIDTH - LEFT - 28);
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
