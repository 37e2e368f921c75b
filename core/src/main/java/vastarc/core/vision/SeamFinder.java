package vastarc.core.vision;

import boofcv.struct.image.GrayF32;
import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.MeasureRefusal.RefusalException;

/**
 * Finds a seam that nobody has drawn: the straight band of the picture in which the brightness changes most from pixel to pixel, the printed strip left out.
 * {@code docs/model/vision.md (4)}.
 */
final class SeamFinder {

    private static final int LONGEST = 480;
    private static final int ANGLES = 60;
    private static final double STANDS_OUT = 1.5;
    private static final double LEAST_LENGTH = 4;
    private static final double BAND_MM = 2;
    private static final double STRIP_MARGIN_MM = 5;

    private final Photo photo;
    private final PlaneMap map;
    private final int step;
    private final int width;
    private final int height;
    private final float[] busy;

    private SeamFinder(Photo photo, PlaneMap map) {
        this.photo = photo;
        this.map = map;
        this.step = Math.max(1, (int) Math.ceil(Math.max(photo.width(), photo.height()) / (double) LONGEST));
        GrayF32 small = photo.reduced(step);
        this.width = small.width;
        this.height = small.height;
        this.busy = busy(small);
    }

    /** {@return both ends of the seam, roughly} */
    static List<PixelPoint> find(Photo photo, PlaneMap map) {
        return new SeamFinder(photo, map).ends();
    }

    /** How much the brightness changes about each place, without the strip, against what is usual. */
    private float[] busy(GrayF32 small) {
        float[] change = new float[width * height];
        for (int y = 1; y + 1 < height; y++) {
            for (int x = 1; x + 1 < width; x++) {
                float here = small.data[y * width + x];
                float across =
                        Math.abs(here - small.data[y * width + x + 1]) + Math.abs(here - small.data[y * width + x - 1]);
                float down = Math.abs(here - small.data[(y + 1) * width + x])
                        + Math.abs(here - small.data[(y - 1) * width + x]);
                change[y * width + x] = onStrip(x, y) ? 0 : Math.min(across + down, 60);
            }
        }
        return change;
    }

    private boolean onStrip(int x, int y) {
        if (!(map instanceof StripScale)) {
            return false;
        }
        PlanePoint at = map.toPlane(new PixelPoint((x + 0.5) * step, (y + 0.5) * step));
        return at.uMm() > -STRIP_MARGIN_MM
                && at.uMm() < StripLayout.GREY_TO_MM + STRIP_MARGIN_MM
                && at.vMm() > -STRIP_MARGIN_MM
                && at.vMm() < StripLayout.HEIGHT_MM + STRIP_MARGIN_MM;
    }

    private List<PixelPoint> ends() {
        PlanePoint centre = map.toPlane(new PixelPoint(photo.width() / 2.0, photo.height() / 2.0));
        int band = (int) Math.max(2, BAND_MM / map.mmPerPixel(centre) / step);
        double best = 0;
        double bestAngle = 0;
        int bestOffset = 0;
        for (int i = 0; i < ANGLES; i++) {
            double angle = Math.PI * i / ANGLES;
            double[] sums = Robust.smoothed(projected(angle), band);
            for (int offset = 0; offset < sums.length; offset++) {
                if (sums[offset] > best) {
                    best = sums[offset];
                    bestAngle = angle;
                    bestOffset = offset;
                }
            }
        }
        return along(bestAngle, bestOffset, band);
    }

    /** Sums along lines of one direction, by their distance from the middle of the picture; a diagonal is not preferred for its length. */
    private double[] projected(double angle) {
        int size = (int) Math.hypot(width, height) + 2;
        double[] sums = new double[size];
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        for (int y = 0; y < height; y++) {
            // Half a line more, for whole numbers are cut off and not rounded.
            double off = (y - height / 2.0) * cos + width / 2.0 * sin + size / 2.0 - 0.5;
            for (int x = 0; x < width; x++) {
                sums[(int) (off - x * sin)] += busy[y * width + x];
            }
        }
        return sums;
    }

    /** The stretch of the best line that is busy. */
    private List<PixelPoint> along(double angle, int offset, int band) {
        int size = (int) Math.hypot(width, height) + 2;
        double[] line = new double[size];
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        double off = offset - size / 2.0 + 1;
        for (int i = 0; i < size; i++) {
            double t = i - size / 2.0;
            for (int side = -band; side <= band; side++) {
                int x = (int) Math.round(width / 2.0 + t * cos - (off + side) * sin);
                int y = (int) Math.round(height / 2.0 + t * sin + (off + side) * cos);
                if (x >= 0 && y >= 0 && x < width && y < height) {
                    line[i] += busy[y * width + x] / (2 * band + 1);
                }
            }
        }
        double[] smooth = Robust.smoothed(line, band);
        double usual = mean(busy);
        int[] run = longest(smooth, Math.max(STANDS_OUT * usual, 0.5 * OrderStatistics.quantile(smooth, 0.95)));
        if (run[1] - run[0] < LEAST_LENGTH * band) {
            throw new RefusalException(MeasureRefusal.NO_SEAM);
        }
        List<PixelPoint> ends = new ArrayList<>();
        for (int i : run) {
            double t = i - size / 2.0;
            ends.add(new PixelPoint(
                    step * (width / 2.0 + t * cos - off * sin + 0.5),
                    step * (height / 2.0 + t * sin + off * cos + 0.5)));
        }
        return ends;
    }

    private static double mean(float[] values) {
        double sum = 0;
        for (float value : values) {
            sum += value;
        }
        return sum / values.length;
    }

    private static int[] longest(double[] values, double least) {
        int[] best = {0, 0};
        int from = -1;
        for (int i = 0; i <= values.length; i++) {
            boolean busy = i < values.length && values[i] >= least;
            if (busy && from < 0) {
                from = i;
            } else if (!busy && from >= 0) {
                if (i - 1 - from > best[1] - best[0]) {
                    best = new int[] {from, i - 1};
                }
                from = -1;
            }
        }
        return best;
    }
}
