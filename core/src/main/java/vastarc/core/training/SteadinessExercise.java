package vastarc.core.training;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/**
 * How evenly a welder followed a shown travel.
 *
 * @param travelMmPerMin it kept on average
 * @param scatterPercent how far its travel strayed: one standard deviation over a second's memory, as the simulation's unsteady welder varies
 * @param wanderMm       how far it strayed across the seam, one standard deviation
 * @param lagMm          how far it was behind the mark on average; negative where it ran ahead
 * @param lastedS        of that, s
 */
public record SteadinessExercise(
        double travelMmPerMin, double scatterPercent, double wanderMm, double lagMm, double lastedS) {

    /** Samples a welder may send: twenty seconds at more than a screen's rate. */
    public static final int MOST = 6000;

    /** A whole try, s. */
    public static final double TRY_S = 20;

    private static final double CATCH_UP_S = 2;
    private static final double LEAST_S = 6;
    private static final double LEAST_MM = 3;

    /**
     * The mean over a second of what strays with a memory of a second means so much of it: the root of 2/e, since
     * 2 (e⁻¹ − 1 + 1) of the variance is left. Source: variance of a mean of correlated readings [textbook].
     */
    private static final double KEPT_BY_A_SECOND = Math.sqrt(2 / Math.E);

    /**
     * Where the welder was.
     *
     * @param s  since the mark began to move, s
     * @param xMm along the seam, mm
     * @param yMm across it, mm
     */
    public record PointerSample(double s, double xMm, double yMm) {}

    /**
     * Reads a try. The first {@value #CATCH_UP_S} s, while the welder catches up, do not count.
     *
     * @param wantedMmPerMin travel of the mark
     * @param samples in the order of time
     * @return the steadiness exercise, or what prevents it
     */
    public static Outcome<SteadinessExercise> of(double wantedMmPerMin, List<PointerSample> samples) {
        List<PointerSample> counted =
                samples.stream().filter(sample -> sample.s() >= CATCH_UP_S).toList();
        if (counted.isEmpty() || last(counted).s() - counted.get(0).s() < LEAST_S) {
            return Outcome.failed(List.of(Problem.badValue("samples", "drill.steady.short")));
        }
        double lasted = last(counted).s() - counted.get(0).s();
        double gone = last(counted).xMm() - counted.get(0).xMm();
        if (Math.abs(gone) < LEAST_MM) {
            return Outcome.failed(List.of(Problem.badValue("samples", "drill.steady.still")));
        }
        double mean = gone / lasted;
        double spread = spread(bySecond(counted));
        double lag = counted.stream()
                .mapToDouble(sample -> wantedMmPerMin / 60 * sample.s() - sample.xMm())
                .average()
                .orElse(0);
        return Outcome.of(new SteadinessExercise(
                60 * mean,
                100 * spread / Math.abs(mean) / KEPT_BY_A_SECOND,
                spread(counted.stream().map(PointerSample::yMm).toList()),
                lag,
                lasted));
    }

    private static PointerSample last(List<PointerSample> samples) {
        return samples.get(samples.size() - 1);
    }

    /** Travel in each whole second, mm/s. */
    private static List<Double> bySecond(List<PointerSample> samples) {
        List<Double> speeds = new ArrayList<>();
        double from = samples.get(0).s();
        while (from + 1 <= last(samples).s() + 1e-9) {
            speeds.add(at(samples, from + 1) - at(samples, from));
            from += 1;
        }
        return speeds;
    }

    /** Where it was at a time, between the samples beside it. */
    private static double at(List<PointerSample> samples, double s) {
        PointerSample before = samples.get(0);
        for (PointerSample sample : samples) {
            if (sample.s() >= s) {
                double gap = sample.s() - before.s();
                double share = gap > 0 ? (s - before.s()) / gap : 0;
                return before.xMm() + share * (sample.xMm() - before.xMm());
            }
            before = sample;
        }
        return before.xMm();
    }

    private static double spread(List<Double> values) {
        OptionalDouble mean = values.stream().mapToDouble(Double::doubleValue).average();
        double sum = values.stream()
                .mapToDouble(value -> Math.pow(value - mean.orElse(0), 2))
                .sum();
        return values.size() < 2 ? 0 : Math.sqrt(sum / (values.size() - 1));
    }
}
