package vastarc.core.coach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

class DryRunTest {

    private static final WeldCycle CYCLE = WeldPlan.of(
                    new Weld(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), WeldingConditions.usual()),
                    ShopDefaults.usual())
            .score()
            .value()
            .orElseThrow();
    private static final double END_S = DryRun.plannedEndS(CYCLE);
    private static final double BEAT_S = 1 / CYCLE.rhythm().dabsPerS();

    private static DryRun run(double endS, List<Double> dabs) {
        return DryRun.of(CYCLE, endS, dabs).value().orElseThrow();
    }

    @Test
    void whoDabsAsPlannedIsEvenAndNear() {
        DryRun run = run(END_S, CYCLE.dabTimes());

        assertThat(run.dabs()).isEqualTo(run.plannedDabs());
        assertThat(run.evennessPercent().orElseThrow()).isCloseTo(100, within(0.01));
        assertThat(run.nearPercent().orElseThrow()).isEqualTo(100);
        assertThat(run.beatS().orElseThrow()).isCloseTo(BEAT_S, within(1e-6));
        assertThat(run.lagS().orElseThrow()).isZero();
        assertThat(run.endOffS()).isZero();
    }

    @Test
    void whoIsAlwaysLateIsEvenAndLate() {
        DryRun run =
                run(END_S + 0.5, CYCLE.dabTimes().stream().map(s -> s + 0.1).toList());

        assertThat(run.lagS().orElseThrow()).isCloseTo(0.1, within(1e-9));
        assertThat(run.evennessPercent().orElseThrow()).isCloseTo(100, within(0.01));
        assertThat(run.endOffS()).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void unevennessIsTheSpreadOfTheTimesBetweenDabs() {
        for (int seed = 1; seed <= 20; seed++) {
            Random random = new Random(seed);
            double spread = 0.05 + 0.02 * seed / 20;
            double[] at = {CYCLE.dabTimes().get(0)};
            List<Double> dabs = IntStream.range(0, 400)
                    .mapToObj(i -> at[0] += BEAT_S * (1 + spread * random.nextGaussian()))
                    .filter(s -> s < DryRun.LONGEST_S)
                    .toList();
            DryRun run = run(dabs.get(dabs.size() - 1) + 1, dabs);
            assertThat(run.evennessPercent().orElseThrow())
                    .as("seed " + seed)
                    .isCloseTo(100 * (1 - spread), within(1.0));
        }
    }

    @Test
    void everySecondDabLeftOutIsHalfOfThePlan() {
        List<Double> planned = CYCLE.dabTimes();
        List<Double> half = IntStream.range(0, planned.size())
                .filter(i -> i % 2 == 0)
                .mapToObj(planned::get)
                .toList();

        assertThat(run(END_S, half).nearPercent().orElseThrow()).isCloseTo(50, within(2.0));
    }

    @Test
    void aTryThatHasHardlyBegunIsNotJudgedAndOneWithoutDabsHasNoRhythm() {
        assertThat(DryRun.of(CYCLE, 0.5, List.of()).problems()).hasSize(1);
        assertThat(DryRun.of(CYCLE, Double.NaN, List.of()).problems()).hasSize(1);
        assertThat(run(END_S, List.of()).beatS()).isEmpty();
        assertThat(run(END_S, List.of()).nearPercent().orElseThrow()).isZero();
    }
}
