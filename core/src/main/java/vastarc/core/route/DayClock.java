package vastarc.core.route;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vastarc.core.route.Day.Changes;
import vastarc.core.route.Day.Doing;
import vastarc.core.route.Day.Span;
import vastarc.core.route.Route.Run;
import vastarc.core.route.Route.Wait;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;

/** Times an order of runs over several jobs: what the hands do, what has to cool, what rests. */
final class DayClock {

    /** What is set anew at the panel when it differs. */
    private static final List<SettingKey> ON_THE_PANEL = List.of(
            SettingKey.WORKING_CURRENT,
            SettingKey.PULSE_RATE,
            SettingKey.UP_SLOPE,
            SettingKey.DOWN_SLOPE,
            SettingKey.POST_FLOW);

    private final List<Job> jobs;
    private final Changes changes;

    /** Cheapest change into each job, s. */
    private final double[] into;

    /** A job with its runs as the hands meet them. */
    record Job(RouteAsk ask, List<Step> steps) {}

    /**
     * One run for the hands.
     *
     * @param handsS before the arc
     * @param afterS held still after it
     * @param perS   a second of arc takes of the ten minutes
     * @param readyS not before this time of the day
     * @param cools  run of the same job that has to cool first, from 0; −1 for none
     * @param coolsS how long
     */
    record Step(double handsS, double arcS, double afterS, double perS, double readyS, int cools, double coolsS) {}

    /** A beginning of the day: which run was added last, and when. */
    record State(
            @Nullable State before, int job, double changedS, double readyS, double startS, double freeS, int[] next) {}

    private DayClock(List<Job> jobs, Changes changes) {
        this.jobs = jobs;
        this.changes = changes;
        this.into = new double[jobs.size()];
        for (int to = 0; jobs.size() > 1 && to < jobs.size(); to++) {
            into[to] = cheapestInto(to);
        }
    }

    static DayClock of(List<RouteAsk> asks, Changes changes) {
        return new DayClock(asks.stream().map(DayClock::job).toList(), changes);
    }

    private static Job job(RouteAsk ask) {
        Route route = RoutePlanner.plan(ask);
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < route.runs().size(); i++) {
            Run run = route.runs().get(i);
            PassFigures figures = ask.passes().get(Math.max(1, run.pass()) - 1);
            double hands = run.waits().entrySet().stream()
                    .filter(wait -> wait.getKey() == Wait.HANDLING
                            || wait.getKey() == Wait.ROTATION
                            || wait.getKey() == Wait.GRIND
                            || wait.getKey() == Wait.FIT_UP
                            || wait.getKey() == Wait.BRUSH
                            || wait.getKey() == Wait.DRESS)
                    .mapToDouble(Map.Entry::getValue)
                    .sum();
            double ready =
                    run.waits().getOrDefault(Wait.PREHEAT, 0.0) + run.waits().getOrDefault(Wait.PURGE, 0.0);
            int under = under(route, i);
            boolean tack = run.kind() == Route.Kind.TACK;
            steps.add(new Step(
                    hands + figures.preFlowS(),
                    run.arcS(),
                    tack ? ask.sheet().tacks().postFlowS() : figures.postFlowS(),
                    ask.dutyPerS(run.rmsA()),
                    ready,
                    under,
                    under < 0 ? 0 : figures.coolsS()));
        }
        return new Job(ask, steps);
    }

    /** The last run of the same seam before another pass of it, from 0; −1 for none. */
    private static int under(Route route, int i) {
        Run run = route.runs().get(i);
        for (int k = i - 1; k >= 0; k--) {
            Run other = route.runs().get(k);
            if (other.seam() == run.seam()) {
                return run.pass() > 1 && other.pass() != run.pass() ? k : -1;
            }
        }
        return -1;
    }

    int runs() {
        return jobs.stream().mapToInt(job -> job.steps().size()).sum();
    }

    List<Job> jobs() {
        return jobs;
    }

    /** One job after the other. */
    int[] inTurn() {
        int[] order = new int[runs()];
        int at = 0;
        for (int job = 0; job < jobs.size(); job++) {
            for (int i = 0; i < jobs.get(job).steps().size(); i++) {
                order[at++] = job;
            }
        }
        return order;
    }

    State follow(int[] order) {
        State state = start();
        for (int job : order) {
            state = after(state, job);
        }
        return state;
    }

    State start() {
        return new State(null, -1, 0, 0, 0, 0, new int[jobs.size()]);
    }

    double promise(State state) {
        double left = 0;
        double longest = 0;
        for (int job = 0; job < jobs.size(); job++) {
            double alone = 0;
            for (int i = state.next()[job]; i < jobs.get(job).steps().size(); i++) {
                Step step = jobs.get(job).steps().get(i);
                double hands = step.handsS() + step.arcS() + step.afterS();
                left += hands;
                alone += hands + Math.max(0, step.coolsS() - step.handsS());
            }
            longest = Math.max(longest, alone);
            left += alone > 0 && job != state.job() ? into[job] : 0;
        }
        return state.freeS() + Math.max(left, longest) + 1e-3 * longest;
    }

    State after(State state, int job) {
        Step step = jobs.get(job).steps().get(state.next()[job]);
        double changed = state.freeS() + change(state.job(), job);
        double ready = changed + step.handsS();
        double earliest = Math.max(Math.max(ready, step.readyS()), cooled(state, job, step));
        double start = dutied(state, earliest, step);
        int[] next = state.next().clone();
        next[job]++;
        return new State(state, job, changed, ready, start, start + step.arcS() + step.afterS(), next);
    }

    private double change(int from, int to) {
        if (from < 0 || from == to) {
            return 0;
        }
        Sheet one = jobs.get(from).ask().sheet();
        Sheet other = jobs.get(to).ask().sheet();
        double metal = one.joint().material() != other.joint().material() ? changes.metalS() : 0;
        return metal
                + differs(one, other, SettingKey.TUNGSTEN_DIAMETER, changes.tungstenS())
                + differs(one, other, SettingKey.CUP_SIZE, changes.cupS())
                + (ON_THE_PANEL.stream().anyMatch(key -> differs(one, other, key, 1) > 0) ? changes.panelS() : 0);
    }

    private static double differs(Sheet one, Sheet other, SettingKey key, double seconds) {
        return PassFigures.figure(one, key, 0) == PassFigures.figure(other, key, 0) ? 0 : seconds;
    }

    private double cooled(State state, int job, Step step) {
        if (step.cools() < 0) {
            return 0;
        }
        for (State past = state; past != null && past.job() >= 0; past = past.before()) {
            if (past.job() == job && past.next()[job] == step.cools() + 1) {
                return past.startS() + jobs.get(job).steps().get(step.cools()).arcS() + step.coolsS();
            }
        }
        return 0;
    }

    private double dutied(State state, double from, Step step) {
        Duty duty = new Duty();
        boolean limits = step.perS() > 1;
        for (State past = state; past != null && past.job() >= 0; past = past.before()) {
            Step burnt = jobs.get(past.job()).steps().get(past.next()[past.job()] - 1);
            if (past.startS() + burnt.arcS() < from - Duty.WINDOW_S) {
                break;
            }
            limits = limits || burnt.perS() > 1;
            duty.burn(past.startS(), burnt.arcS(), burnt.perS());
        }
        return limits ? duty.earliest(from, step.arcS(), step.perS()) : from;
    }

    List<Span> timeline(State last) {
        List<State> order = new ArrayList<>();
        for (State state = last; state.job() >= 0 && state.before() != null; state = state.before()) {
            order.add(state);
        }
        Collections.reverse(order);
        List<Span> spans = new ArrayList<>();
        double now = 0;
        for (State state : order) {
            Step step = jobs.get(state.job()).steps().get(state.next()[state.job()] - 1);
            int run = state.next()[state.job()];
            double arcEnd = state.startS() + step.arcS();
            now = add(spans, state.job(), run, now, state.changedS(), Doing.CHANGE);
            now = add(spans, state.job(), run, now, state.readyS(), Doing.HANDLING);
            now = add(spans, state.job(), run, now, state.startS(), Doing.WAIT);
            now = add(spans, state.job(), run, now, arcEnd, Doing.ARC);
            now = add(spans, state.job(), run, now, state.freeS(), Doing.WAIT);
        }
        return spans;
    }

    private static double add(List<Span> spans, int job, int run, double from, double to, Doing doing) {
        if (to > from) {
            spans.add(new Span(job, run, from, to, doing));
        }
        return Math.max(from, to);
    }

    /** All the hands have to do and the fewest changes, or the longest job alone, whichever is more. */
    double bound() {
        double hands = 0;
        double longest = 0;
        for (int job = 0; job < jobs.size(); job++) {
            for (Step step : jobs.get(job).steps()) {
                hands += step.handsS() + step.arcS() + step.afterS();
            }
            longest = Math.max(longest, alone(job));
        }
        // The first job needs no change: the dearest of them is taken for it.
        double changed = Arrays.stream(into).sum() - Arrays.stream(into).max().orElse(0);
        return Math.max(hands + changed, longest);
    }

    /** Cheapest change into a job. */
    private double cheapestInto(int to) {
        double cheapest = Double.MAX_VALUE;
        for (int from = 0; from < jobs.size(); from++) {
            cheapest = from == to ? cheapest : Math.min(cheapest, change(from, to));
        }
        return cheapest;
    }

    private double alone(int job) {
        State state = start();
        for (int i = 0; i < jobs.get(job).steps().size(); i++) {
            state = after(state, job);
        }
        return state.freeS();
    }
}
