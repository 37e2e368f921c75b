package vastarc.core.coach;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;

/**
 * What a welder heard of the coach during a run.
 *
 * @param level how much the welder wanted to hear, at the last cue
 * @param beats dabs and steps of travel that sounded
 * @param cues  the others, in order of time
 */
public record HeardCoach(CoachLevel level, int beats, List<HeardCue> cues) {

    /** Most cues of a run that are kept; a run of an hour has fewer. */
    public static final int MOST_CUES = 100;

    /** Most beats of a run. */
    public static final int MOST_BEATS = 100_000;

    public HeardCoach {
        if (beats < 0 || beats > MOST_BEATS) {
            throw new IllegalArgumentException(beats + " beats; 0 to " + MOST_BEATS + " can be");
        }
        cues = List.copyOf(cues.subList(0, Math.min(cues.size(), MOST_CUES)));
    }

    /**
     * A cue that was heard.
     *
     * @param atS  when, in the time of the run, s
     * @param kind what it said
     */
    public record HeardCue(double atS, CueKind kind) {

        public HeardCue {
            if (!Double.isFinite(atS) || atS < 0) {
                throw new IllegalArgumentException("a cue at " + atS + " s; 0 or later it must be");
            }
        }
    }

    /**
     * What followed a cue.
     *
     * @param cue       what was heard
     * @param arcOutAfterS how long after it the arc went out, s; empty where none burnt, or for a cue that asks for nothing of the arc
     */
    public record CueResponse(HeardCue cue, OptionalDouble arcOutAfterS) {}

    /**
     * {@return each cue with what followed it}
     *
     * @param events of the run, in order of time
     */
    public List<CueResponse> responses(List<RunEvent> events) {
        return cues.stream()
                .map(cue ->
                        new CueResponse(cue, asksForTheEnd(cue.kind()) ? arcOut(cue, events) : OptionalDouble.empty()))
                .toList();
    }

    private static boolean asksForTheEnd(CueKind kind) {
        return kind.isLive() || kind == CueKind.EASE_OFF || kind == CueKind.BREAK_ARC || kind == CueKind.DUTY;
    }

    private static OptionalDouble arcOut(HeardCue cue, List<RunEvent> events) {
        return events.stream()
                .filter(event -> event.atS() >= cue.atS())
                .filter(event -> event.kind() == EventKind.ARC_ON || event.kind() == EventKind.ARC_OFF)
                .findFirst()
                .filter(event -> event.kind() == EventKind.ARC_OFF)
                .map(event -> OptionalDouble.of(event.atS() - cue.atS()))
                .orElse(OptionalDouble.empty());
    }
}
