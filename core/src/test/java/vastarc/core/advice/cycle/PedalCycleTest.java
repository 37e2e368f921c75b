package vastarc.core.advice.cycle;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.core.advice.cycle.Phase.ARC_OUT;
import static vastarc.core.advice.cycle.Phase.DOWN_SLOPE;
import static vastarc.core.advice.cycle.Phase.IDLE;
import static vastarc.core.advice.cycle.Phase.POST_FLOW;
import static vastarc.core.advice.cycle.Phase.PRE_FLOW;
import static vastarc.core.advice.cycle.Phase.START_HOLD;
import static vastarc.core.advice.cycle.Phase.STRIKE;
import static vastarc.core.advice.cycle.Phase.WELD;
import static vastarc.core.advice.cycle.PlayedCycles.near;
import static vastarc.core.advice.cycle.PlayedCycles.phases;
import static vastarc.core.advice.cycle.PlayedCycles.play;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.PEDAL;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.TRIGGER_4T;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.cycle.TriggerMode.SupportedSetting;

/** The arc led by a pedal, panels that pass a setting over, and machines that are left alone. Times follow from the round figures. */
class PedalCycleTest {

    @Test
    void theFootIsTheCurrentAboveTheLeastTheArcHolds() {
        CycleTimeline played = play(
                PEDAL,
                OperatorInput.foot(0, 0),
                OperatorInput.foot(0.2, 0.02),
                OperatorInput.foot(2, 0.02),
                OperatorInput.foot(4, 0.8),
                OperatorInput.foot(8, 0.8),
                OperatorInput.foot(9, 0));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(1.5).currentA(), 5);
        near(played.at(6).currentA(), 100);
        near(played.at(8.5).currentA(), 50);
        near(played.at(8.99).currentA(), 5);
        near(played.arcOutS(), 9);
    }

    @Test
    void theFootOffInPreFlowShutsTheGasAndInPostFlowStrikesAgain() {
        assertThat(phases(play(
                        PEDAL, OperatorInput.foot(0, 0), OperatorInput.foot(0.2, 0.3), OperatorInput.foot(0.5, 0))))
                .containsExactly(PRE_FLOW);
        CycleTimeline again = play(
                PEDAL,
                OperatorInput.foot(0, 0),
                OperatorInput.foot(1.5, 0.5),
                OperatorInput.foot(3, 0),
                OperatorInput.foot(4, 0),
                OperatorInput.foot(5, 0.5),
                OperatorInput.foot(6, 0));
        assertThat(phases(again))
                .containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
    }

    @Test
    void aPanelThatHonoursNoDownSlopeGoesStraightOut() {
        Set<SupportedSetting> fewer = EnumSet.copyOf(TriggerMode.of(TRIGGER_4T).honours());
        fewer.remove(SupportedSetting.DOWN_SLOPE);
        CycleTimeline played = play(
                TriggerMode.of(TRIGGER_4T).supporting(fewer),
                OperatorInput.press(0),
                OperatorInput.release(2),
                OperatorInput.press(8),
                OperatorInput.release(9));

        assertThat(phases(played)).doesNotContain(DOWN_SLOPE);
        near(played.arcOutS(), 8);
    }

    @Test
    void slopesOfNoTimeAreSteps() {
        CycleValues steps = Scores.round().with(CycleKey.UP_SLOPE, 0).with(CycleKey.DOWN_SLOPE, 0);
        CycleTimeline played = ArcStateMachine.play(
                TriggerMode.of(TRIGGER_4T),
                steps,
                List.of(
                        OperatorInput.press(0),
                        OperatorInput.release(2),
                        OperatorInput.press(8),
                        OperatorInput.release(9)),
                100);

        near(played.at(2.01).currentA(), 100);
        near(played.at(8.5).currentA(), 10);
    }

    @Test
    void anUntouchedMachineRests() {
        CycleTimeline rest = play(TRIGGER_4T);

        assertThat(rest.at(3).phase()).isEqualTo(IDLE);
        assertThat(rest.at(3).next()).isEqualTo(TriggerAction.BEGIN);
    }

    @Test
    void theNextTouchIsKnownAtEveryMoment() {
        CycleTimeline played = play(
                TRIGGER_4T,
                OperatorInput.press(0),
                OperatorInput.release(2),
                OperatorInput.press(10),
                OperatorInput.release(16));

        assertThat(played.at(0.5).next()).isEqualTo(TriggerAction.NONE);
        assertThat(played.at(1.5).next()).isEqualTo(TriggerAction.UP);
        assertThat(played.at(3).next()).isEqualTo(TriggerAction.DOWN);
        assertThat(played.at(6).next()).isEqualTo(TriggerAction.DOWN);
        assertThat(played.at(12).next()).isEqualTo(TriggerAction.CUT);
        assertThat(played.at(18).next()).isEqualTo(TriggerAction.RESTRIKE);
    }

    @Test
    void anArcThatIsNotPutOutIsDrawnAsFarAsAsked() {
        CycleTimeline played =
                ArcStateMachine.play(TriggerMode.of(TRIGGER_4T), Scores.round(), List.of(OperatorInput.press(0)), 4);

        near(played.lengthS(), 4);
        assertThat(played.at(4).phase()).isEqualTo(START_HOLD);
    }
}
