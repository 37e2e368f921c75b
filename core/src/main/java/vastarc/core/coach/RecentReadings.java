package vastarc.core.coach;

import java.util.ArrayDeque;
import java.util.Deque;

/** The readings of the last second or so, of one quantity. */
final class RecentReadings {

    private static final int MOST = 512;

    private record TimedValue(double s, double value) {}

    private final Deque<TimedValue> readings = new ArrayDeque<>();

    /** Takes a reading and forgets what is older than {@code keptS}. */
    void add(double s, double value, double keptS) {
        readings.addLast(new TimedValue(s, value));
        while (readings.size() > MOST || readings.getFirst().s() < s - keptS) {
            readings.removeFirst();
        }
    }

    void clear() {
        readings.clear();
    }

    /** {@return how long the readings reach back, s} */
    double spanS() {
        return readings.isEmpty()
                ? 0
                : readings.getLast().s() - readings.getFirst().s();
    }

    /** {@return the usual time between two readings, s; 0 where there are not two} */
    double stepS() {
        return readings.size() < 2 ? 0 : spanS() / (readings.size() - 1);
    }

    double most() {
        return readings.stream().mapToDouble(TimedValue::value).max().orElse(0);
    }

    double least() {
        return readings.stream().mapToDouble(TimedValue::value).min().orElse(0);
    }

    /** {@return the greatest step up from a reading to a later one; 0 where they only fall} */
    double greatestRise() {
        double least = Double.POSITIVE_INFINITY;
        double rise = 0;
        for (TimedValue one : readings) {
            least = Math.min(least, one.value());
            rise = Math.max(rise, one.value() - least);
        }
        return rise;
    }

    /** {@return how fast the readings rise, a second, by a straight line through them} */
    double ratePerS() {
        double meanS = readings.stream().mapToDouble(TimedValue::s).average().orElse(0);
        double mean = newest(readings.size());
        double across = 0;
        double along = 0;
        for (TimedValue one : readings) {
            across += (one.s() - meanS) * (one.value() - mean);
            along += (one.s() - meanS) * (one.s() - meanS);
        }
        return along > 0 ? across / along : 0;
    }

    /** {@return mean of the newest readings} */
    double newest(int count) {
        return readings.stream()
                .skip(Math.max(0, readings.size() - count))
                .mapToDouble(TimedValue::value)
                .average()
                .orElse(0);
    }
}
