package vastarc.core.vision;

import boofcv.alg.transform.fft.GeneralPurposeFFT_F64_1D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.MeasuredBead.Ripple;

/**
 * Reads the ripples along the crown: the strongest period of the brightness there, then crest by crest. {@code docs/model/vision.md (7)}.
 */
final class RippleReader {

    private static final double LEAST_PITCH_MM = 0.35;
    private static final double MOST_PITCH_MM = 5;
    private static final double SLOW_MM = 6;

    /** The peak of the spectrum stands so far above what lies about it. */
    private static final double LEAST_PEAK = 9;

    private static final int LEAST_CRESTS = 6;
    private static final double CROWN = 0.18;

    private final SeamView view;
    private final double fromMm;
    private final double toMm;

    private RippleReader(SeamView view, double fromMm, double toMm) {
        this.view = view;
        this.fromMm = fromMm;
        this.toMm = toMm;
    }

    /**
     * {@return the ripples between two places along the seam; empty where no period stands out}
     *
     * @param middle  where the middle of the bead is beside the line, by the distance along it
     * @param widthMm of the bead
     */
    static Optional<Ripple> read(
            SeamView view, double fromMm, double toMm, DoubleUnaryOperator middle, double widthMm) {
        RippleReader reader = new RippleReader(view, fromMm, toMm);
        double[] signal = reader.crown(middle, widthMm);
        return signal.length * view.pitchMm() < 8 * LEAST_PITCH_MM
                ? Optional.empty()
                : reader.period(signal, widthMm).flatMap(period -> reader.crests(signal, period));
    }

    /** Brightness along the crown without what changes slowly. */
    private double[] crown(DoubleUnaryOperator middle, double widthMm) {
        int from = (int) Math.max(0, Math.ceil(view.row(fromMm)));
        int to = (int) Math.min(view.rows() - 1.0, Math.floor(view.row(toMm)));
        double[] light = new double[Math.max(0, to - from + 1)];
        int half = (int) Math.max(1, CROWN * widthMm / 2 / view.pitchMm());
        for (int row = from; row <= to; row++) {
            int column = (int) Math.round(view.column(middle.applyAsDouble(view.mm(row))));
            double sum = 0;
            for (int side = -half; side <= half; side++) {
                sum += view.grey(row, Math.max(0, Math.min(view.columns() - 1, column + side)));
            }
            light[row - from] = sum / (2 * half + 1);
        }
        double[] slow = Robust.smoothed(light, (int) (SLOW_MM / 2 / view.pitchMm()));
        for (int i = 0; i < light.length; i++) {
            light[i] -= slow[i];
        }
        return light;
    }

    /** The strongest period, mm; a period twice as long is preferred where it is nearly as strong. */
    private Optional<Double> period(double[] signal, double widthMm) {
        int size = Integer.highestOneBit(Math.max(2, signal.length * 4 - 1)) * 2;
        double[] padded = new double[size];
        for (int i = 0; i < signal.length; i++) {
            padded[i] = signal[i] * 0.5 * (1 - Math.cos(2 * Math.PI * (i + 0.5) / signal.length));
        }
        new GeneralPurposeFFT_F64_1D(size).realForward(padded);
        double perMm = 1 / (size * view.pitchMm());
        double mostPitch = Math.min(MOST_PITCH_MM, 0.8 * widthMm);
        double leastPitch = Math.max(LEAST_PITCH_MM, 3 * view.pitchMm());
        int low = Math.max(1, (int) Math.ceil(1 / mostPitch / perMm));
        int high = Math.min(size / 2 - 2, (int) (1 / leastPitch / perMm));
        if (high <= low + 2) {
            return Optional.empty();
        }
        double[] power = new double[high + 2];
        for (int k = low - 1; k < power.length; k++) {
            power[k] = padded[2 * k] * padded[2 * k] + padded[2 * k + 1] * padded[2 * k + 1];
        }
        return peak(power, low, high, perMm);
    }

    private static Optional<Double> peak(double[] power, int low, int high, double perMm) {
        int best = low;
        List<Double> all = new ArrayList<>();
        for (int k = low; k <= high; k++) {
            best = power[k] > power[best] ? k : best;
            all.add(power[k]);
        }
        double floor = OrderStatistics.median(
                all.stream().mapToDouble(Double::doubleValue).toArray());
        if (power[best] < LEAST_PEAK * floor) {
            return Optional.empty();
        }
        int half = best / 2;
        for (int k = Math.max(low, half - half / 8 - 1); k <= half + half / 8 + 1; k++) {
            if (k >= low && k < best && power[k] > 0.5 * power[best]) {
                return Optional.of(1 / (k * perMm));
            }
        }
        return Optional.of(1 / (best * perMm));
    }

    /** Crest by crest of the signal without what is much shorter than the period. */
    private Optional<Ripple> crests(double[] signal, double periodMm) {
        double[] smooth = Robust.smoothed(signal, (int) Math.max(1, 0.17 * periodMm / view.pitchMm()));
        smooth = Robust.smoothed(smooth, (int) Math.max(1, 0.17 * periodMm / view.pitchMm()));
        double[] slow = Robust.smoothed(smooth, (int) Math.max(2, 0.75 * periodMm / view.pitchMm()));
        List<Double> crests = new ArrayList<>();
        int apart = (int) Math.max(1, 0.55 * periodMm / view.pitchMm());
        for (int i = 1; i + 1 < smooth.length; i++) {
            if (isCrest(smooth, slow, i, apart)) {
                double before = smooth[i - 1];
                double after = smooth[i + 1];
                double curve = before - 2 * smooth[i] + after;
                crests.add((i + (curve < 0 ? (before - after) / (2 * curve) : 0)) * view.pitchMm());
            }
        }
        return spaced(crests, periodMm);
    }

    private static boolean isCrest(double[] values, double[] slow, int at, int apart) {
        if (values[at] <= slow[at]) {
            return false;
        }
        for (int i = Math.max(0, at - apart); i <= Math.min(values.length - 1, at + apart); i++) {
            if (values[i] > values[at] || values[i] == values[at] && i < at) {
                return false;
            }
        }
        return true;
    }

    /** A crest that was missed leaves a spacing of two or more: it is counted as so many. */
    private static Optional<Ripple> spaced(List<Double> crests, double periodMm) {
        if (crests.size() < LEAST_CRESTS) {
            return Optional.empty();
        }
        List<Double> single = new ArrayList<>();
        double sum = 0;
        int count = 0;
        for (int i = 1; i < crests.size(); i++) {
            double spacing = crests.get(i) - crests.get(i - 1);
            int ripples = (int) Math.max(1, Math.round(spacing / periodMm));
            sum += spacing;
            count += ripples;
            if (ripples == 1) {
                single.add(spacing);
            }
        }
        if (single.size() < LEAST_CRESTS - 1) {
            return Optional.empty();
        }
        double pitch = sum / count;
        double mean = single.stream().mapToDouble(Double::doubleValue).average().orElse(pitch);
        double variance =
                single.stream().mapToDouble(s -> (s - mean) * (s - mean)).sum() / (single.size() - 1);
        double sd = Math.sqrt(variance);
        return Optional.of(new Ripple(
                pitch, Uncertain.NINE_OF_TEN * sd / Math.sqrt(count), Math.max(0, Math.min(1, 1 - sd / mean))));
    }
}
