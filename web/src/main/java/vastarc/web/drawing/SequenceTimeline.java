package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import vastarc.core.advice.sequence.DutyCycle.DutyUse;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.core.advice.sequence.WeldSequence.WaitReason;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** Arc and waits of a job over its time: arcs as bars, what is waited for in lanes below, then how machine and torch use their ten minutes. */
public final class SequenceTimeline {

    private static final double WIDTH = 660;
    private static final double LEFT = 92;
    private static final double LANE = 17;
    private static final double TOP = 6;
    private static final double DUTY_LANE = 30;
    private static final double DUTY_HIGH = 22;
    private static final WaitReason[] LANES = {
        WaitReason.HANDLING, WaitReason.COOLING, WaitReason.DUTY, WaitReason.POST_FLOW, WaitReason.PURGE
    };
    private static final String[] NAMES = {"handling", "cooling", "duty cycle", "post-flow", "purge, preheat"};

    private SequenceTimeline() {}

    /**
     * {@return machine and torch have a lane where their plates are given; their use is empty otherwise}
     *
     * @param sequence the weld sequence
     * @param machine use of the machine's ten minutes
     * @param torch use of the torch's ten minutes
     */
    public static Drawing of(WeldSequence sequence, List<DutyUse> machine, List<DutyUse> torch) {
        Pencil pencil = new Pencil(0, false);
        double end = Math.max(1, sequence.totals().wallS());
        double waits = TOP + (LANES.length + 1) * LANE;
        double below = duty(pencil, "machine’s duty", machine, waits, end);
        double bottom = duty(pencil, "torch’s duty", torch, below, end);
        ticks(pencil, end, bottom);
        pencil.label(new Point(LEFT - 8, TOP + 12), "arc", "end", "note");
        for (int i = 0; i < NAMES.length; i++) {
            pencil.label(new Point(LEFT - 8, TOP + (i + 1) * LANE + 12), NAMES[i], "end", "note");
        }
        double before = 0;
        for (WeldSegment segment : sequence.runs()) {
            bar(pencil, segment.startS(), segment.endS(), end, 0, "reading");
            waits(pencil, segment, before, end);
            before = segment.endS();
        }
        return pencil.drawing(0, 0, WIDTH, bottom + 22, "Arc and waits over the time of the job", 14);
    }

    /** A lane filled as far as the ten minutes are used, with a line where they are full; the next free height. */
    private static double duty(Pencil pencil, String name, List<DutyUse> used, double top, double end) {
        if (used.isEmpty()) {
            return top;
        }
        double foot = top + DUTY_LANE;
        StringBuilder area = new StringBuilder(path("M%.1f %.1f", x(0, end), foot));
        DutyUse before = new DutyUse(0, 0);
        for (DutyUse next : used) {
            if (before.s() < end) {
                double s = Math.min(next.s(), end);
                double share = next.s() > before.s()
                        ? before.share() + (next.share() - before.share()) * (s - before.s()) / (next.s() - before.s())
                        : next.share();
                area.append(path("L%.1f %.1f", x(s, end), foot - share * DUTY_HIGH));
                before = next;
            }
        }
        area.append(path("V%.1fZ", foot));
        pencil.raw(area.toString(), "used");
        pencil.raw(path("M%.1f %.1fH%.1f", LEFT, foot - DUTY_HIGH, x(end, end)), "mark dashed second");
        pencil.label(new Point(LEFT - 8, foot - 6), name, "end", "note");
        double most = used.stream().mapToDouble(DutyUse::share).max().orElse(0);
        pencil.label(new Point(WIDTH - 4, foot - 6), Math.round(100 * most) + " %", "end", "dim-text");
        return foot + 2;
    }

    private static void waits(Pencil pencil, WeldSegment segment, double before, double end) {
        double at = before;
        for (int lane = 0; lane < LANES.length; lane++) {
            double length = length(segment, LANES[lane]);
            boolean besides = LANES[lane] == WaitReason.COOLING || LANES[lane] == WaitReason.DUTY;
            if (length > 0 && besides) {
                bar(pencil, before, Math.min(segment.startS(), before + length), end, lane + 1, "mark dashed");
            } else if (length > 0) {
                bar(pencil, at, at + length, end, lane + 1, "mark");
                at += length;
            }
        }
    }

    private static double length(WeldSegment segment, WaitReason wait) {
        double own = segment.waits().getOrDefault(wait, 0.0);
        return switch (wait) {
            case HANDLING ->
                Stream.of(
                                WaitReason.HANDLING,
                                WaitReason.ROTATION,
                                WaitReason.GRIND,
                                WaitReason.FIT_UP,
                                WaitReason.BRUSH,
                                WaitReason.DRESS)
                        .mapToDouble(hands -> segment.waits().getOrDefault(hands, 0.0))
                        .sum();
            case PURGE -> own + segment.waits().getOrDefault(WaitReason.PREHEAT, 0.0);
            default -> own;
        };
    }

    private static void bar(Pencil pencil, double from, double to, double end, int lane, String style) {
        double y = TOP + lane * LANE + 3;
        double high = lane == 0 ? 11 : 5;
        pencil.raw(
                path(
                        "M%.1f %.1fH%.1fv%.1fH%.1fZ",
                        x(from, end), y, Math.max(x(to, end), x(from, end) + 0.7), high, x(from, end)),
                style);
    }

    private static void ticks(Pencil pencil, double end, double bottom) {
        double rough = end / 6;
        double[] steps = {10, 30, 60, 120, 300, 600, 900, 1800, 3600, 7200, 14_400, 28_800};
        double step = steps[steps.length - 1];
        for (int i = steps.length - 1; i >= 0; i--) {
            step = steps[i] >= rough ? steps[i] : step;
        }
        for (double s = 0; s <= end; s += step) {
            pencil.raw(path("M%.1f %.1fV%.1f", x(s, end), TOP, bottom), "gridline");
            String words =
                    end > 300 ? String.format(Locale.ROOT, "%.0f", s / 60) : String.format(Locale.ROOT, "%.0f", s);
            pencil.label(new Point(x(s, end), bottom + 15), words, "middle", "dim-text");
        }
        pencil.label(new Point(WIDTH - 4, bottom + 15), end > 300 ? "min" : "s", "end", "note");
    }

    private static double x(double s, double end) {
        return LEFT + s / end * (WIDTH - LEFT - 46);
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
