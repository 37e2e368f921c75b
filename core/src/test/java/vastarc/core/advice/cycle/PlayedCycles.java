package vastarc.core.advice.cycle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;

/** Cycles of round figures played with given inputs, and what tests ask of them. */
final class PlayedCycles {

    private PlayedCycles() {}

    static CycleTimeline play(TriggerMode mode, OperatorInput... inputs) {
        return ArcStateMachine.play(mode, Scores.round(), List.of(inputs), 100);
    }

    static CycleTimeline play(TriggerModeName name, OperatorInput... inputs) {
        return play(TriggerMode.of(name), inputs);
    }

    static List<Phase> phases(CycleTimeline timeline) {
        return timeline.spans().stream().map(TimelineSpan::phase).toList();
    }

    static double lengthOf(CycleTimeline timeline, Phase phase) {
        return timeline.spans().stream()
                .filter(span -> span.phase() == phase)
                .mapToDouble(span -> span.endS() - span.startS())
                .sum();
    }

    static void near(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, within(1e-6));
    }
}
