package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** Seams with their tacks and runs, numbered in order, an arrow for the way each goes; passes lie above each other. */
public final class SequenceDrawing {

    private static final double WIDTH = 640;
    private static final double LEFT = 58;
    private static final double RIGHT = 14;
    private static final double LANE = 22;
    private static final double TOP = 26;
    private static final int MOST_SEAMS = 6;
    private static final int MOST_NUMBERS = 60;

    private SequenceDrawing() {}

    /**
     * Draws the seams with their tacks and runs.
     *
     * @param sequence the weld sequence
     * @param units the units
     * @return the drawing
     */
    public static Drawing of(WeldSequence sequence, UnitSystem units) {
        Pencil pencil = new Pencil(0, false);
        int seams = sequence.runs().stream().mapToInt(WeldSegment::seam).max().orElse(1);
        int passes = Math.max(
                1, sequence.runs().stream().mapToInt(WeldSegment::pass).max().orElse(1));
        int shown = Math.min(MOST_SEAMS, seams);
        double longest = sequence.runs().stream()
                .mapToDouble(segment -> Math.max(segment.fromMm(), segment.toMm()))
                .max()
                .orElse(1);
        double high = TOP + shown * ((passes + 1) * LANE + 14) + 8;
        for (int seam = 1; seam <= shown; seam++) {
            double base = base(seam, passes);
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, base + 6, WIDTH - RIGHT), "gridline");
            pencil.label(new Point(LEFT - 8, base + 2), "seam " + seam, "end", "note");
        }
        List<WeldSegment> drawn = sequence.runs().stream()
                .filter(segment -> segment.seam() <= shown)
                .toList();
        drawn.forEach(segment -> draw(pencil, segment, passes, longest, drawn.size() <= MOST_NUMBERS));
        String span = "0 to " + units.show(Quantity.ruled(sequence.length())).line();
        pencil.label(
                new Point(LEFT, 14),
                (seams > shown ? "the first " + shown + " of " + seams + " seams; " : "") + span
                        + ", tacks below, passes above",
                "start",
                "note");
        return pencil.drawing(0, 0, WIDTH, high, "Seams with tacks and runs numbered in order", 14);
    }

    private static double base(int seam, int passes) {
        return TOP + seam * ((passes + 1) * LANE + 14) - LANE;
    }

    private static void draw(Pencil pencil, WeldSegment segment, int passes, double longest, boolean numbered) {
        double y = base(segment.seam(), passes) - (segment.kind() == SegmentKind.TACK ? -6 : segment.pass() * LANE - 8);
        double from = x(segment.fromMm(), longest);
        double to = x(segment.toMm(), longest);
        if (segment.kind() == SegmentKind.TACK) {
            pencil.raw(path("M%.1f %.1fv-5h%.1fv5Z", from, y, Math.max(3, to - from)), "reading");
        } else {
            double tip = to > from ? -6 : 6;
            String style = "mark run-" + segment.n();
            pencil.raw(path("M%.1f %.1fH%.1f", from, y, to), style);
            pencil.raw(path("M%.1f %.1fl%.1f -4M%.1f %.1fl%.1f 4", to, y, tip, to, y, tip), style);
        }
        if (numbered) {
            double middle = (from + to) / 2;
            pencil.label(
                    new Point(middle, segment.kind() == SegmentKind.TACK ? y + 13 : y - 4),
                    String.valueOf(segment.n()),
                    "middle",
                    "dim-text");
        }
    }

    private static double x(double mm, double longest) {
        return LEFT + Math.max(0, mm) / longest * (WIDTH - LEFT - RIGHT);
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
