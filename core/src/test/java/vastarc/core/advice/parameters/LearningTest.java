package vastarc.core.advice.parameters;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;

/** What a shop learns of its machines: near the truth after ten runs, never far, and of no other machine. */
class LearningTest {

    private static ProvenRun run(double mm, String machine, double ratio) {
        return new ProvenRun("STAINLESS_304L", "SQUARE_BUTT", "PA", mm, machine, ratio);
    }

    @Test
    void aTrueFactorIsFoundWithinTenRunsAndNoOtherMachineMoves() {
        Random random = new Random(15);
        List<ProvenRun> runs = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            runs.add(run(1.5 + 0.3 * random.nextDouble(), "one", 1.15 * (1 + 0.05 * random.nextGaussian())));
            if (runs.size() < MachineCalibration.LEAST_RUNS) {
                assertThat(MachineCalibration.of(runs, run(1.6, "one", 1))).isEmpty();
            }
            if (runs.size() >= 10) {
                MachineCalibration learned =
                        MachineCalibration.of(runs, run(1.6, "one", 1)).orElseThrow();
                assertThat(learned.ratio()).as(runs.size() + " runs").isCloseTo(1.15, within(0.05 * 1.15));
                assertThat(learned.low()).isLessThan(learned.ratio());
                assertThat(learned.high()).isGreaterThan(learned.ratio());
            }
            assertThat(MachineCalibration.of(runs, run(1.6, "two", 1))).isEmpty();
        }
    }

    @Test
    void itNeverLeavesThirtyFivePerCentAndFarRunsHardlyCount() {
        List<ProvenRun> wild = IntStream.range(0, 300)
                .mapToObj(i -> run(1.6, "one", i % 2 == 0 ? 9 : 3))
                .toList();
        assertThat(MachineCalibration.of(wild, run(1.6, "one", 1)).orElseThrow().ratio())
                .isEqualTo(1.35);
        List<ProvenRun> thick =
                IntStream.range(0, 50).mapToObj(i -> run(8, "one", 1.3)).toList();
        assertThat(MachineCalibration.of(thick, run(1, "one", 1))).isEmpty();
    }

    /** A run of another position says something of the machine and less of the weld; one whose position was not kept says as much as one of the same. */
    @Test
    void aRunOfAnotherPositionCountsLess() {
        ProvenRun overhead = new ProvenRun("STAINLESS_304L", "SQUARE_BUTT", "PE", 1.6, "one", 1.2);
        ProvenRun before = new ProvenRun("STAINLESS_304L", "SQUARE_BUTT", "", 1.6, "one", 1.2);
        ProvenRun flat = run(1.6, "one", 1);

        assertThat(overhead.weightFor(flat)).isEqualTo(0.4);
        assertThat(before.weightFor(flat)).isEqualTo(1);
        assertThat(run(1.6, "one", 1.2).weightFor(flat)).isEqualTo(1);
    }

    @Test
    void aDriftIsSeenAndNoiseIsNone() {
        Random random = new Random(3);
        int alarms = 0;
        for (int seed = 0; seed < 200; seed++) {
            List<Double> still = IntStream.range(0, 30)
                    .mapToObj(i -> 1 + 0.02 * random.nextGaussian())
                    .toList();
            alarms += Drift.of(still).orElseThrow().isOut() ? 1 : 0;
            List<Double> drifting = IntStream.range(0, 30)
                    .mapToObj(i -> 1 + 0.004 * i + 0.02 * random.nextGaussian())
                    .toList();
            assertThat(Drift.of(drifting).orElseThrow().isOut())
                    .as("seed " + seed)
                    .isTrue();
        }
        assertThat(alarms).isLessThanOrEqualTo(4);
        assertThat(Drift.of(List.of(1.0, 1.2))).isEmpty();
    }

    /** Shops with a factor and a scatter of their own: the range holds the factor as often as it says. */
    @Test
    void theRangeHoldsTheTruthAsOftenAsItSays() {
        Random random = new Random(39);
        for (int count : new int[] {1, 4, 12, 40}) {
            int held = 0;
            double widths = 0;
            for (int seed = 0; seed < 1000; seed++) {
                double truth = Math.exp(0.12 * random.nextGaussian());
                double scatter = 0.04 + 0.04 * random.nextDouble();
                List<ProvenRun> runs = IntStream.range(0, count)
                        .mapToObj(i -> run(1.6, "one", truth * Math.exp(scatter * random.nextGaussian())))
                        .toList();
                MachineCalibration known = MachineCalibration.posterior(runs, run(1.6, "one", 1));
                held += known.low() <= truth && truth <= known.high() ? 1 : 0;
                widths += known.high() - known.low();
            }
            assertThat(held).as(count + " runs").isBetween(860, 930);
            assertThat(widths / 1000).as(count + " runs").isLessThan(0.35 / Math.sqrt(count));
        }
    }

    @Test
    void aChangeOfTwelvePerCentIsNoticedWithinTenRunsAndOldRunsNoLongerCount() {
        Random random = new Random(12);
        int noticed = 0;
        int near = 0;
        for (int seed = 0; seed < 200; seed++) {
            List<ProvenRun> runs = new ArrayList<>();
            IntStream.range(0, 15).forEach(i -> runs.add(0, run(1.6, "one", Math.exp(0.05 * random.nextGaussian()))));
            for (int i = 0; i < 10; i++) {
                runs.add(0, run(1.6, "one", 1.12 * Math.exp(0.05 * random.nextGaussian())));
            }
            CalibrationRuns all = new CalibrationRuns("one", runs);
            if (all.drift().orElseThrow().isOut()) {
                noticed++;
                double ratio = MachineCalibration.of(
                                runs.subList(
                                        0,
                                        runs.size() - all.drift().orElseThrow().since()),
                                run(1.6, "one", 1))
                        .orElseThrow()
                        .ratio();
                near += Math.abs(ratio / 1.12 - 1) < 0.06 ? 1 : 0;
            }
        }
        assertThat(noticed).isGreaterThanOrEqualTo(180);
        assertThat(near).isGreaterThanOrEqualTo((int) (0.9 * noticed));
    }
}
