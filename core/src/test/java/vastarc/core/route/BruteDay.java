package vastarc.core.route;

import java.util.List;
import java.util.stream.IntStream;

/**
 * The shortest day by trying every interleaving of the jobs' runs. Each is timed by the program's own clock, which DayTest holds against a day
 * calculated by hand: what is tested here is the search alone.
 */
final class BruteDay {

    private final DayClock clock;
    private final int[] left;
    private final int[] order;
    private double best = Double.MAX_VALUE;

    private BruteDay(List<RouteAsk> asks, Day.Changes changes) {
        this.clock = DayClock.of(asks, changes);
        this.left = asks.stream()
                .mapToInt(ask -> RoutePlanner.plan(ask).runs().size())
                .toArray();
        this.order = new int[IntStream.of(left).sum()];
    }

    static double shortest(List<RouteAsk> asks, Day.Changes changes) {
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
