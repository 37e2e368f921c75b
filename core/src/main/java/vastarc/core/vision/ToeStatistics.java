package vastarc.core.vision;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.MeasuredBead.MeasuredWidth;
import vastarc.core.vision.MeasuredBead.WidthPlace;
import vastarc.core.vision.ToeFinder.ToePair;

/**
 * From toes to numbers, with what they leave over as the measure of doubt. {@code docs/model/vision.md (6)}.
 *
 * @param width    over the stretch
 * @param wanderMm of the middle about a smooth line, root of the mean square
 * @param widens   the end against the beginning, as a share of the mean
 */
record ToeStatistics(MeasuredWidth width, double wanderMm, double widens) {

    /** A toe is followed by the median of so many blocks on both sides. */
    private static final int ABOUT = 3;

    /** A seam whose middle lies so far from the line between its ends, as a share of its length, is meant to bend. */
    private static final double BENT = 0.05;

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
        MeasuredWidth width = new MeasuredWidth(
                mean, Math.sqrt(squares / (left.length - 1)), plusMinus(ofMean, scaleShare * mean), along);
        return new ToeStatistics(width, wander(view, toes, left, right), widens(along, mean));
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
            smooth[i] = OrderStatistics.median(Arrays.copyOfRange(values, from, to));
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

    /**
     * About a straight line through the middles of the bead on the sheet; where the seam itself bends, about the line that was drawn.
     */
    private static double wander(SeamView view, List<ToePair> toes, double[] left, double[] right) {
        int size = left.length;
        double[] beside = new double[size];
        PlanePoint[] middles = new PlanePoint[size];
        for (int i = 0; i < size; i++) {
            beside[i] = (left[i] + right[i]) / 2;
            middles[i] = view.line().at(toes.get(i).mm()).beside(beside[i]);
        }
        double[] off = offChord(middles);
        double length = middles[0].distance(middles[size - 1]);
        double far = Arrays.stream(off).map(Math::abs).max().orElse(0);
        return aboutLine(far > BENT * length ? beside : off);
    }

    /** How far places lie from the line between the first and the last. */
    private static double[] offChord(PlanePoint... places) {
        PlanePoint first = places[0];
        PlanePoint last = places[places.length - 1];
        double u = (last.uMm() - first.uMm()) / first.distance(last);
        double v = (last.vMm() - first.vMm()) / first.distance(last);
        return Arrays.stream(places)
                .mapToDouble(place -> (place.vMm() - first.vMm()) * u - (place.uMm() - first.uMm()) * v)
                .toArray();
    }

    private static double aboutLine(double... values) {
        double[] line = LineFit.of(values);
        double squares = 0;
        for (int i = 0; i < values.length; i++) {
            double off = values[i] - line[0] - line[1] * i;
            squares += off * off;
        }
        return Math.sqrt(squares / values.length);
    }

    private static double widens(List<WidthPlace> along, double mean) {
        double[] line =
                LineFit.of(along.stream().mapToDouble(WidthPlace::widthMm).toArray());
        return line[1] * (along.size() - 1) / mean;
    }
}
