package vastarc.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vastarc.core.score.ControlLogic.Name.LATCHED;
import static vastarc.core.score.ControlLogic.Name.PEDAL;
import static vastarc.core.score.ControlLogic.Name.TRIGGER_2T_PLAIN;
import static vastarc.core.score.ControlLogic.Name.TRIGGER_2T_SLOPES;
import static vastarc.core.score.ControlLogic.Name.TRIGGER_4T;
import static vastarc.core.score.ControlLogic.Name.TRIGGER_4T_SECOND;
import static vastarc.core.score.Phase.ARC_OUT;
import static vastarc.core.score.Phase.DOWN_SLOPE;
import static vastarc.core.score.Phase.END_HOLD;
import static vastarc.core.score.Phase.IDLE;
import static vastarc.core.score.Phase.POST_FLOW;
import static vastarc.core.score.Phase.PRE_FLOW;
import static vastarc.core.score.Phase.SECOND_CURRENT;
import static vastarc.core.score.Phase.START_HOLD;
import static vastarc.core.score.Phase.STRIKE;
import static vastarc.core.score.Phase.UP_SLOPE;
import static vastarc.core.score.Phase.WELD;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vastarc.core.score.ControlLogic.Honour;

/** Every control logic, touched as planned and touched wrongly. Times follow from the round figures: strike at 1.0 s, arc at 1.1 s. */
class ArcCycleTest {

    private static Timeline play(ControlLogic logic, Touch... touches) {
        return ArcCycle.play(logic, Scores.round(), List.of(touches), 100);
    }

    private static Timeline play(ControlLogic.Name name, Touch... touches) {
        return play(ControlLogic.of(name), touches);
    }

    private static List<Phase> phases(Timeline timeline) {
        return timeline.spans().stream().map(Timeline.Span::phase).toList();
    }

    private static double lengthOf(Timeline timeline, Phase phase) {
        return timeline.spans().stream()
                .filter(span -> span.phase() == phase)
                .mapToDouble(span -> span.endS() - span.startS())
                .sum();
    }

    private static void near(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, within(1e-6));
    }

    // --- 2T

    @Test
    void twoTouchesWithSlopesGoUpWeldDownAndOut() {
        Timeline played = play(TRIGGER_2T_SLOPES, Touch.press(0), Touch.release(10));

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
        Timeline played = play(TRIGGER_2T_SLOPES, Touch.press(0), Touch.release(0.6));

        assertThat(phases(played)).containsExactly(PRE_FLOW);
        assertThat(played.changes()).last().satisfies(change -> {
            assertThat(change.to()).isEqualTo(IDLE);
            assertThat(change.cause()).isEqualTo(Timeline.Cause.TOUCH);
        });
    }

    @Test
    void twoTouchesLetGoInUpSlopeTurnDownFromThereAtTheSlopesOwnRate() {
        Timeline played = play(TRIGGER_2T_SLOPES, Touch.press(0), Touch.release(2.1));

        assertThat(phases(played)).doesNotContain(WELD);
        near(lengthOf(played, UP_SLOPE), 1);
        near(lengthOf(played, DOWN_SLOPE), 4 * 50.0 / 90);
    }

    @Test
    void twoTouchesPressedAgainInDownSlopeGoBackUp() {
        Timeline played = play(TRIGGER_2T_SLOPES, Touch.press(0), Touch.release(5), Touch.press(7), Touch.release(12));

        assertThat(phases(played))
                .containsExactly(
                        PRE_FLOW, STRIKE, UP_SLOPE, WELD, DOWN_SLOPE, UP_SLOPE, WELD, DOWN_SLOPE, ARC_OUT, POST_FLOW);
        near(played.at(7).currentA(), 55);
        near(played.at(7.5).currentA(), 55 + 40 * 0.5);
    }

    @Test
    void aPanelThatDoesNotResumePassesTheTouchOver() {
        ControlLogic stubborn = ControlLogic.of(TRIGGER_2T_SLOPES).reacting(DOWN_SLOPE, Reaction.NONE, Reaction.NONE);
        Timeline played = play(stubborn, Touch.press(0), Touch.release(5), Touch.press(7), Touch.release(12));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, UP_SLOPE, WELD, DOWN_SLOPE, ARC_OUT, POST_FLOW);
        near(played.arcOutS(), 9);
    }

    @Test
    void plainTwoTouchesPassOverTheSlopes() {
        Timeline played = play(TRIGGER_2T_PLAIN, Touch.press(0), Touch.release(6));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(1.05).currentA(), 100);
        near(played.arcOutS(), 6);
    }

    @Test
    void touchedInPostFlowItStrikesAgainWithoutPreFlow() {
        Timeline played = play(TRIGGER_2T_PLAIN, Touch.press(0), Touch.release(3), Touch.press(5), Touch.release(7));

        assertThat(phases(played))
                .containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(5.05).currentA(), 100);
        near(played.lengthS(), 12);
    }

    // --- 4T

    @Test
    void fourTouchesHoldStartAndEndCurrent() {
        Timeline played = play(TRIGGER_4T, Touch.press(0), Touch.release(2), Touch.press(10), Touch.release(16));

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
        Timeline played = play(TRIGGER_4T, Touch.press(0), Touch.release(0.4), Touch.press(8), Touch.release(13));

        assertThat(phases(played)).startsWith(PRE_FLOW, STRIKE, UP_SLOPE, WELD);
    }

    @Test
    void fourTouchesPressedInUpSlopeTurnDown() {
        Timeline played = play(TRIGGER_4T, Touch.press(0), Touch.release(1.5), Touch.press(2.5), Touch.release(8));

        assertThat(phases(played)).doesNotContain(WELD);
        near(played.at(2.5).currentA(), 60);
    }

    @Test
    void fourTouchesReleasedInDownSlopePutTheArcOutThere() {
        Timeline played = play(TRIGGER_4T, Touch.press(0), Touch.release(2), Touch.press(10), Touch.release(12));

        assertThat(phases(played)).doesNotContain(END_HOLD);
        near(played.arcOutS(), 12);
        assertThat(played.changes())
                .filteredOn(change -> change.to() == ARC_OUT)
                .singleElement()
                .satisfies(change -> near(change.beforeA(), 55));
    }

    @Test
    void aShortTapChangesToTheSecondCurrentAndBackAHeldPressEnds() {
        Timeline played = play(
                TRIGGER_4T_SECOND,
                Touch.press(0),
                Touch.release(2),
                Touch.press(6),
                Touch.release(6.2),
                Touch.press(8),
                Touch.release(8.2),
                Touch.press(10),
                Touch.release(16));

        assertThat(phases(played)).containsSubsequence(WELD, SECOND_CURRENT, WELD, DOWN_SLOPE, END_HOLD);
        near(played.at(7).currentA(), 60);
        near(played.at(10.3).currentA(), 100);
        assertThat(played.at(10.39).phase()).isEqualTo(WELD);
        assertThat(played.at(10.41).phase()).isEqualTo(DOWN_SLOPE);
    }

    @Test
    void latchedStaysOnWithTheFingerOff() {
        Timeline played = play(LATCHED, Touch.press(0), Touch.release(0.2), Touch.press(9), Touch.release(9.2));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, UP_SLOPE, WELD, DOWN_SLOPE, ARC_OUT, POST_FLOW);
        near(lengthOf(played, DOWN_SLOPE), 4);
    }

    @Test
    void latchedTouchedInPreFlowGivesUpAndInDownSlopeCuts() {
        assertThat(phases(play(LATCHED, Touch.press(0), Touch.release(0.2), Touch.press(0.5))))
                .containsExactly(PRE_FLOW);
        near(
                play(LATCHED, Touch.press(0), Touch.release(0.2), Touch.press(9), Touch.release(9.2), Touch.press(10))
                        .arcOutS(),
                10);
    }

    // --- pedal

    @Test
    void theFootIsTheCurrentAboveTheLeastTheArcHolds() {
        Timeline played = play(
                PEDAL,
                Touch.foot(0, 0),
                Touch.foot(0.2, 0.02),
                Touch.foot(2, 0.02),
                Touch.foot(4, 0.8),
                Touch.foot(8, 0.8),
                Touch.foot(9, 0));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(1.5).currentA(), 5);
        near(played.at(6).currentA(), 100);
        near(played.at(8.5).currentA(), 50);
        near(played.at(8.99).currentA(), 5);
        near(played.arcOutS(), 9);
    }

    @Test
    void theFootOffInPreFlowShutsTheGasAndInPostFlowStrikesAgain() {
        assertThat(phases(play(PEDAL, Touch.foot(0, 0), Touch.foot(0.2, 0.3), Touch.foot(0.5, 0))))
                .containsExactly(PRE_FLOW);
        Timeline again = play(
                PEDAL,
                Touch.foot(0, 0),
                Touch.foot(1.5, 0.5),
                Touch.foot(3, 0),
                Touch.foot(4, 0),
                Touch.foot(5, 0.5),
                Touch.foot(6, 0));
        assertThat(phases(again))
                .containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
    }

    @Test
    void aPanelThatHonoursNoDownSlopeGoesStraightOut() {
        Set<Honour> fewer = EnumSet.copyOf(ControlLogic.of(TRIGGER_4T).honours());
        fewer.remove(Honour.DOWN_SLOPE);
        Timeline played = play(
                ControlLogic.of(TRIGGER_4T).honouring(fewer),
                Touch.press(0),
                Touch.release(2),
                Touch.press(8),
                Touch.release(9));

        assertThat(phases(played)).doesNotContain(DOWN_SLOPE);
        near(played.arcOutS(), 8);
    }

    @Test
    void slopesOfNoTimeAreSteps() {
        ScoreValues steps = Scores.round().with(ScoreKey.UP_SLOPE, 0).with(ScoreKey.DOWN_SLOPE, 0);
        Timeline played = ArcCycle.play(
                ControlLogic.of(TRIGGER_4T),
                steps,
                List.of(Touch.press(0), Touch.release(2), Touch.press(8), Touch.release(9)),
                100);

        near(played.at(2.01).currentA(), 100);
        near(played.at(8.5).currentA(), 10);
    }

    @Test
    void anUntouchedMachineRests() {
        Timeline rest = play(TRIGGER_4T);

        assertThat(rest.at(3).phase()).isEqualTo(IDLE);
        assertThat(rest.at(3).next()).isEqualTo(Reaction.BEGIN);
    }

    @Test
    void theNextTouchIsKnownAtEveryMoment() {
        Timeline played = play(TRIGGER_4T, Touch.press(0), Touch.release(2), Touch.press(10), Touch.release(16));

        assertThat(played.at(0.5).next()).isEqualTo(Reaction.NONE);
        assertThat(played.at(1.5).next()).isEqualTo(Reaction.UP);
        assertThat(played.at(3).next()).isEqualTo(Reaction.DOWN);
        assertThat(played.at(6).next()).isEqualTo(Reaction.DOWN);
        assertThat(played.at(12).next()).isEqualTo(Reaction.CUT);
        assertThat(played.at(18).next()).isEqualTo(Reaction.RESTRIKE);
    }

    @Test
    void anArcThatIsNotPutOutIsDrawnAsFarAsAsked() {
        Timeline played = ArcCycle.play(ControlLogic.of(TRIGGER_4T), Scores.round(), List.of(Touch.press(0)), 4);

        near(played.lengthS(), 4);
        assertThat(played.at(4).phase()).isEqualTo(START_HOLD);
    }
}
