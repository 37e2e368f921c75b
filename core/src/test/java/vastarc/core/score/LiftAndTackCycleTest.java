package vastarc.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vastarc.core.score.ControlLogic.Name.LIFT_VALVE;
import static vastarc.core.score.ControlLogic.Name.SPOT;
import static vastarc.core.score.ControlLogic.Name.STITCH;
import static vastarc.core.score.Phase.ARC_OUT;
import static vastarc.core.score.Phase.IDLE;
import static vastarc.core.score.Phase.POST_FLOW;
import static vastarc.core.score.Phase.PRE_FLOW;
import static vastarc.core.score.Phase.STRIKE;
import static vastarc.core.score.Phase.WELD;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Lift starts with a valve on the torch, spots and stitches, touched as planned and touched wrongly; times as in {@link ArcCycleTest}. */
class LiftAndTackCycleTest {

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

    @Test
    void liftStartHasGasOnlyAsLongAsTheValveIsOpen() {
        Timeline played =
                play(LIFT_VALVE, Touch.valve(0, true), Touch.press(1), Touch.release(6), Touch.valve(11, false));

        assertThat(phases(played)).containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(3).currentA(), 100);
        assertThat(played.at(10.9).gas()).isTrue();
        near(played.lengthS(), 11);
    }

    @Test
    void liftStartWithTheValveShutBurnsWithoutGas() {
        Timeline played = play(LIFT_VALVE, Touch.press(1), Touch.release(3));

        assertThat(phases(played)).containsExactly(IDLE, STRIKE, WELD, ARC_OUT);
        assertThat(played.at(2).gas()).isFalse();
    }

    @Test
    void aSpotEndsByItselfAndIsCutShortByAnEarlyRelease() {
        Timeline whole = play(SPOT, Touch.press(0), Touch.release(3));
        near(lengthOf(whole, WELD), 0.6);
        near(lengthOf(play(SPOT, Touch.press(0), Touch.release(1.3)), WELD), 0.2);
        assertThat(phases(whole)).containsExactly(PRE_FLOW, STRIKE, WELD, ARC_OUT, POST_FLOW);
    }

    @Test
    void aStitchRepeatsWithTheGasOnUntilLetGo() {
        Timeline played = play(STITCH, Touch.press(0), Touch.release(3.9));

        assertThat(phases(played))
                .containsExactly(
                        PRE_FLOW, STRIKE, WELD, ARC_OUT, STRIKE, WELD, ARC_OUT, STRIKE, WELD, ARC_OUT, POST_FLOW);
        near(played.at(1.9).currentA(), 0);
        assertThat(played.at(1.9).gas()).isTrue();
        near(lengthOf(played, POST_FLOW), 5);
    }
}
