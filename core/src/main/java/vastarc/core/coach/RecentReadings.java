package vastarc.core.coach;

import java.util.ArrayDeque;
import java.util.Deque;

/** The readings of the last second or so, of one quantity. */
final class RecentReadings {

    private static final int MOST = 512;

    private record Reading(double s, double value) {}

    private final Deque<Reading> readings = new ArrayDeque<>();

    /** Takes a reading and forgets what is older than {@code keptS}. */
    void add(double s, double value, double keptS) {
        readings.addLast(new Reading(s, value));
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
        return readings.stream().mapToDouble(Reading::value).max().orElse(0);
    }

    double least() {
        return readings.stream().mapToDouble(Reading::value).min().orElse(0);
    }

    /** {@return mean of the newest readings} */
    double newest(int count) {
        return readings.stream()
                .skip(Math.max(0, readings.size() - count))
                .mapToDouble(Reading::value)
                .average()
                .orElse(0);
    }
}
