package vastarc.core.coach;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/**
 * A weld practised with a cold torch and rod: how evenly the rod was dabbed, how near to the plan, and when the weld was ended.
 *
 * @param plannedDabs  dabs of the plan up to the end
 * @param dabs         dabs made
 * @param beatS        middle of the times between two dabs, s; empty where there are too few
 * @param evennessPercent 100 less the spread of those times over their mean, 0 to 100, %; empty where there are too few
 * @param nearPercent  planned dabs with one of the welder's within a third of a beat, %; empty where none is planned
 * @param lagS         how long after the planned ones those were on average, s; negative where they came before
 * @param endOffS      how long after the planned moment the weld was ended, s; negative where before
 */
public record DryRun(
        int plannedDabs,
        int dabs,
        OptionalDouble beatS,
        OptionalDouble evennessPercent,
        OptionalDouble nearPercent,
        OptionalDouble lagS,
        double endOffS) {

    /** Most dabs that are taken. */
    public static final int MOST = 2000;

    /** Longest weld that is practised, s. */
    public static final double LONGEST_S = 3600;

    /** Of the planned time between two dabs. Judgement: later than that the pool has cooled. */
    private static final double NEAR = 1 / 3.0;

    private static final int LEAST_DABS = 4;
    private static final double LEAST_S = 3;

    /**
     * Reads a try.
     *
     * @param cycle the weld that was practised
     * @param endS  when the welder ended it, in the time of the weld cycle, s
     * @param dabs  when the rod was dabbed, s, in order
     * @return the dry run, or what prevents it
     */
    public static Outcome<DryRun> of(WeldCycle cycle, double endS, List<Double> dabs) {
        double strike = at(cycle, CueKind.STRIKE, 0);
        if (!(endS - strike >= LEAST_S) || endS > LONGEST_S) {
            return Outcome.failed(Problem.badValue("end", "drill.dry.short", (int) LEAST_S));
        }
        List<Double> planned = cycle.dabTimes().stream().filter(s -> s <= endS).toList();
        List<Double> made = dabs.stream().filter(s -> s >= strike && s <= endS).toList();
        List<Double> steps = steps(made);
        boolean enough = made.size() >= LEAST_DABS;
        List<Double> lags = planned.isEmpty()
                ? List.of()
                : lags(planned, made, NEAR / cycle.rhythm().dabsPerS());
        return Outcome.of(new DryRun(
                planned.size(),
                made.size(),
                enough ? OptionalDouble.of(middle(steps)) : OptionalDouble.empty(),
                enough ? OptionalDouble.of(evenness(steps)) : OptionalDouble.empty(),
                planned.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(100.0 * lags.size() / planned.size()),
                lags.stream().mapToDouble(lag -> lag).average(),
                endS - plannedEndS(cycle)));
    }

    /**
     * {@return when the welder ends the weld as planned, s: where the current begins to fall, else where the arc goes out}
     *
     * @param cycle the weld
     */
    public static double plannedEndS(WeldCycle cycle) {
        return at(cycle, CueKind.EASE_OFF, cycle.timeline().arcOutS());
    }

    private static double at(WeldCycle cycle, CueKind kind, double otherwise) {
        return Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.empty()).stream()
                .filter(cue -> cue.kind() == kind)
                .mapToDouble(Cue::s)
                .findFirst()
                .orElse(otherwise);
    }

    private static List<Double> steps(List<Double> made) {
        List<Double> steps = new ArrayList<>();
        for (int i = 1; i < made.size(); i++) {
            steps.add(made.get(i) - made.get(i - 1));
        }
        return steps;
    }

    private static double middle(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    private static double evenness(List<Double> steps) {
        double mean = steps.stream().mapToDouble(step -> step).average().orElse(0);
        double square = steps.stream()
                .mapToDouble(step -> (step - mean) * (step - mean))
                .average()
                .orElse(0);
        return mean > 0 ? Math.max(0, 100 * (1 - Math.sqrt(square) / mean)) : 0;
    }

    /** For each planned dab that has one of the welder's near it, how much later that came; each of the welder's counts once. */
    private static List<Double> lags(List<Double> planned, List<Double> made, double nearS) {
        List<Double> lags = new ArrayList<>();
        int next = 0;
        for (double wanted : planned) {
            while (next < made.size() && made.get(next) < wanted - nearS) {
                next++;
            }
            if (next < made.size() && made.get(next) <= wanted + nearS) {
                lags.add(made.get(next++) - wanted);
            }
        }
        return lags;
    }
}
