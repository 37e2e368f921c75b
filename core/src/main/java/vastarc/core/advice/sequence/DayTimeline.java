package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sequence.DaySchedule.ChangeoverTimes;
import vastarc.core.advice.sequence.DaySchedule.DayActivity;
import vastarc.core.advice.sequence.DaySchedule.DaySpan;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.WaitReason;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.advice.sheet.SetupSheet;

/** Times an order of runs over several jobs: what the welder does, what has to cool, what rests. */
final class DayTimeline {

    /** What is set anew at the panel when it differs. */
    private static final List<ParameterKey> ON_THE_PANEL = List.of(
            ParameterKey.WORKING_CURRENT,
            ParameterKey.PULSE_RATE,
            ParameterKey.UP_SLOPE,
            ParameterKey.DOWN_SLOPE,
            ParameterKey.POST_FLOW);

    private final List<DayJob> jobs;
    private final ChangeoverTimes changes;

    /** Cheapest change into each job, s. */
    private final double[] into;

    /** A job with its runs as the welder meet them. */
    record DayJob(SequenceRequest ask, List<DayStep> steps) {}

    /**
     * One run for the welder.
     *
     * @param welderS the welder's time before the arc, s
     * @param afterS held still after it
     * @param perS   a second of arc takes of the ten minutes
     * @param readyS not before this time of the day
     * @param cools  run of the same job that has to cool first, from 0; −1 for none
     * @param coolsS how long
     */
    record DayStep(double welderS, double arcS, double afterS, double perS, double readyS, int cools, double coolsS) {}

    /** A beginning of the day: which run was added last, and when. */
    record DayState(
            @Nullable DayState before,
            int job,
            double changedS,
            double readyS,
            double startS,
            double freeS,
            int[] next) {}

    private DayTimeline(List<DayJob> jobs, ChangeoverTimes changes) {
        this.jobs = jobs;
        this.changes = changes;
        this.into = new double[jobs.size()];
        for (int to = 0; jobs.size() > 1 && to < jobs.size(); to++) {
            into[to] = cheapestInto(to);
        }
    }

    static DayTimeline of(List<SequenceRequest> asks, ChangeoverTimes changes) {
        return new DayTimeline(asks.stream().map(DayTimeline::job).toList(), changes);
    }

    private static DayJob job(SequenceRequest request) {
        WeldSequence sequence = SequencePlanner.plan(request);
        List<DayStep> steps = new ArrayList<>();
        for (int i = 0; i < sequence.runs().size(); i++) {
            WeldSegment segment = sequence.runs().get(i);
            PassFigures figures = request.passes().get(Math.max(1, segment.pass()) - 1);
            double welderS = segment.waits().entrySet().stream()
                    .filter(wait -> wait.getKey() == WaitReason.HANDLING
                            || wait.getKey() == WaitReason.ROTATION
                            || wait.getKey() == WaitReason.GRIND
                            || wait.getKey() == WaitReason.FIT_UP
                            || wait.getKey() == WaitReason.BRUSH
                            || wait.getKey() == WaitReason.DRESS)
                    .mapToDouble(Map.Entry::getValue)
                    .sum();
            double ready = segment.waits().getOrDefault(WaitReason.PREHEAT, 0.0)
                    + segment.waits().getOrDefault(WaitReason.PURGE, 0.0);
            int under = under(sequence, i);
            boolean tack = segment.kind() == SegmentKind.TACK;
            steps.add(new DayStep(
                    welderS + figures.preFlowS(),
                    segment.arcS(),
                    tack ? request.sheet().tacks().postFlowS() : figures.postFlowS(),
                    request.dutyPerS(segment.rmsA()),
                    ready,
                    under,
                    under < 0 ? 0 : figures.coolsS()));
        }
        return new DayJob(request, steps);
    }

    /** The last run of the same seam before another pass of it, from 0; −1 for none. */
    private static int under(WeldSequence sequence, int i) {
        WeldSegment segment = sequence.runs().get(i);
        for (int k = i - 1; k >= 0; k--) {
            WeldSegment other = sequence.runs().get(k);
            if (other.seam() == segment.seam()) {
                return segment.pass() > 1 && other.pass() != segment.pass() ? k : -1;
            }
        }
        return -1;
    }

    int runs() {
        return jobs.stream().mapToInt(job -> job.steps().size()).sum();
    }

    List<DayJob> jobs() {
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

    DayState follow(int[] order) {
        DayState state = start();
        for (int job : order) {
            state = after(state, job);
        }
        return state;
    }

    DayState start() {
        return new DayState(null, -1, 0, 0, 0, 0, new int[jobs.size()]);
    }

    double promise(DayState state) {
        double left = 0;
        double longest = 0;
        for (int job = 0; job < jobs.size(); job++) {
            double alone = 0;
            for (int i = state.next()[job]; i < jobs.get(job).steps().size(); i++) {
                DayStep step = jobs.get(job).steps().get(i);
                double welderS = step.welderS() + step.arcS() + step.afterS();
                left += welderS;
                alone += welderS + Math.max(0, step.coolsS() - step.welderS());
            }
            longest = Math.max(longest, alone);
            left += alone > 0 && job != state.job() ? into[job] : 0;
        }
        return state.freeS() + Math.max(left, longest) + 1e-3 * longest;
    }

    DayState after(DayState state, int job) {
        DayStep step = jobs.get(job).steps().get(state.next()[job]);
        double changed = state.freeS() + change(state.job(), job);
        double ready = changed + step.welderS();
        double earliest = Math.max(Math.max(ready, step.readyS()), cooled(state, job, step));
        double start = dutied(state, earliest, step);
        int[] next = state.next().clone();
        next[job]++;
        return new DayState(state, job, changed, ready, start, start + step.arcS() + step.afterS(), next);
    }

    private double change(int from, int to) {
        if (from < 0 || from == to) {
            return 0;
        }
        SetupSheet setupSheet = jobs.get(from).ask().sheet();
        SetupSheet other = jobs.get(to).ask().sheet();
        double metal = setupSheet.joint().material() != other.joint().material() ? changes.metalS() : 0;
        return metal
                + differs(setupSheet, other, ParameterKey.TUNGSTEN_DIAMETER, changes.tungstenS())
                + differs(setupSheet, other, ParameterKey.CUP_SIZE, changes.cupS())
                + (ON_THE_PANEL.stream().anyMatch(key -> differs(setupSheet, other, key, 1) > 0)
                        ? changes.panelS()
                        : 0);
    }

    private static double differs(SetupSheet setupSheet, SetupSheet other, ParameterKey key, double seconds) {
        return PassFigures.figure(setupSheet, key, 0) == PassFigures.figure(other, key, 0) ? 0 : seconds;
    }

    private double cooled(DayState state, int job, DayStep step) {
        if (step.cools() < 0) {
            return 0;
        }
        for (DayState past = state; past != null && past.job() >= 0; past = past.before()) {
            if (past.job() == job && past.next()[job] == step.cools() + 1) {
                return past.startS() + jobs.get(job).steps().get(step.cools()).arcS() + step.coolsS();
            }
        }
        return 0;
    }

    private double dutied(DayState state, double from, DayStep step) {
        DutyCycle duty = new DutyCycle();
        boolean limits = step.perS() > 1;
        for (DayState past = state; past != null && past.job() >= 0; past = past.before()) {
            DayStep burnt = jobs.get(past.job()).steps().get(past.next()[past.job()] - 1);
            if (past.startS() + burnt.arcS() < from - DutyCycle.WINDOW_S) {
                break;
            }
            limits = limits || burnt.perS() > 1;
            duty.burn(past.startS(), burnt.arcS(), burnt.perS());
        }
        return limits ? duty.earliest(from, step.arcS(), step.perS()) : from;
    }

    List<DaySpan> timeline(DayState last) {
        List<DayState> order = new ArrayList<>();
        for (DayState state = last; state.job() >= 0 && state.before() != null; state = state.before()) {
            order.add(state);
        }
        Collections.reverse(order);
        List<DaySpan> spans = new ArrayList<>();
        double now = 0;
        for (DayState state : order) {
            DayStep step = jobs.get(state.job()).steps().get(state.next()[state.job()] - 1);
            int run = state.next()[state.job()];
            double arcEnd = state.startS() + step.arcS();
            now = add(spans, state.job(), run, now, state.changedS(), DayActivity.CHANGE);
            now = add(spans, state.job(), run, now, state.readyS(), DayActivity.HANDLING);
            now = add(spans, state.job(), run, now, state.startS(), DayActivity.WAIT);
            now = add(spans, state.job(), run, now, arcEnd, DayActivity.ARC);
            now = add(spans, state.job(), run, now, state.freeS(), DayActivity.WAIT);
        }
        return spans;
    }

    private static double add(List<DaySpan> spans, int job, int run, double from, double to, DayActivity doing) {
        if (to > from) {
            spans.add(new DaySpan(job, run, from, to, doing));
        }
        return Math.max(from, to);
    }

    /** All the welder have to do and the fewest changes, or the longest job alone, whichever is more. */
    double bound() {
        double welderS = 0;
        double longest = 0;
        for (int job = 0; job < jobs.size(); job++) {
            for (DayStep step : jobs.get(job).steps()) {
                welderS += step.welderS() + step.arcS() + step.afterS();
            }
            longest = Math.max(longest, alone(job));
        }
        // The first job needs no change: the dearest of them is taken for it.
        double changed = Arrays.stream(into).sum() - Arrays.stream(into).max().orElse(0);
        return Math.max(welderS + changed, longest);
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
        DayState state = start();
        for (int i = 0; i < jobs.get(job).steps().size(); i++) {
            state = after(state, job);
        }
        return state.freeS();
    }
}
