package vastarc.core.advice.cycle;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.core.advice.cycle.Phase.ARC_OUT;
import static vastarc.core.advice.cycle.Phase.DOWN_SLOPE;
import static vastarc.core.advice.cycle.Phase.END_HOLD;
import static vastarc.core.advice.cycle.Phase.IDLE;
import static vastarc.core.advice.cycle.Phase.POST_FLOW;
import static vastarc.core.advice.cycle.Phase.PRE_FLOW;
import static vastarc.core.advice.cycle.Phase.SECOND_CURRENT;
import static vastarc.core.advice.cycle.Phase.START_HOLD;
import static vastarc.core.advice.cycle.Phase.STRIKE;
import static vastarc.core.advice.cycle.Phase.UP_SLOPE;
import static vastarc.core.advice.cycle.Phase.WELD;
import static vastarc.core.advice.cycle.PlayedCycles.lengthOf;
import static vastarc.core.advice.cycle.PlayedCycles.near;
import static vastarc.core.advice.cycle.PlayedCycles.phases;
import static vastarc.core.advice.cycle.PlayedCycles.play;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.LATCHED;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.TRIGGER_2T_PLAIN;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.TRIGGER_2T_SLOPES;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.TRIGGER_4T;
import static vastarc.core.advice.cycle.TriggerMode.TriggerModeName.TRIGGER_4T_SECOND;

import org.junit.jupiter.api.Test;
import vastarc.core.advice.cycle.CycleTimeline.ChangeOrigin;

/** Every control logic, touched as planned and touched wrongly. Times follow from the round figures: strike at 1.0 s, arc at 1.1 s. */
class ArcStateMachineTest {

    // --- 2T

    @Test
    void twoTouchesWithSlopesGoUpWeldDownAndOut() {
        CycleTimeline played = play(TRIGGER_2T_SLOPES, OperatorInput.press(0), OperatorInput.release(10));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, UP_SLOPE, WELD, DOWN_SLOPE, ARC_OUT, POST_FLOW);
        near(lengthOf(played, UP_SLOPE), 2);
        near(lengthOf(played, WELD), 10 - 3.1);
        near(lengthOf(played, DOWN_SLOPE), 4);
        near(played.at(2.1).currentA(), 60);
        near(played.at(12).currentA(), 55);
        near(played.arcOutS(), 14);
        near(played.lengthS(), 19);
        assertThat(played.at(18.9).gas()).isTrue();
        assertThat(played.at(19.5).gas()).isFalse();
        assertThat(played.at(19.5).phase()).isEqualTo(IDLE);
    }

    @Test
    void twoTouchesLetGoInPreFlowShutTheGasWithoutAnArc() {
        CycleTimeline played = play(TRIGGER_2T_SLOPES, OperatorInput.press(0), OperatorInput.release(0.6));

        assertThat(phases(played)).containsExactly(PRE_FLOW);
        assertThat(played.changes()).last().satisfies(change -> {
            assertThat(change.to()).isEqualTo(IDLE);
            assertThat(change.cause()).isEqualTo(ChangeOrigin.TOUCH);
        });
    }

    @Test
    void twoTouchesLetGoInUpSlopeTurnDownFromThereAtTheSlopesOwnRate() {
        CycleTimeline played = play(TRIGGER_2T_SLOPES, OperatorInput.press(0), OperatorInput.release(2.1));

        assertThat(phases(played)).doesNotContain(WELD);
        near(lengthOf(played, UP_SLOPE), 1);
        near(lengthOf(played, DOWN_SLOPE), 4 * 50.0 / 90);
    }

    @Test
    void twoTouchesPressedAgainInDownSlopeGoBackUp() {
        CycleTimeline played = play(
                TRIGGER_2T_SLOPES,
                OperatorInput.press(0),
                OperatorInput.release(5),
                OperatorInput.press(7),
                OperatorInput.release(12));

        assertThat(phases(played))
                .containsExactly(
                        PRE_FLOW, STRIKE, UP_SLOPE, WELD, DOWN_SLOPE, UP_SLOPE, WELD, DOWN_SLOPE, ARC_OUT, POST_FLOW);
        near(played.at(7).currentA(), 55);
        near(played.at(7.5).currentA(), 55 + 40 * 0.5);
    }

    @Test
    void aPanelThatDoesNotResumePassesTheTouchOver() {
        TriggerMode stubborn =
                TriggerMode.of(TRIGGER_2T_SLOPES).reacting(DOWN_SLOPE, TriggerAction.NONE, TriggerAction.NONE);
        CycleTimeline played = play(
                stubborn,
                OperatorInput.press(0),
                OperatorInput.release(5),
                OperatorInput.press(7),
                OperatorInput.release(12));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, UP_SLOPE, WELD, DOWN_SLOPE, ARC_OUT, POST_FLOW);
        near(played.arcOutS(), 9);
    }

    @Test
    void plainTwoTouchesPassOverTheSlopes() {
        CycleTimeline played = play(TRIGGER_2T_PLAIN, OperatorInput.press(0), OperatorInput.release(6));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(1.05).currentA(), 100);
        near(played.arcOutS(), 6);
    }

    @Test
    void touchedInPostFlowItStrikesAgainWithoutPreFlow() {
        CycleTimeline played = play(
                TRIGGER_2T_PLAIN,
                OperatorInput.press(0),
                OperatorInput.release(3),
                OperatorInput.press(5),
                OperatorInput.release(7));

        assertThat(phases(played))
                .containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(5.05).currentA(), 100);
        near(played.lengthS(), 12);
    }

    // --- 4T

    @Test
    void fourTouchesHoldStartAndEndCurrent() {
        CycleTimeline played = play(
                TRIGGER_4T,
                OperatorInput.press(0),
                OperatorInput.release(2),
                OperatorInput.press(10),
                OperatorInput.release(16));

        assertThat(phases(played))
                .containsExactly(
                        PRE_FLOW, STRIKE, START_HOLD, UP_SLOPE, WELD, DOWN_SLOPE, END_HOLD, ARC_OUT, POST_FLOW);
        near(lengthOf(played, START_HOLD), 0.9);
        near(lengthOf(played, END_HOLD), 2);
        near(played.at(1.5).currentA(), 20);
        near(played.at(15).currentA(), 10);
    }

    @Test
    void fourTouchesReleasedInPreFlowLatchAndSkipTheStartHold() {
        CycleTimeline played = play(
                TRIGGER_4T,
                OperatorInput.press(0),
                OperatorInput.release(0.4),
                OperatorInput.press(8),
                OperatorInput.release(13));

        assertThat(phases(played)).startsWith(PRE_FLOW, STRIKE, UP_SLOPE, WELD);
    }

    @Test
    void fourTouchesPressedInUpSlopeTurnDown() {
        CycleTimeline played = play(
                TRIGGER_4T,
                OperatorInput.press(0),
                OperatorInput.release(1.5),
                OperatorInput.press(2.5),
                OperatorInput.release(8));

        assertThat(phases(played)).doesNotContain(WELD);
        near(played.at(2.5).currentA(), 60);
    }

    @Test
    void fourTouchesReleasedInDownSlopePutTheArcOutThere() {
        CycleTimeline played = play(
                TRIGGER_4T,
                OperatorInput.press(0),
                OperatorInput.release(2),
                OperatorInput.press(10),
                OperatorInput.release(12));

        assertThat(phases(played)).doesNotContain(END_HOLD);
        near(played.arcOutS(), 12);
        assertThat(played.changes())
                .filteredOn(change -> change.to() == ARC_OUT)
                .singleElement()
                .satisfies(change -> near(change.beforeA(), 55));
    }

    @Test
    void aShortTapChangesToTheSecondCurrentAndBackAHeldPressEnds() {
        CycleTimeline played = play(
                TRIGGER_4T_SECOND,
                OperatorInput.press(0),
                OperatorInput.release(2),
                OperatorInput.press(6),
                OperatorInput.release(6.2),
                OperatorInput.press(8),
                OperatorInput.release(8.2),
                OperatorInput.press(10),
                OperatorInput.release(16));

        assertThat(phases(played)).containsSubsequence(WELD, SECOND_CURRENT, WELD, DOWN_SLOPE, END_HOLD);
        near(played.at(7).currentA(), 60);
        near(played.at(10.3).currentA(), 100);
        assertThat(played.at(10.39).phase()).isEqualTo(WELD);
        assertThat(played.at(10.41).phase()).isEqualTo(DOWN_SLOPE);
    }

    @Test
    void latchedStaysOnWithTheFingerOff() {
        CycleTimeline played = play(
                LATCHED,
                OperatorInput.press(0),
                OperatorInput.release(0.2),
                OperatorInput.press(9),
                OperatorInput.release(9.2));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, UP_SLOPE, WELD, DOWN_SLOPE, ARC_OUT, POST_FLOW);
        near(lengthOf(played, DOWN_SLOPE), 4);
    }

    @Test
    void latchedTouchedInPreFlowGivesUpAndInDownSlopeCuts() {
        assertThat(phases(play(LATCHED, OperatorInput.press(0), OperatorInput.release(0.2), OperatorInput.press(0.5))))
                .containsExactly(PRE_FLOW);
        near(
                play(
                                LATCHED,
                                OperatorInput.press(0),
                                OperatorInput.release(0.2),
                                OperatorInput.press(9),
                                OperatorInput.release(9.2),
                                OperatorInput.press(10))
                        .arcOutS(),
                10);
    }
}
