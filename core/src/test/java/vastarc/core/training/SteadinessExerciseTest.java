package vastarc.core.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.training.SteadinessExercise.PointerSample;

/** A welder read from where its pointer was: what was put into it comes out again. */
class SteadinessExerciseTest {

    private static final double WANTED = 120;

    private static List<PointerSample> samples(double lengthS, DoubleUnaryOperator x, DoubleUnaryOperator y) {
        List<PointerSample> samples = new ArrayList<>();
        for (double s = 0; s <= lengthS; s += 0.04) {
            samples.add(new PointerSample(s, x.applyAsDouble(s), y.applyAsDouble(s)));
        }
        return samples;
    }

    @Test
    void anEvenHandDoesNotStrayAndItsTravelAndLagAreTold() {
        SteadinessExercise exercise = SteadinessExercise.of(WANTED, samples(20, s -> 1.8 * s - 0.5, s -> 0))
                .value()
                .orElseThrow();
        assertThat(exercise.travelMmPerMin()).isCloseTo(108, within(0.1));
        assertThat(exercise.scatterPercent()).isCloseTo(0, within(0.01));
        assertThat(exercise.wanderMm()).isZero();
        assertThat(exercise.lagMm()).isCloseTo(0.2 * 11 + 0.5, within(0.05));
        assertThat(exercise.lastedS()).isCloseTo(18, within(0.1));
    }

    /** Travel strays by a share with a memory of a second, as an unsteady welder of the simulation does. */
    private static List<PointerSample> straying(long seed, double share, double lengthS) {
        Random random = new Random(seed);
        double kept = Math.exp(-0.04);
        double stray = share * random.nextGaussian();
        double x = 0;
        List<PointerSample> samples = new ArrayList<>();
        for (double s = 0; s <= lengthS; s += 0.04) {
            samples.add(new PointerSample(s, x, 0));
            x += 2 * (1 + stray) * 0.04;
            stray = stray * kept + share * Math.sqrt(1 - kept * kept) * random.nextGaussian();
        }
        return samples;
    }

    @Test
    void whatStraysIsReadAsTheRehearsalWouldStray() {
        for (double share : new double[] {0.08, 0.15, 0.3}) {
            double sum = 0;
            int seeds = 200;
            for (long seed = 1; seed <= seeds; seed++) {
                SteadinessExercise exercise = SteadinessExercise.of(WANTED, straying(seed, share, 20))
                        .value()
                        .orElseThrow();
                sum += exercise.scatterPercent() * exercise.scatterPercent();
            }
            assertThat(Math.sqrt(sum / seeds)).as("strays by " + share).isCloseTo(100 * share, within(12 * share));
        }
    }

    @Test
    void tooShortOrStillIsSaidInWords() {
        assertThat(SteadinessExercise.of(WANTED, samples(5, s -> 2 * s, s -> 0)).problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains("too short"));
        assertThat(SteadinessExercise.of(WANTED, samples(20, s -> 0, s -> 0)).problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains("has not moved"));
        assertThat(SteadinessExercise.of(WANTED, List.of()).value()).isEmpty();
    }
}
