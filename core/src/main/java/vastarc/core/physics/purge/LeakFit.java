package vastarc.core.physics.purge;

import java.util.List;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * How much air leaks in, from an oxygen meter's readings over time: least squares on \( C = C_f + (C_s - C_f)e^{-t/\tau} \) in the logarithm
 * of C, free in start, time constant and floor; the leak is that which gives the floor, \( Q_l = Q\frac{C_f-C_{in}}{C_0-C_f} \), its bounds
 * those of the floor at 95 % (Gaussian, from the fit's own scatter).
 *
 * @param leakLPerMin   L/min
 * @param low           lower bound, L/min
 * @param high          upper bound, L/min
 * @param timeConstantS τ, s
 * @param settled       the readings have come down to their floor
 * @param verdict       what to make of it
 */
public record LeakFit(
        double leakLPerMin, double low, double high, double timeConstantS, boolean settled, LeakVerdict verdict) {

    /** Fewest readings that say anything of three unknowns. */
    public static final int FEWEST = 5;

    private static final double SIGMAS = 1.96;
    private static final double LEAST_PPM = 0.05;
    private static final double TIGHT_SHARE = 1e-4;
    private static final double SETTLED_WITHIN = 1.5;
    private static final double SLOW_FACTOR = 1.4;
    private static final double BLOCKED_FACTOR = 3.5;
    private static final double ALIKE = 1.03;
    private static final double NEVER_FELL = 0.9;
    private static final double NEARLY_AIR_PPM = 100_000;
    private static final double RISES_FACTOR = 2;

    /** Its words: {@code purge.leak.<name>}. */
    public enum LeakVerdict {
        /** Less than a ten-thousandth of the flow. */
        TIGHT,
        /** Air gets in. */
        LEAKS,
        /** Comes down far slower than the flow should bring it: the argon does not get through. */
        BLOCKED,
        /** Rises again: the argon has ended. */
        EMPTY,
        /** Falls slower than the argon thins the air out: something dries or leaks. */
        SLOW,
        /** Never falls: no argon gets in. */
        NO_ARGON,
        /** All readings are equal: they show no leak and no time constant. */
        UNKNOWN
    }

    /** A reading. */
    public record OxygenReading(double s, double ppm) {}

    /**
     * {@return the leak behind readings}
     *
     * @param volumeL volume, L
     * @param flowLPerMin flow, L/min
     * @param argonPpm oxygen in the argon, ppm by volume
     * @param readings at least {@value #FEWEST}, in order of time, ppm above 0
     */
    public static LeakFit of(double volumeL, double flowLPerMin, double argonPpm, List<OxygenReading> readings) {
        double expected = 60 * volumeL / flowLPerMin;
        Optimum best = fitted(readings, expected);
        double timeConstant = Math.exp(best.getPoint().getEntry(1));
        double floor = Math.exp(best.getPoint().getEntry(2));
        double spread = spread(best);
        double last = readings.get(readings.size() - 1).ppm();
        boolean settled = last < SETTLED_WITHIN * floor;
        double leak = leak(floor, flowLPerMin, argonPpm);
        double high = leak(floor * Math.exp(SIGMAS * spread), flowLPerMin, argonPpm);
        return new LeakFit(
                leak,
                leak(floor * Math.exp(-SIGMAS * spread), flowLPerMin, argonPpm),
                Math.max(leak, high),
                timeConstant,
                settled,
                verdict(readings, timeConstant / (expected + OxygenMeter.LAG_S), leak / flowLPerMin, settled));
    }

    private static LeakVerdict verdict(List<OxygenReading> readings, double slower, double share, boolean settled) {
        double least = readings.stream().mapToDouble(OxygenReading::ppm).min().orElseThrow();
        double most = readings.stream().mapToDouble(OxygenReading::ppm).max().orElseThrow();
        double first = readings.get(0).ppm();
        double last = readings.get(readings.size() - 1).ppm();
        if (least > NEVER_FELL * first && least > NEARLY_AIR_PPM) {
            return LeakVerdict.NO_ARGON;
        }
        if (most < ALIKE * least) {
            return LeakVerdict.UNKNOWN;
        }
        if (least < first && last > RISES_FACTOR * least) {
            return LeakVerdict.EMPTY;
        }
        if (slower > BLOCKED_FACTOR) {
            return LeakVerdict.BLOCKED;
        }
        if (slower > SLOW_FACTOR && !settled) {
            return LeakVerdict.SLOW;
        }
        return share < TIGHT_SHARE ? LeakVerdict.TIGHT : LeakVerdict.LEAKS;
    }

    private static double leak(double floorPpm, double flow, double argonPpm) {
        double inside = Math.min(floorPpm, 0.99 * Purge.AIR_PPM);
        return Math.max(0, flow * (inside - argonPpm) / (Purge.AIR_PPM - inside));
    }

    private static Optimum fitted(List<OxygenReading> readings, double expectedS) {
        double[] targets =
                readings.stream().mapToDouble(reading -> log(reading.ppm())).toArray();
        double least = readings.stream().mapToDouble(OxygenReading::ppm).min().orElseThrow();
        double[] start = {log(readings.get(0).ppm()), Math.log(expectedS), log(0.9 * least)};
        return new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .target(targets)
                        .model(point -> model(readings, point))
                        .parameterValidator(LeakFit::within)
                        .lazyEvaluation(false)
                        .maxEvaluations(2000)
                        .maxIterations(2000)
                        .build());
    }

    /** Logarithms of start, time constant and floor, kept where they mean something. */
    private static RealVector within(RealVector point) {
        return new ArrayRealVector(new double[] {
            clamp(point.getEntry(0), Math.log(LEAST_PPM), Math.log(1e6)),
            clamp(point.getEntry(1), Math.log(0.01), Math.log(1e6)),
            clamp(point.getEntry(2), Math.log(LEAST_PPM), Math.log(1e6))
        });
    }

    private static double clamp(double value, double low, double high) {
        return Math.min(high, Math.max(low, value));
    }

    private static double log(double ppm) {
        return Math.log(Math.max(LEAST_PPM, ppm));
    }

    private static Pair<RealVector, RealMatrix> model(List<OxygenReading> readings, RealVector point) {
        double start = Math.exp(point.getEntry(0));
        double tau = Math.exp(point.getEntry(1));
        double floor = Math.exp(point.getEntry(2));
        double from = readings.get(0).s();
        double[] values = new double[readings.size()];
        double[][] slopes = new double[readings.size()][];
        for (int i = 0; i < values.length; i++) {
            double gone = (readings.get(i).s() - from) / tau;
            double left = Math.exp(-gone);
            double ppm = Math.max(LEAST_PPM / 10, floor + (start - floor) * left);
            values[i] = Math.log(ppm);
            slopes[i] =
                    new double[] {start * left / ppm, (start - floor) * left * gone / ppm, floor * (1 - left) / ppm};
        }
        return new Pair<>(new ArrayRealVector(values), new Array2DRowRealMatrix(slopes));
    }

    /** Standard error of the floor's logarithm; wide where the readings do not determine it. */
    private static double spread(Optimum best) {
        int free = Math.max(1, best.getResiduals().getDimension() - 3);
        double scatter = Math.sqrt(best.getResiduals().dotProduct(best.getResiduals()) / free);
        try {
            double unit = Math.sqrt(Math.max(0, best.getCovariances(1e-14).getEntry(2, 2)));
            return Math.min(20, unit * scatter);
        } catch (MathRuntimeException e) {
            return 20;
        }
    }
}
