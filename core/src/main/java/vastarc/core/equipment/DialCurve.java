package vastarc.core.equipment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.hipparchus.analysis.solvers.BrentSolver;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;

/**
 * What a dial really gives: a monotone curve through clamp-meter readings.
 *
 * <p>Piecewise cubic of Fritsch and Butland (harmonic mean slopes), which rises wherever its readings rise. Readings that fall are given, and
 * levelled by pooling neighbours before the curve is laid, so that a place for a current always exists. Uncertainty: the meter's
 * 2 % ± 1 A, and half of what the cubic differs from a straight line between two readings; beyond the readings 40 % of the missing sweep.
 * Source: interpolation [textbook], uncertainty [judgement].
 */
public final class DialCurve {

    /** Fewest readings that make a curve. */
    public static final int LEAST = 2;

    private static final double METER_SHARE = 0.02;
    private static final double METER_A = 1;
    private static final double BEYOND_SHARE = 0.4;
    private static final double FALLS_BY = 0.01;
    private static final double OUTLIES_BY = 0.12;
    private static final double END_GAP = 0.12;
    private static final double PLACE_TOLERANCE = 1e-12;
    private static final int MAX_EVALUATIONS = 200;

    private final List<DialReading> readings;
    private final double[] x;
    private final double[] y;
    private final double[] slope;

    private DialCurve(List<DialReading> readings) {
        this.readings = readings;
        this.x = readings.stream().mapToDouble(DialReading::place).toArray();
        this.y = levelled(readings);
        this.slope = slopes(x, y);
    }

    /**
     * {@return a curve through readings; empty with fewer than two places} Readings at one place are averaged.
     *
     * @param readings the readings
     */
    public static Optional<DialCurve> of(List<DialReading> readings) {
        Map<Double, Double> merged = readings.stream()
                .collect(Collectors.groupingBy(
                        DialReading::place, TreeMap::new, Collectors.averagingDouble(DialReading::amps)));
        if (merged.size() < LEAST) {
            return Optional.empty();
        }
        List<DialReading> sorted = merged.entrySet().stream()
                .map(entry -> new DialReading(entry.getKey(), entry.getValue()))
                .sorted(Comparator.comparingDouble(DialReading::place))
                .toList();
        return Optional.of(new DialCurve(sorted));
    }

    /** Pools neighbours that fall into their mean (isotonic regression). */
    private static double[] levelled(List<DialReading> readings) {
        List<double[]> pools = new ArrayList<>();
        for (DialReading reading : readings) {
            pools.add(new double[] {reading.amps(), 1});
            while (pools.size() > 1 && last(pools, 2)[0] > last(pools, 1)[0]) {
                double[] high = pools.remove(pools.size() - 1);
                double[] low = pools.remove(pools.size() - 1);
                double count = low[1] + high[1];
                pools.add(new double[] {(low[0] * low[1] + high[0] * high[1]) / count, count});
            }
        }
        double[] levelled = new double[readings.size()];
        int at = 0;
        for (double[] pool : pools) {
            for (int i = 0; i < (int) pool[1]; i++) {
                levelled[at++] = pool[0];
            }
        }
        return levelled;
    }

    private static double[] last(List<double[]> pools, int back) {
        return pools.get(pools.size() - back);
    }

    private static double[] slopes(double[] x, double[] y) {
        int n = x.length;
        double[] slope = new double[n];
        for (int i = 1; i < n - 1; i++) {
            double left = (y[i] - y[i - 1]) / (x[i] - x[i - 1]);
            double right = (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
            double weightLeft = 2 * (x[i + 1] - x[i]) + (x[i] - x[i - 1]);
            double weightRight = (x[i + 1] - x[i]) + 2 * (x[i] - x[i - 1]);
            slope[i] = left <= 0 || right <= 0
                    ? 0
                    : (weightLeft + weightRight) / (weightLeft / left + weightRight / right);
        }
        slope[0] = (y[1] - y[0]) / (x[1] - x[0]);
        slope[n - 1] = (y[n - 1] - y[n - 2]) / (x[n - 1] - x[n - 2]);
        return slope;
    }

    /** {@return the readings the curve goes through, by place} */
    public List<DialReading> readings() {
        return readings;
    }

    /**
     * {@return current at a place, A; that of the nearest reading beyond them}
     *
     * @param place where the control is set
     */
    public double ampsAt(double place) {
        int last = x.length - 1;
        if (place <= x[0]) {
            return y[0];
        }
        if (place >= x[last]) {
            return y[last];
        }
        int i = interval(place);
        double width = x[i + 1] - x[i];
        double t = (place - x[i]) / width;
        double h00 = (1 + 2 * t) * (1 - t) * (1 - t);
        double h10 = t * (1 - t) * (1 - t);
        double h01 = t * t * (3 - 2 * t);
        double h11 = t * t * (t - 1);
        double amps = h00 * y[i] + h10 * width * slope[i] + h01 * y[i + 1] + h11 * width * slope[i + 1];
        return Math.min(y[i + 1], Math.max(y[i], amps));
    }

    private int interval(double place) {
        int i = 0;
        while (i < x.length - 2 && x[i + 1] < place) {
            i++;
        }
        return i;
    }

    /**
     * {@return place that gives a current, the first of several; the nearest reading's beyond them}
     *
     * @param amps current, A
     */
    public double placeOf(double amps) {
        int last = x.length - 1;
        if (amps <= y[0]) {
            return x[0];
        }
        if (amps > y[last]) {
            return x[last];
        }
        int i = 0;
        while (y[i + 1] < amps) {
            i++;
        }
        return new BrentSolver(PLACE_TOLERANCE).solve(MAX_EVALUATIONS, place -> ampsAt(place) - amps, x[i], x[i + 1]);
    }

    /**
     * {@return whether the current lies between the lowest and the highest reading}
     *
     * @param amps current, A
     */
    public boolean covers(double amps) {
        return amps >= y[0] && amps <= y[y.length - 1];
    }

    /**
     * {@return how far the current at a place may be off, ± A}
     *
     * @param place where the control is set
     */
    public double uncertaintyA(double place) {
        double amps = ampsAt(place);
        double meter = METER_SHARE * amps + METER_A;
        double beyond = Math.max(0, Math.max(x[0] - place, place - x[x.length - 1]));
        if (beyond > 0) {
            return meter + BEYOND_SHARE * beyond * (y[y.length - 1] - y[0]) / (x[x.length - 1] - x[0]);
        }
        int i = interval(place);
        double straight = y[i] + (y[i + 1] - y[i]) * (place - x[i]) / (x[i + 1] - x[i]);
        double gap = x[i + 1] - x[i];
        double unseen = 0.05 * gap * (y[i + 1] - y[i]) * 4 * (place - x[i]) * (x[i + 1] - place) / (gap * gap);
        return Math.hypot(meter, Math.abs(amps - straight) / 2 + unseen);
    }

    /**
     * {@return where one more reading would reduce the uncertainty most: an end not yet seen, else the middle of the
     * gap across which the current changes most}
     */
    public double nextPlace() {
        if (x[0] > END_GAP) {
            return 0;
        }
        if (x[x.length - 1] < 1 - END_GAP) {
            return 1;
        }
        int widest = 0;
        for (int i = 1; i < x.length - 1; i++) {
            if (worth(i) > worth(widest)) {
                widest = i;
            }
        }
        return (x[widest] + x[widest + 1]) / 2;
    }

    private double worth(int gap) {
        return (x[gap + 1] - x[gap]) * (y[gap + 1] - y[gap] + 1e-6);
    }

    /**
     * {@return the first places worth reading on a dial of which nothing is known}
     *
     * @param readings the readings
     */
    public static double firstPlace(List<DialReading> readings) {
        return !readings.isEmpty() && readings.get(0).place() < 0.5 ? 1 : 0;
    }

    /** {@return readings that fall where the dial rises, or are far from what their neighbours say} */
    public List<Phrase> warnings() {
        List<Phrase> warnings = new ArrayList<>();
        for (int i = 1; i < readings.size(); i++) {
            DialReading before = readings.get(i - 1);
            DialReading here = readings.get(i);
            if (here.amps() < before.amps() * (1 - FALLS_BY)) {
                warnings.add(Phrase.of(
                        "dial.falls",
                        percent(before.place()),
                        Quantity.amperes(before.amps()),
                        percent(here.place()),
                        Quantity.amperes(here.amps())));
            }
        }
        for (int i = 1; i < readings.size() - 1 && readings.size() >= 4; i++) {
            outlier(i).ifPresent(warnings::add);
        }
        return warnings;
    }

    /** A reading against the curve through all the others. */
    private Optional<Phrase> outlier(int index) {
        List<DialReading> others = new ArrayList<>(readings);
        DialReading reading = others.remove(index);
        double expected = new DialCurve(others).ampsAt(reading.place());
        double span = y[y.length - 1] - y[0];
        boolean outlies = Math.abs(reading.amps() - expected)
                > Math.max(OUTLIES_BY * span, 3 * (METER_SHARE * expected + METER_A));
        return outlies
                ? Optional.of(Phrase.of(
                        "dial.outlies",
                        percent(reading.place()),
                        Quantity.amperes(reading.amps()),
                        Quantity.amperes(expected)))
                : Optional.empty();
    }

    private static Quantity percent(double place) {
        return Quantity.percent(100 * place);
    }
}
