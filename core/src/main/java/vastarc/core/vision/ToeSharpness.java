package vastarc.core.vision;

import java.util.List;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.ToeFinder.ToePair;

/**
 * How blurred a picture is at the toes: a sharp break loses half of its steepness when it is looked at twice as broadly, a blurred one less.
 * {@code docs/model/vision.md (9)}.
 */
final class ToeSharpness {

    private static final double BLOCK_MM = 2;
    private static final double LEAST_MM = 0.15;
    private static final double PIXELS = 1.5;

    private ToeSharpness() {}

    /** One standard deviation of the bell that blurs the toes, mm, the middle one of all. */
    static double blurMm(SeamView view, List<ToePair> toes) {
        double narrow = Math.max(LEAST_MM, PIXELS * view.pixelMm());
        double[] blurs = new double[2 * toes.size()];
        for (int i = 0; i < toes.size(); i++) {
            ToePair toe = toes.get(i);
            blurs[2 * i] = blur(view, toe.mm(), toe.leftMm(), narrow);
            blurs[2 * i + 1] = blur(view, toe.mm(), toe.rightMm(), narrow);
        }
        return OrderStatistics.median(blurs);
    }

    private static double blur(SeamView view, double mm, double besideMm, double narrow) {
        double once = Math.abs(steepness(view, mm, besideMm, narrow));
        double twice = Math.abs(steepness(view, mm, besideMm, 2 * narrow));
        double ratio = Math.min(1.98, once / Math.max(1e-9, twice));
        if (ratio <= 1.02) {
            return narrow * 10;
        }
        double squared = ratio * ratio;
        return narrow * Math.sqrt((4 - squared) / (squared - 1));
    }

    /** The slope of the brightness across a toe, looked at through a bell of a width, a mm. */
    private static double steepness(SeamView view, double mm, double besideMm, double sigmaMm) {
        int from = (int) Math.max(0, view.row(mm - BLOCK_MM / 2));
        int to = (int) Math.min(view.rows() - 1.0, view.row(mm + BLOCK_MM / 2));
        int reach = (int) Math.ceil(3 * sigmaMm / view.pitchMm());
        int middle = (int) Math.round(view.column(besideMm));
        double slope = 0;
        double norm = 0;
        for (int i = -reach; i <= reach; i++) {
            double off = i * view.pitchMm() / sigmaMm;
            double weight = off * Math.exp(-off * off / 2);
            norm += weight * i * view.pitchMm();
            int column = Math.max(0, Math.min(view.columns() - 1, middle + i));
            for (int row = from; row <= to; row++) {
                slope += weight * view.grey(row, column) / (to - from + 1);
            }
        }
        return slope / norm;
    }
}
