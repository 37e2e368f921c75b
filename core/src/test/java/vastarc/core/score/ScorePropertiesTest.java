package vastarc.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.heat.Arc;

/** What holds for every logic and every figure, touched at random. The seeds are fixed; each case names its own. */
class ScorePropertiesTest {

    private static final int ROUNDS = 60;
    private static final Arc ARC = new Arc(2);

    private static Timeline random(ControlLogic logic, Random random) {
        ScoreValues values = Scores.random(random);
        List<Touch> touches = random.nextBoolean() ? TouchPlan.of(logic, values) : touches(logic, random);
        return ArcCycle.play(logic, values, touches, 60);
    }

    /** Touches without rhyme, such as a learner makes. */
    private static List<Touch> touches(ControlLogic logic, Random random) {
        List<Touch> touches = new ArrayList<>();
        double at = random.nextDouble();
        for (int i = 0; i < 2 + random.nextInt(8); i++) {
            switch (logic.input()) {
                case FOOT -> touches.add(Touch.foot(at, random.nextInt(3) == 0 ? 0 : random.nextDouble()));
                case TOUCH ->
                    touches.add(
                            random.nextInt(3) == 0
                                    ? Touch.valve(at, random.nextBoolean())
                                    : i % 2 == 0 ? Touch.press(at) : Touch.release(at));
                case SWITCH -> touches.add(i % 2 == 0 ? Touch.press(at) : Touch.release(at));
            }
            at += 0.05 + 3 * random.nextDouble() * random.nextDouble();
        }
        return touches;
    }

    @ParameterizedTest
    @EnumSource(ControlLogic.Name.class)
    void theCurrentIsContinuousExceptWhereTheLogicLetsItJump(ControlLogic.Name name) {
        for (int seed = 0; seed < ROUNDS; seed++) {
            Timeline timeline = random(ControlLogic.of(name), new Random(seed));
            Segment before = null;
            for (Segment segment : timeline.segments()) {
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
    @EnumSource(ControlLogic.Name.class)
    void integralsEqualTheNumericalSumOfTheSamples(ControlLogic.Name name) {
        for (int seed = 100; seed < 100 + ROUNDS / 3; seed++) {
            Timeline timeline = random(ControlLogic.of(name), new Random(seed));
            Integrals exact = Integrals.of(timeline, ARC, 10);
            double charge = 0;
            double square = 0;
            double energy = 0;
            double arc = 0;
            double gas = 0;
            int count = 200_000;
            double step = timeline.lengthS() / count;
            for (int i = 0; i < count; i++) {
                Timeline.Moment moment = timeline.at((i + 0.5) * step);
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

    private static void same(ControlLogic.Name name, int seed, double exact, double summed) {
        assertThat(exact).as("%s, seed %d", name, seed).isCloseTo(summed, within(0.001 * Math.abs(summed) + 1e-6));
    }

    @ParameterizedTest
    @EnumSource(ControlLogic.Name.class)
    void timeNeverRunsBackAndNothingFlowsWithoutItsPhase(ControlLogic.Name name) {
        for (int seed = 200; seed < 200 + ROUNDS; seed++) {
            Timeline timeline = random(ControlLogic.of(name), new Random(seed));
            for (Segment segment : timeline.segments()) {
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
    @EnumSource(ControlLogic.Name.class)
    void thePlannedTouchesWeldTheWholeSeamAndEndInPostFlow(ControlLogic.Name name) {
        ControlLogic logic = ControlLogic.of(name);
        for (int seed = 300; seed < 300 + ROUNDS; seed++) {
            ScoreValues values = Scores.random(new Random(seed));
            Timeline timeline = ArcCycle.play(logic, values, TouchPlan.of(logic, values), 1000);
            double welded = timeline.spans().stream()
                    .filter(span -> span.phase().travels())
                    .mapToDouble(span -> span.endS() - span.startS())
                    .sum();
            if (!logic.isTack() && logic.name() != ControlLogic.Name.PEDAL) {
                double decide = logic.name() == ControlLogic.Name.TRIGGER_4T_SECOND ? ArcCycle.TAP_S : 0;
                assertThat(welded).as("seed " + seed).isCloseTo(values.weldS() + decide, within(1e-6));
            } else if (logic.isTack()) {
                int spots = logic.name() == ControlLogic.Name.SPOT ? 1 : values.spots();
                assertThat(welded).as("seed " + seed).isCloseTo(spots * values.of(ScoreKey.SPOT_TIME), within(1e-6));
            }
            Phase last = timeline.changes().get(timeline.changes().size() - 1).to();
            assertThat(last).as("seed " + seed).isEqualTo(Phase.IDLE);
        }
    }
}
