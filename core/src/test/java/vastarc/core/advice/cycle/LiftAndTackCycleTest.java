package vastarc.core.advice.cycle;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.core.advice.cycle.Phase.ARC_OUT;
import static vastarc.core.advice.cycle.Phase.IDLE;
import static vastarc.core.advice.cycle.Phase.POST_FLOW;
import static vastarc.core.advice.cycle.Phase.PRE_FLOW;
import static vastarc.core.advice.cycle.Phase.STRIKE;
import static vastarc.core.advice.cycle.Phase.WELD;
import static vastarc.core.advice.cycle.PlayedCycles.lengthOf;
import static vastarc.core.advice.cycle.PlayedCycles.near;
import static vastarc.core.advice.cycle.PlayedCycles.phases;
import static vastarc.core.advice.cycle.PlayedCycles.play;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.LIFT_VALVE;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.SPOT;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.STITCH;

import org.junit.jupiter.api.Test;

/** Lift starts with a valve on the torch, spots and stitches, touched as planned and touched wrongly; times as in {@link ArcStateMachineTest}. */
class LiftAndTackCycleTest {

    @Test
    void liftStartHasGasOnlyAsLongAsTheValveIsOpen() {
        CycleTimeline played = play(
                LIFT_VALVE,
                OperatorInput.valve(0, true),
                OperatorInput.press(1),
                OperatorInput.release(6),
                OperatorInput.valve(11, false));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(3).currentA(), 100);
        assertThat(played.at(10.9).gas()).isTrue();
        near(played.lengthS(), 11);
    }

    @Test
    void liftStartWithTheValveShutBurnsWithoutGas() {
        CycleTimeline played = play(LIFT_VALVE, OperatorInput.press(1), OperatorInput.release(3));

        assertThat(phases(played)).containsExactly(IDLE, STRIKE, WELD, ARC_OUT);
        assertThat(played.at(2).gas()).isFalse();
    }

    @Test
    void aSpotEndsByItselfAndIsCutShortByAnEarlyRelease() {
        CycleTimeline whole = play(SPOT, OperatorInput.press(0), OperatorInput.release(3));
        near(lengthOf(whole, WELD), 0.6);
        near(lengthOf(play(SPOT, OperatorInput.press(0), OperatorInput.release(1.3)), WELD), 0.2);
        assertThat(phases(whole)).containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
    }

    @Test
    void aStitchRepeatsWithTheGasOnUntilLetGo() {
        CycleTimeline played = play(STITCH, OperatorInput.press(0), OperatorInput.release(3.9));

        assertThat(phases(played))
                .containsExactly(
                        PRE_FLOW, STRIKE, WELD, ARC_OUT, STRIKE, WELD, ARC_OUT, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(1.9).currentA(), 0);
        assertThat(played.at(1.9).gas()).isTrue();
        near(lengthOf(played, POST_FLOW), 5);
    }
}
