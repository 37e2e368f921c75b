package vastarc.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vastarc.core.equipment.DialCurve;
import vastarc.core.equipment.DialReading;

/** A dial's own curve against the numerics library's, and its search against the bisection that it replaced, on six readings. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class DialBenchmark {

    private static final double[] PLACES = {0, 0.2, 0.4, 0.6, 0.8, 1};
    private static final double[] AMPS = {12, 35, 66, 104, 150, 205};

    private final DialCurve own = DialCurve.of(List.of(
                    new DialReading(0, 12),
                    new DialReading(0.2, 35),
                    new DialReading(0.4, 66),
                    new DialReading(0.6, 104),
                    new DialReading(0.8, 150),
                    new DialReading(1, 205)))
            .orElseThrow();
    private final PolynomialSplineFunction library = new AkimaSplineInterpolator().interpolate(PLACES, AMPS);
    private double amps = 77;

    private double next() {
        amps = amps > 190 ? 20 : amps + 1.7;
        return amps;
    }

    @Benchmark
    public double ampsOfOwnCurve() {
        return own.ampsAt(next() / 210);
    }

    @Benchmark
    public double ampsOfLibrarySpline() {
        return library.value(next() / 210);
    }

    @Benchmark
    public double placeByBisection() {
        double wanted = next();
        double low = 0;
        double high = 1;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (own.ampsAt(middle) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    @Benchmark
    public double placeOnDial() {
        return own.placeOf(next());
    }
}
