package vastarc.core.advice.sequence;

import java.util.List;
import java.util.stream.IntStream;
import vastarc.core.advice.sequence.DaySchedule.ChangeoverTimes;

/**
 * The shortest day by trying every interleaving of the jobs' runs. Each is timed by the program's own clock, which DayScheduleTest holds against a day
 * calculated by hand: what is tested here is the search alone.
 */
final class BruteDay {

    private final DayTimeline clock;
    private final int[] left;
    private final int[] order;
    private double best = Double.MAX_VALUE;

    private BruteDay(List<SequenceRequest> asks, ChangeoverTimes changes) {
        this.clock = DayTimeline.of(asks, changes);
        this.left = asks.stream()
                .mapToInt(request -> SequencePlanner.plan(request).runs().size())
                .toArray();
        this.order = new int[IntStream.of(left).sum()];
    }

    static double shortest(List<SequenceRequest> asks, ChangeoverTimes changes) {
        BruteDay day = new BruteDay(asks, changes);
        day.go(0);
        return day.best;
    }

    private void go(int at) {
        if (at == order.length) {
            best = Math.min(best, clock.follow(order).freeS());
            return;
        }
        for (int job = 0; job < left.length; job++) {
            if (left[job] > 0) {
                left[job]--;
                order[at] = job;
                go(at + 1);
                left[job]++;
            }
        }
    }
}
