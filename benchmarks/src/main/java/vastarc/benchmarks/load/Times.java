package vastarc.benchmarks.load;

import java.util.Locale;
import org.HdrHistogram.Histogram;

/** How long answers took, and how many were not what was wanted. */
final class Times {

    private static final long LONGEST_NANOS = 60_000_000_000L;

    private final Histogram nanos = new Histogram(LONGEST_NANOS, 3);
    private long bad;

    synchronized void add(long tookNanos, boolean wanted) {
        nanos.recordValue(Math.min(LONGEST_NANOS, Math.max(1, tookNanos)));
        bad += wanted ? 0 : 1;
    }

    synchronized long bad() {
        return bad;
    }

    synchronized void print(String name) {
        System.out.printf(
                Locale.ROOT,
                "%-36s n %d  not as wanted: %d  p50 %.1f ms  p95 %.1f ms  p99 %.1f ms  max %.1f ms%n",
                name,
                nanos.getTotalCount(),
                bad,
                at(50),
                at(95),
                at(99),
                nanos.getMaxValue() / 1e6);
    }

    private double at(double percent) {
        return nanos.getValueAtPercentile(percent) / 1e6;
    }
}
