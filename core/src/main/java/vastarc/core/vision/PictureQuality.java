package vastarc.core.vision;

import boofcv.struct.image.GrayF32;
import java.util.Arrays;
import java.util.List;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.MeasureRefusal.RefusalException;
import vastarc.core.vision.ToeFinder.ToePair;

/** Whether a picture can be measured, and if not, why. {@code docs/model/vision.md (9)}. */
final class PictureQuality {

    private static final int LOOKED_AT = 400;
    private static final double DARK = 38;
    private static final double WHITE = 251;
    private static final double TOO_WHITE = 0.4;
    private static final double GLARE = 0.12;
    private static final double MOST_BLUR = 0.13;
    private static final double MOST_SPREAD = 0.08;
    private static final double LEAST_CLEAR = 1.15;

    /** A pair of lines with as many ripples beside them as between them is no bead. */
    private static final double LEAST_CONTRAST = 0.03;

    private PictureQuality() {}

    /** As a whole: enough light, not too much. */
    static void check(Photo photo) {
        GrayF32 small = photo.reduced(Math.max(1, Math.min(photo.width(), photo.height()) / LOOKED_AT));
        float[] sorted = small.data.clone();
        Arrays.sort(sorted);
        if (sorted[(int) (0.9 * (sorted.length - 1))] < DARK) {
            throw new RefusalException(MeasureRefusal.TOO_DARK);
        }
        if (sorted[(int) ((1 - TOO_WHITE) * (sorted.length - 1))] > WHITE) {
            throw new RefusalException(MeasureRefusal.TOO_BRIGHT);
        }
    }

    /** Where the bead is: no glare on it, its toes sharp enough and steady. */
    static void check(SeamView view, List<ToePair> toes) {
        double width = OrderStatistics.median(
                toes.stream().mapToDouble(ToePair::widthMm).toArray());
        if (white(view, toes) > GLARE) {
            throw new RefusalException(MeasureRefusal.GLARE);
        }
        boolean blurred = ToeSharpness.blurMm(view, toes) > MOST_BLUR * width;
        if (blurred) {
            throw new RefusalException(MeasureRefusal.BLURRED);
        }
        double clear =
                OrderStatistics.median(toes.stream().mapToDouble(ToePair::clear).toArray());
        double[] steps = new double[toes.size() - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = toes.get(i + 1).widthMm() - toes.get(i).widthMm();
        }
        double contrast = OrderStatistics.median(
                toes.stream().mapToDouble(ToePair::contrast).toArray());
        if (clear < LEAST_CLEAR || contrast < LEAST_CONTRAST || Robust.spread(steps) > MOST_SPREAD * width) {
            throw new RefusalException(MeasureRefusal.NO_SEAM);
        }
    }

    /** Share of the bead that is white. */
    private static double white(SeamView view, List<ToePair> toes) {
        int all = 0;
        int white = 0;
        for (ToePair toe : toes) {
            int row = (int) Math.max(0, Math.min(view.rows() - 1.0, Math.round(view.row(toe.mm()))));
            int from = (int) Math.max(0, view.column(toe.leftMm()));
            int to = (int) Math.min(view.columns() - 1.0, view.column(toe.rightMm()));
            for (int column = from; column <= to; column++) {
                all++;
                white += view.grey(row, column) > WHITE ? 1 : 0;
            }
        }
        return all == 0 ? 0 : (double) white / all;
    }
}
