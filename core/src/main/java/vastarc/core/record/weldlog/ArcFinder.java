package vastarc.core.record.weldlog;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds arcs in readings of current: one burns where the current is above half the least the tungsten holds for 0.2 s, and is out where it
 * is below for as long. A meter that is never quite still at zero lifts that bound to three times its noise. A gap in the readings of more
 * than a second, or of five usual steps, ends an arc.
 */
final class ArcFinder {

    /** Where nothing is given of the tungsten: half of what the thinnest but one holds, A. */
    static final double USUAL_THRESHOLD_A = 1;

    private static final double LEAST_S = 0.2;
    private static final double IDLE_A = 3;
    private static final double NOISE_TIMES = 3;

    private final Channel current;
    private final double[] quiet;
    private final double threshold;
    private final double gapS;

    private ArcFinder(Channel current, double leastStableA) {
        this.current = current;
        // The middle of three at least: a single wild reading neither strikes an arc nor puts one out.
        this.quiet =
                RobustStatistics.smoothed(current.times(), current.values(), Math.max(LEAST_S, 2.2 * current.stepS()));
        this.threshold = threshold(current, leastStableA);
        this.gapS = Math.max(1, 5 * current.stepS());
    }

    private static double threshold(Channel current, double leastStableA) {
        double half = leastStableA > 0 ? leastStableA / 2 : USUAL_THRESHOLD_A;
        double[] values = current.values();
        double[] idle = new double[values.length];
        int count = 0;
        for (int i = 0; i < values.length; i++) {
            if (values[i] < Math.max(IDLE_A, half)) {
                idle[count++] = values[i];
            }
        }
        double noise = RobustStatistics.noise(Arrays.copyOf(idle, count));
        return Math.max(half, NOISE_TIMES * noise);
    }

    /** First and last reading of an arc. */
    record SampleSpan(int first, int last, double fromS, double toS) {}

    static List<SampleSpan> find(Channel current, double leastStableA) {
        return current.isEmpty() ? List.of() : new ArcFinder(current, leastStableA).find();
    }

    private List<SampleSpan> find() {
        List<SampleSpan> found = new ArrayList<>();
        int i = 0;
        while (i < current.size()) {
            if (quiet[i] < threshold) {
                i++;
                continue;
            }
            int last = i;
            while (last + 1 < current.size()
                    && quiet[last + 1] >= threshold
                    && current.s(last + 1) - current.s(last) <= gapS) {
                last++;
            }
            add(found, new SampleSpan(i, last, edge(i, -1), edge(last, 1)));
            i = last + 1;
        }
        found.removeIf(span -> span.toS() - span.fromS() < LEAST_S);
        return found;
    }

    /** A stretch soon after another is the same arc. */
    private void add(List<SampleSpan> found, SampleSpan next) {
        if (found.isEmpty() || !isSame(found.get(found.size() - 1), next)) {
            found.add(next);
            return;
        }
        SampleSpan before = found.get(found.size() - 1);
        found.set(found.size() - 1, new SampleSpan(before.first(), next.last(), before.fromS(), next.toS()));
    }

    /** Two readings in a row with a long time between are not one arc: nothing is known of what was between them. */
    private static boolean isSame(SampleSpan before, SampleSpan next) {
        return next.fromS() - before.toS() < LEAST_S && next.first() - before.last() > 1;
    }

    /** Half way to the neighbour that is off; at the reading itself where there is none, or none near. */
    private double edge(int at, int side) {
        int other = at + side;
        if (other < 0 || other >= current.size()) {
            return current.s(at);
        }
        double away = (current.s(other) - current.s(at)) / 2;
        return Math.abs(away) * 2 > gapS ? current.s(at) : current.s(at) + away;
    }
}
