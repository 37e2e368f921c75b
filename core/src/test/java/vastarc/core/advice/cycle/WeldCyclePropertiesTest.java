package vastarc.core.advice.cycle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.physics.heat.ArcModel;

/** What holds for every logic and every figure, touched at random. The seeds are fixed; each case names its own. */
class WeldCyclePropertiesTest {

    private static final int ROUNDS = 60;
    private static final ArcModel ARC = new ArcModel(2);

    private static CycleTimeline random(TriggerMode mode, Random random) {
        CycleValues values = Scores.random(random);
        List<OperatorInput> inputs = random.nextBoolean() ? OperatorSequence.of(mode, values) : touches(mode, random);
        return ArcStateMachine.play(mode, values, inputs, 60);
    }

    /** Touches without rhyme, such as a learner makes. */
    private static List<OperatorInput> touches(TriggerMode mode, Random random) {
        List<OperatorInput> inputs = new ArrayList<>();
        double at = random.nextDouble();
        for (int i = 0; i < 2 + random.nextInt(8); i++) {
            switch (mode.input()) {
                case FOOT -> inputs.add(OperatorInput.foot(at, random.nextInt(3) == 0 ? 0 : random.nextDouble()));
                case TOUCH ->
                    inputs.add(
                            random.nextInt(3) == 0
                                    ? OperatorInput.valve(at, random.nextBoolean())
                                    : i % 2 == 0 ? OperatorInput.press(at) : OperatorInput.release(at));
                case SWITCH -> inputs.add(i % 2 == 0 ? OperatorInput.press(at) : OperatorInput.release(at));
            }
            at += 0.05 + 3 * random.nextDouble() * random.nextDouble();
        }
        return inputs;
    }

    @ParameterizedTest
    @EnumSource(TriggerModeName.class)
    void theCurrentIsContinuousExceptWhereTheLogicLetsItJump(TriggerModeName name) {
        for (int seed = 0; seed < ROUNDS; seed++) {
            CycleTimeline timeline = random(TriggerMode.of(name), new Random(seed));
            CurrentSegment before = null;
            for (CurrentSegment segment : timeline.segments()) {
                if (before != null) {
                    assertThat(segment.startS()).as("seed " + seed).isEqualTo(before.endS());
                    if (!segment.jumps()) {
                        assertThat(segment.fromA())
                                .as("seed %d, %s at %s s", seed, segment.phase(), segment.startS())
                                .isCloseTo(before.toA(), within(1e-6));
                    }
                }
                assertThat(segment.jumps() || segment.beat().isEmpty()).isTrue();
                before = segment;
            }
        }
    }

    @ParameterizedTest
    @EnumSource(TriggerModeName.class)
    void integralsEqualTheNumericalSumOfTheSamples(TriggerModeName name) {
        for (int seed = 100; seed < 100 + ROUNDS / 3; seed++) {
            CycleTimeline timeline = random(TriggerMode.of(name), new Random(seed));
            CycleTotals exact = CycleTotals.of(timeline, ARC, 10);
            double charge = 0;
            double square = 0;
            double energy = 0;
            double arc = 0;
            double gas = 0;
            int count = 200_000;
            double step = timeline.lengthS() / count;
            for (int i = 0; i < count; i++) {
                MachineState moment = timeline.at((i + 0.5) * step);
                double current = moment.currentA();
                arc += moment.phase().isArc() ? step : 0;
                gas += moment.gas() ? step : 0;
                charge += current * step;
                square += current * current * step;
                energy += moment.phase().isArc() ? ARC.powerW(current) * step : 0;
            }
            if (arc > 0.05) {
                same(name, seed, exact.arcS(), arc);
                same(name, seed, exact.averageA() * exact.arcS(), charge);
                same(name, seed, exact.rmsA() * exact.rmsA() * exact.arcS(), square);
                same(name, seed, exact.energyKj() * 1000, energy);
            }
            same(name, seed, exact.gasL(), gas / 6);
        }
    }

    private static void same(TriggerModeName name, int seed, double exact, double summed) {
        assertThat(exact).as("%s, seed %d", name, seed).isCloseTo(summed, within(0.001 * Math.abs(summed) + 1e-6));
    }

    @ParameterizedTest
    @EnumSource(TriggerModeName.class)
    void timeNeverRunsBackAndNothingFlowsWithoutItsPhase(TriggerModeName name) {
        for (int seed = 200; seed < 200 + ROUNDS; seed++) {
            CycleTimeline timeline = random(TriggerMode.of(name), new Random(seed));
            for (CurrentSegment segment : timeline.segments()) {
                assertThat(segment.lengthS()).isNotNegative();
                assertThat(segment.fromA()).isNotNegative();
                if (!segment.phase().isArc()) {
                    assertThat(segment.fromA() + segment.toA())
                            .as("seed " + seed)
                            .isZero();
                }
                if (!timeline.logic().gasByHand()) {
                    assertThat(segment.gas()).isEqualTo(segment.phase() != Phase.IDLE);
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(TriggerModeName.class)
    void thePlannedTouchesWeldTheWholeSeamAndEndInPostFlow(TriggerModeName name) {
        TriggerMode mode = TriggerMode.of(name);
        for (int seed = 300; seed < 300 + ROUNDS; seed++) {
            CycleValues values = Scores.random(new Random(seed));
            CycleTimeline timeline = ArcStateMachine.play(mode, values, OperatorSequence.of(mode, values), 1000);
            double welded = timeline.spans().stream()
                    .filter(span -> span.phase().travels())
                    .mapToDouble(span -> span.endS() - span.startS())
                    .sum();
            if (!mode.isTack() && mode.name() != TriggerModeName.PEDAL) {
                double decide = mode.name() == TriggerModeName.TRIGGER_4T_SECOND ? ArcStateMachine.TAP_S : 0;
                assertThat(welded).as("seed " + seed).isCloseTo(values.weldS() + decide, within(1e-6));
            } else if (mode.isTack()) {
                int spots = mode.name() == TriggerModeName.SPOT ? 1 : values.spots();
                assertThat(welded).as("seed " + seed).isCloseTo(spots * values.of(CycleKey.SPOT_TIME), within(1e-6));
            }
            Phase last = timeline.changes().get(timeline.changes().size() - 1).to();
            assertThat(last).as("seed " + seed).isEqualTo(Phase.IDLE);
        }
    }
}
