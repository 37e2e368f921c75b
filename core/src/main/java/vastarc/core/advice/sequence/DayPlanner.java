package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well512a;
import vastarc.core.advice.sequence.DaySchedule.Block;
import vastarc.core.advice.sequence.DaySchedule.ChangeoverTimes;
import vastarc.core.advice.sequence.DayTimeline.DayState;

/**
 * Welds one job while another cools. Each job keeps the order of its runs; every wait that holds within a job holds here, and machine and
 * torch are the same for all. The search goes on from the most promising beginnings, and then moves stretches about; small days are searched
 * whole. The same jobs give the same day.
 */
public final class DayPlanner {

    /** Jobs and runs, at most. */
    public static final int MOST_JOBS = 8;

    /** The most runs of one day. */
    public static final int MOST_RUNS = 200;

    private static final int WHOLE_UP_TO = 9;
    private static final int WIDTH = 24;
    private static final int LONGEST_MOVE = 30;
    private static final int MOST_TRIES = 4000;
    private static final int RUNS_TRIED = 120_000;
    private static final int COUNTED = 8;
    private static final int SEED = 36;

    private final DayTimeline clock;
    private final RandomGenerator random = new Well512a(SEED);

    private DayPlanner(DayTimeline clock) {
        this.clock = clock;
    }

    /**
     * {@return the schedule of some jobs}
     *
     * @param asks the jobs of the day
     * @param changes the times that changes over take
     */
    public static DaySchedule plan(List<SequenceRequest> asks, ChangeoverTimes changes) {
        return new DayPlanner(DayTimeline.of(asks, changes)).day();
    }

    /**
     * The day with a welder's own order.
     *
     * @param asks the jobs of the day
     * @param changes the times that changes over take
     * @param turns jobs in turn, each with as many of its runs
     * @return empty where the turns do not weld every run once
     */
    public static Optional<DaySchedule> of(List<SequenceRequest> asks, ChangeoverTimes changes, List<Block> turns) {
        DayTimeline clock = DayTimeline.of(asks, changes);
        for (int job = 0; job < asks.size(); job++) {
            int of = job;
            long runs = turns.stream()
                    .filter(block -> block.job() == of)
                    .mapToLong(Block::runs)
                    .sum();
            if (runs != clock.jobs().get(job).steps().size()) {
                return Optional.empty();
            }
        }
        int[] order = turns.stream()
                .filter(block -> block.job() < asks.size())
                .flatMapToInt(block -> IntStream.generate(block::job).limit(block.runs()))
                .toArray();
        DayState followed = clock.follow(order);
        DayState inTurn = clock.follow(clock.inTurn());
        return Optional.of(new DaySchedule(clock.timeline(followed), followed.freeS(), inTurn.freeS(), clock.bound()));
    }

    /** How long an order of the welder's own takes, s: which job comes next, run by run. */
    static double makespanS(List<SequenceRequest> asks, ChangeoverTimes changes, int[] order) {
        return DayTimeline.of(asks, changes).follow(order).freeS();
    }

    private DaySchedule day() {
        DayState inTurn = clock.follow(clock.inTurn());
        DayState best = shorter(inTurn, searched());
        if (clock.runs() > WHOLE_UP_TO && clock.jobs().size() > 1) {
            best = shorter(bettered(best), bettered(drawn()));
        }
        return new DaySchedule(clock.timeline(best), best.freeS(), inTurn.freeS(), clock.bound());
    }

    private static DayState shorter(DayState dayState, DayState other) {
        return dayState.freeS() <= other.freeS() ? dayState : other;
    }

    /** The best of orders drawn at random, which mostly stay at a job. */
    private DayState drawn() {
        DayState best = clock.follow(clock.inTurn());
        for (int i = 0; i < tries() / 4; i++) {
            DayState state = clock.follow(sticky(0.5 + 0.5 * random.nextDouble()));
            best = state.freeS() < best.freeS() ? state : best;
        }
        return best;
    }

    private int[] sticky(double stays) {
        int[] left = clock.jobs().stream().mapToInt(job -> job.steps().size()).toArray();
        int[] order = new int[clock.runs()];
        int job = random.nextInt(left.length);
        for (int i = 0; i < order.length; i++) {
            while (left[job] == 0 || random.nextDouble() > stays) {
                job = random.nextInt(left.length);
                if (left[job] > 0) {
                    break;
                }
            }
            order[i] = job;
            left[job]--;
        }
        return order;
    }

    /** Moves stretches of an order to other places as long as that does not lengthen the day. */
    private DayState bettered(DayState from) {
        DayState best = from;
        int[] order = orderOf(from);
        for (int i = 0; i < tries(); i++) {
            int[] moved = moved(order);
            DayState state = clock.follow(moved);
            if (state.freeS() <= best.freeS()) {
                best = state;
                order = moved;
            }
        }
        return best;
    }

    private int[] moved(int[] order) {
        int length = 1 + random.nextInt(Math.min(LONGEST_MOVE, order.length - 1));
        int from = random.nextInt(order.length - length + 1);
        int to = random.nextInt(order.length - length + 1);
        int[] moved = new int[order.length];
        int at = 0;
        for (int i = 0; i < order.length; i++) {
            if (i < from || i >= from + length) {
                at += at == to ? length : 0;
                moved[at++] = order[i];
            }
        }
        System.arraycopy(order, from, moved, to, length);
        return moved;
    }

    private int[] orderOf(DayState last) {
        int[] order = new int[clock.runs()];
        int at = order.length;
        for (DayState state = last; state.job() >= 0 && state.before() != null; state = state.before()) {
            order[--at] = state.job();
        }
        return order;
    }

    /** As many as an answer has time for: fewer for long days, and where duty has to be counted. */
    private int tries() {
        boolean counts =
                clock.jobs().stream().flatMap(job -> job.steps().stream()).anyMatch(step -> step.perS() > 1);
        int most = Math.min(MOST_TRIES, RUNS_TRIED / clock.runs());
        return counts ? most / COUNTED : most;
    }

    private DayState searched() {
        int runs = clock.runs();
        boolean whole = runs <= WHOLE_UP_TO;
        List<DayState> front = List.of(clock.start());
        for (int depth = 0; depth < runs; depth++) {
            List<DayState> grown = new ArrayList<>();
            for (DayState state : front) {
                for (int job = 0; job < clock.jobs().size(); job++) {
                    if (state.next()[job] < clock.jobs().get(job).steps().size()) {
                        grown.add(clock.after(state, job));
                    }
                }
            }
            front = whole ? grown : best(grown);
        }
        return Collections.min(front, Comparator.comparingDouble(DayState::freeS));
    }

    /** The most promising: soonest over if nothing had to be waited for any more; alike ones once. */
    private List<DayState> best(List<DayState> grown) {
        Map<String, DayState> alike = new HashMap<>();
        for (DayState state : grown) {
            alike.merge(
                    Arrays.toString(state.next()) + state.job(),
                    state,
                    (dayState, other) -> dayState.freeS() <= other.freeS() ? dayState : other);
        }
        return alike.values().stream()
                .sorted(Comparator.comparingDouble(clock::promise)
                        .thenComparing(state -> Arrays.toString(state.next()) + state.job()))
                .limit(WIDTH)
                .toList();
    }
}
