package vastarc.core.coach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.coach.CoachShare.ClosedRun;
import vastarc.core.coach.HeardCoach.HeardCue;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;

/** What a run keeps of the coach, what followed each cue, and how runs with it came out beside others. */
class HeardCoachTest {

    private static final List<RunEvent> EVENTS = List.of(
            new RunEvent(2, EventKind.ARC_ON),
            new RunEvent(30, EventKind.ARC_OFF),
            new RunEvent(40, EventKind.ARC_ON),
            new RunEvent(55, EventKind.ARC_OFF));

    @Test
    void aCueThatAsksForTheEndIsAnsweredByTheNextArcThatGoesOut() {
        HeardCoach heard = new HeardCoach(
                CoachLevel.BEGINNER,
                40,
                List.of(
                        new HeardCue(15, CueKind.HALFWAY),
                        new HeardCue(28.5, CueKind.EASE_OFF),
                        new HeardCue(35, CueKind.GAS_LOW),
                        new HeardCue(50, CueKind.GAS_LOST),
                        new HeardCue(60, CueKind.ARC_LONG)));
        assertThat(heard.responses(EVENTS))
                .extracting(response -> response.arcOutAfterS())
                .containsExactly(
                        OptionalDouble.empty(),
                        OptionalDouble.of(1.5),
                        // No arc burnt when it was said.
                        OptionalDouble.empty(),
                        OptionalDouble.of(5),
                        OptionalDouble.empty());
    }

    @Test
    void whatIsKeptIsBounded() {
        HeardCue cue = new HeardCue(1, CueKind.HOLD);
        assertThat(new HeardCoach(CoachLevel.PACE, 0, Collections.nCopies(500, cue)).cues())
                .hasSize(HeardCoach.MOST_CUES);
        assertThatThrownBy(() -> new HeardCoach(CoachLevel.PACE, -1, List.of()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new HeardCue(Double.NaN, CueKind.HOLD)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void runsWithTheCoachAreCountedBesideTheOthers() {
        CoachShare share = CoachShare.of(List.of(
                new ClosedRun(true, Optional.of(true), OptionalDouble.of(0.96)),
                new ClosedRun(true, Optional.of(false), OptionalDouble.of(1.10)),
                new ClosedRun(true, Optional.of(true), OptionalDouble.of(1.06)),
                new ClosedRun(true, Optional.empty(), OptionalDouble.empty()),
                new ClosedRun(false, Optional.empty(), OptionalDouble.empty())));
        assertThat(share.with().runs()).isEqualTo(4);
        assertThat(share.with().judged()).isEqualTo(3);
        assertThat(share.with().accepted()).isEqualTo(2);
        assertThat(share.with().paceOff().orElseThrow()).isCloseTo(0.06, within(1e-9));
        assertThat(share.without().chance()).isEmpty();
        assertThat(share.without().paceOff()).isEmpty();
    }

    /** Of 8 in 10, against the sums of the density on 200,000 steps: 0.5475 to 0.9398. */
    @Test
    void aShareSaysHowSureItIs() {
        List<ClosedRun> runs = IntStream.range(0, 10)
                .mapToObj(i -> new ClosedRun(true, Optional.of(i < 8), OptionalDouble.empty()))
                .toList();
        CoachShare.AcceptedShare share = CoachShare.of(runs).with().chance().orElseThrow();
        assertThat(share.share()).isEqualTo(0.8);
        assertThat(share.low()).isCloseTo(0.5475, within(0.0005));
        assertThat(share.high()).isCloseTo(0.9398, within(0.0005));
        List<ClosedRun> all = runs.subList(0, 8);
        assertThat(CoachShare.of(all).with().chance().orElseThrow().high()).isEqualTo(1);
    }
}
