package vastarc.core.vision;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import vastarc.core.vision.MeasuredBead.BeadWidth;
import vastarc.core.vision.MeasuredBead.WidthPlace;
import vastarc.core.vision.ToeFinder.ToePair;

/**
 * From toes to numbers, with what they leave over as the measure of doubt. {@code docs/model/vision.md (6)}.
 *
 * @param width    over the stretch
 * @param wanderMm of the middle about a smooth line, root of the mean square
 * @param widens   the end against the beginning, as a share of the mean
 */
record ToeStatistics(BeadWidth width, double wanderMm, double widens) {

    /** A toe is followed by the median of so many blocks on both sides. */
    private static final int ABOUT = 3;

    private static final double OUTLIER = 3.5;
    private static final double LEAST_SPREAD_MM = 0.01;

    /** Neighbouring blocks share half of their rows. */
    private static final double SHARED = 2;

    /** Shade at a toe moves the break of the brightness by so much, one standard deviation: of a pixel, and in mm (fitted on rendered pictures). */
    private static final double SHADE_PIXELS = 0.35;

    private static final double SHADE_MM = 0.03;

    static ToeStatistics of(List<ToePair> toes, SeamView view, double fromMm, double scaleShare) {
        double[] left = followed(toes, ToePair::leftMm);
        double[] right = followed(toes, ToePair::rightMm);
        double toeSpread = Math.hypot(spread(toes, ToePair::leftMm), spread(toes, ToePair::rightMm));
        double shade = Math.sqrt(2) * Math.hypot(SHADE_PIXELS * view.pixelMm(), SHADE_MM);
        List<WidthPlace> along = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < left.length; i++) {
            double width = right[i] - left[i];
            sum += width;
            along.add(new WidthPlace(
                    toes.get(i).mm() - fromMm, width, plusMinus(Math.hypot(toeSpread, shade), scaleShare * width)));
        }
        double mean = sum / left.length;
        double squares = along.stream()
                .mapToDouble(p -> (p.widthMm() - mean) * (p.widthMm() - mean))
                .sum();
        double ofMean = Math.hypot(toeSpread / Math.sqrt(left.length / SHARED), shade);
        BeadWidth width = new BeadWidth(
                mean, Math.sqrt(squares / (left.length - 1)), plusMinus(ofMean, scaleShare * mean), along);
        return new ToeStatistics(width, wander(left, right), widens(along, mean));
    }

    private static double plusMinus(double sd, double ofScale) {
        return Math.hypot(Uncertain.NINE_OF_TEN * sd, ofScale);
    }

    /** The median of the neighbours. */
    private static double[] smooth(double[] values) {
        double[] smooth = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            int from = Math.max(0, i - ABOUT);
            int to = Math.min(values.length, i + ABOUT + 1);
            smooth[i] = Robust.median(Arrays.copyOfRange(values, from, to));
        }
        return smooth;
    }

    private static double spread(List<ToePair> toes, ToDoubleFunction<ToePair> toe) {
        double[] values = toes.stream().mapToDouble(toe).toArray();
        double[] smooth = smooth(values);
        double[] off = new double[values.length];
        for (int i = 0; i < off.length; i++) {
            off[i] = values[i] - smooth[i];
        }
        return Math.max(LEAST_SPREAD_MM, Robust.spread(off));
    }

    /** A toe with what lies far from its neighbours put back among them. */
    private static double[] followed(List<ToePair> toes, ToDoubleFunction<ToePair> toe) {
        double[] values = toes.stream().mapToDouble(toe).toArray();
        double[] smooth = smooth(values);
        double most = OUTLIER * spread(toes, toe);
        for (int i = 0; i < values.length; i++) {
            values[i] = Math.abs(values[i] - smooth[i]) > most ? smooth[i] : values[i];
        }
        return values;
    }

    /** About a straight line through the middles: the drawn line follows the seam's own bend. */
    private static double wander(double[] left, double[] right) {
        int size = left.length;
        double[] middle = new double[size];
        for (int i = 0; i < size; i++) {
            middle[i] = (left[i] + right[i]) / 2;
        }
        double[] line = LineFit.of(middle);
        double squares = 0;
        for (int i = 0; i < size; i++) {
            double off = middle[i] - line[0] - line[1] * i;
            squares += off * off;
        }
        return Math.sqrt(squares / size);
    }

    private static double widens(List<WidthPlace> along, double mean) {
        double[] line =
                LineFit.of(along.stream().mapToDouble(WidthPlace::widthMm).toArray());
        return line[1] * (along.size() - 1) / mean;
    }
}
