package vastarc.web.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vastarc.core.domain.joint.SaddleCope;

/** A paper to wrap round a branch and cut along, as large as life, with a ruler that says whether the printer kept to it. */
public final class CopeDrawing {

    /** As much of the girth as one sheet of paper takes, mm. */
    public static final double STRIP_MM = 180;

    private static final double TOP = 14;
    private static final double BODY = 30;
    private static final double RULER = 24;
    private static final double SIDE = 4;
    private static final double LETTERS = 3.6;
    private static final double RULED_MM = 100;
    private static final int STEP_DEG = 2;
    private static final double SQUARE_DEG = 89.5;

    private CopeDrawing() {}

    /**
     * {@return how many strips the whole girth takes}
     *
     * @param cope the cope
     */
    public static int strips(SaddleCope cope) {
        return (int) Math.ceil((cope.girthMm() + 1e-6) / STRIP_MM);
    }

    /**
     * {@return the whole of it in one drawing}
     *
     * @param cope the cope
     */
    public static Drawing whole(SaddleCope cope) {
        return drawing(cope, 0, Math.max(cope.girthMm(), RULED_MM + 2 * SIDE));
    }

    /**
     * {@return one strip of it, from 0; strips are laid edge to edge}
     *
     * @param cope the cope
     * @param number the number
     */
    public static Drawing strip(SaddleCope cope, int number) {
        return drawing(cope, number * STRIP_MM, STRIP_MM);
    }

    private static Drawing drawing(SaddleCope cope, double fromMm, double widthMm) {
        double low = TOP + cope.deepestMm();
        double foot = low + BODY;
        List<Drawing.Path> paths = new ArrayList<>();
        List<Drawing.Label> labels = new ArrayList<>();
        paths.add(new Drawing.Path(curve(cope), "mark"));
        paths.add(new Drawing.Path(
                text("M0 %.3fV%.3fH%.3fV%.3f", TOP + cope.depthMm(0), foot, cope.girthMm(), TOP + cope.depthMm(0)),
                "dim"));
        for (int quarter = 0; quarter < 4; quarter++) {
            double x = cope.girthMm() * quarter / 4;
            paths.add(new Drawing.Path(
                    text("M%.3f %.3fV%.3f", x, TOP + cope.depthMm(90 * quarter), foot), "dim dashed"));
            boolean square = cope.angleDeg() >= SQUARE_DEG;
            String side = square || quarter % 2 == 1 ? "" : quarter == 0 ? " wide angle" : " sharp angle";
            labels.add(new Drawing.Label(round(x + 1), round(foot - 2), 90 * quarter + "°" + side, "start", ""));
        }
        ruler(fromMm + SIDE, foot + RULER / 2, paths, labels);
        return new Drawing(
                text("%.3f 0 %.3f %.3f", fromMm - SIDE, widthMm + 2 * SIDE, foot + RULER),
                "Wrap-around curve for a branch of " + text("%.1f mm", cope.branchMm()),
                paths,
                labels,
                LETTERS);
    }

    private static String curve(SaddleCope cope) {
        StringBuilder d = new StringBuilder();
        for (int degree = 0; degree <= 360; degree += STEP_DEG) {
            d.append(text(
                    "%s%.3f %.3f", degree == 0 ? "M" : "L", cope.girthMm() * degree / 360, TOP + cope.depthMm(degree)));
        }
        return d.toString();
    }

    private static void ruler(double x, double y, List<Drawing.Path> paths, List<Drawing.Label> labels) {
        StringBuilder d = new StringBuilder(text("M%.3f %.3fH%.3f", x, y, x + RULED_MM));
        for (int mm = 0; mm <= RULED_MM; mm += 5) {
            d.append(text("M%.3f %.3fv%.3f", x + mm, y, mm % 10 == 0 ? -3.0 : -1.8));
        }
        paths.add(new Drawing.Path(d.toString(), "dim"));
        labels.add(new Drawing.Label(round(x), round(y + 5), "100 mm: measure it before cutting", "start", ""));
    }

    private static double round(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    private static String text(String form, Object... values) {
        return String.format(Locale.ROOT, form, values);
    }
}
