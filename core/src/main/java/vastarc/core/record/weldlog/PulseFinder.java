package vastarc.core.record.weldlog;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import vastarc.core.base.numerics.OrderStatistics;

/**
 * Looks for a pulse: a current that is at two levels and hardly between them, in even steps of time. A foot that shakes passes
 * through every level, noise does not keep time; neither is taken for one. The figures below are by judgement, tried on seeded traces.
 */
final class PulseFinder {

    /** Readings that a cycle must have to be seen. */
    static final int LEAST_READINGS = 3;

    private static final double LEAST_DEPTH = 0.08;
    private static final double NOISE_TIMES = 6;
    private static final double MOST_BETWEEN = 0.2;
    private static final double MOST_SCATTER = 0.2;
    private static final int LEAST_EDGES = 4;

    private final double[] s;
    private final double[] a;
    private final double stepS;
    private double low;
    private double high;

    private PulseFinder(Channel arc) {
        double[] all = arc.values();
        double bound = 0.85 * OrderStatistics.quantile(all, 0.95);
        int first = 0;
        int last = all.length - 1;
        while (first < last && all[first] < bound) {
            first++;
        }
        while (last > first && all[last] < bound) {
            last--;
        }
        s = Arrays.copyOfRange(arc.times(), first, last + 1);
        a = Arrays.copyOfRange(all, first, last + 1);
        stepS = arc.stepS();
    }

    /** The pulse of an arc; empty where there is none, or too few readings to see one. */
    static Optional<DetectedPulse> find(Channel arc) {
        return arc.size() < LEAST_EDGES * LEAST_READINGS ? Optional.empty() : new PulseFinder(arc).find();
    }

    private Optional<DetectedPulse> find() {
        levels();
        if (high - low < Math.max(LEAST_DEPTH * high, NOISE_TIMES * quietNoise()) || between() > MOST_BETWEEN) {
            return Optional.empty();
        }
        List<Double> edges = risingEdges();
        if (edges.size() < LEAST_EDGES || !isEven(edges)) {
            return Optional.empty();
        }
        double period = period(edges);
        return period < LEAST_READINGS * stepS
                ? Optional.empty()
                : Optional.of(new DetectedPulse(1 / period, 100 * onShare(edges), low, high));
    }

    private void levels() {
        double middle = (OrderStatistics.quantile(a, 0.95) + OrderStatistics.quantile(a, 0.05)) / 2;
        high = OrderStatistics.median(
                Arrays.stream(a).filter(value -> value >= middle).toArray());
        double[] under = Arrays.stream(a).filter(value -> value < middle).toArray();
        low = under.length == 0 ? high : OrderStatistics.median(under);
    }

    /** Noise about whichever level a reading belongs to. */
    private double quietNoise() {
        double[] off = Arrays.stream(a)
                .map(value -> Math.min(Math.abs(value - high), Math.abs(value - low)))
                .toArray();
        return OrderStatistics.median(off) / 0.6745;
    }

    /** Share of readings well between both levels. */
    private double between() {
        double depth = high - low;
        long count = Arrays.stream(a)
                .filter(value -> value > low + depth / 4 && value < high - depth / 4)
                .count();
        return count / (double) a.length;
    }

    private List<Double> risingEdges() {
        double depth = high - low;
        List<Double> edges = new ArrayList<>();
        boolean down = false;
        for (int i = 0; i < a.length; i++) {
            if (a[i] < low + 0.35 * depth) {
                down = true;
            } else if (down && a[i] > low + 0.65 * depth) {
                edges.add(i == 0 ? s[i] : (s[i - 1] + s[i]) / 2);
                down = false;
            }
        }
        return edges;
    }

    private boolean isEven(List<Double> edges) {
        int count = edges.size() - 1;
        double mean = (edges.get(count) - edges.get(0)) / count;
        double sum = 0;
        for (int i = 0; i < count; i++) {
            double off = edges.get(i + 1) - edges.get(i) - mean;
            sum += off * off;
        }
        return Math.sqrt(sum / count) < MOST_SCATTER * mean + stepS / 2;
    }

    /** Least squares over the edges, s. */
    private static double period(List<Double> edges) {
        int n = edges.size();
        double meanIndex = (n - 1) / 2.0;
        double meanS = edges.stream().mapToDouble(edge -> edge).average().orElse(0);
        double top = 0;
        double bottom = 0;
        for (int i = 0; i < n; i++) {
            top += (i - meanIndex) * (edges.get(i) - meanS);
            bottom += (i - meanIndex) * (i - meanIndex);
        }
        return top / bottom;
    }

    /** Share of time above the middle, over whole cycles. */
    private double onShare(List<Double> edges) {
        double middle = (high + low) / 2;
        double from = edges.get(0);
        double to = edges.get(edges.size() - 1);
        double on = 0;
        for (int i = 1; i + 1 < a.length; i++) {
            double left = Math.max(from, (s[i - 1] + s[i]) / 2);
            double right = Math.min(to, (s[i] + s[i + 1]) / 2);
            on += a[i] >= middle ? Math.max(0, right - left) : 0;
        }
        return on / (to - from);
    }
}
