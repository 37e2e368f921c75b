package vastarc.core.record.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import vastarc.core.record.diagnosis.AcceptanceChance.Chance;
import vastarc.core.record.diagnosis.AcceptanceChance.JudgedRun;

class AcceptanceChanceTest {

    private static final JudgedRun PASSED = new JudgedRun(1, 1, true);
    private static final JudgedRun FAILED = new JudgedRun(1.3, 1, false);

    /** A shop that accepts what is no more than so hot, with a few that go the other way. */
    private static List<JudgedRun> shop(Random random, int count, double bestRatio) {
        return IntStream.range(0, count)
                .mapToObj(i -> {
                    double current = Math.exp(0.15 * random.nextGaussian());
                    double travel = Math.exp(0.1 * random.nextGaussian());
                    return new JudgedRun(current, travel, random.nextDouble() < truth(current, travel, bestRatio));
                })
                .toList();
    }

    private static double truth(double current, double travel, double bestRatio) {
        double hotter = Math.log(current / bestRatio) / 0.1;
        double faster = Math.log(travel) / 0.1;
        return 1 / (1 + Math.exp(-(1.8 - 0.6 * hotter * hotter - 0.4 * faster * faster)));
    }

    @Test
    void tooFewRunsOrAllAlikeMakeNoChance() {
        assertThat(AcceptanceChance.of(List.of())).isEmpty();
        assertThat(AcceptanceChance.of(Stream.generate(() -> PASSED).limit(50).toList()))
                .isEmpty();
        List<JudgedRun> nineteen = Stream.concat(
                        Stream.generate(() -> PASSED).limit(15),
                        Stream.generate(() -> FAILED).limit(4))
                .toList();
        assertThat(AcceptanceChance.of(nineteen)).isEmpty();
        List<JudgedRun> twenty =
                Stream.concat(nineteen.stream(), Stream.of(PASSED)).toList();
        assertThat(AcceptanceChance.of(twenty)).map(AcceptanceChance::runs).contains(20);
    }

    @Test
    void itFindsTheShopsOwnBestAndTheRangeNarrows() {
        Random random = new Random(5);
        AcceptanceChance few = AcceptanceChance.of(shop(random, 30, 1.1)).orElseThrow();
        AcceptanceChance many = AcceptanceChance.of(shop(random, 1000, 1.1)).orElseThrow();

        Chance best = many.at(1.1, 1);
        assertThat(best.chance()).isCloseTo(truth(1.1, 1, 1.1), within(0.08));
        assertThat(many.at(0.85, 1).chance()).isLessThan(0.35);
        assertThat(many.at(1.1, 1.25).chance()).isLessThan(best.chance());
        assertThat(best.high() - best.low())
                .isLessThan(few.at(1.1, 1).high() - few.at(1.1, 1).low());
    }

    @Test
    void theRangeHoldsTheTruthInMostShops() {
        Random random = new Random(39);
        int held = 0;
        for (int seed = 0; seed < 200; seed++) {
            double best = Math.exp(0.08 * random.nextGaussian());
            Chance chance =
                    AcceptanceChance.of(shop(random, 60, best)).orElseThrow().at(1, 1);
            double truth = truth(1, 1, best);
            held += chance.low() <= truth && truth <= chance.high() ? 1 : 0;
            assertThat(chance.low()).isBetween(0.0, chance.chance());
            assertThat(chance.high()).isBetween(chance.chance(), 1.0);
        }
        assertThat(held).isGreaterThanOrEqualTo(170);
    }
}
