package vastarc.core.record.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.MachineCalibration;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;

/** What a shop learns of its machines: near the truth after ten runs, never far, and of no other machine. */
class LearningTest {

    private static ProvenRun run(double mm, String machine, double ratio) {
        return new ProvenRun("STAINLESS_304L", "SQUARE_BUTT", mm, machine, ratio);
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
}
