package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.CurrentSegment.PulseOverlay;
import vastarc.core.advice.cycle.CycleTimeline.ChangeOrigin;
import vastarc.core.advice.cycle.CycleTimeline.PhaseChange;

/** What an arc's life leaves behind: segments without gaps, and the changes of phase between them. */
final class ArcRecorder {

    private final List<CurrentSegment> segments = new ArrayList<>();
    private final List<PhaseChange> changes = new ArrayList<>();
    private double now;
    private double level;
    private boolean jump;

    /** Time up to which everything is recorded, s. */
    double now() {
        return now;
    }

    /** Current at that time, A. */
    double levelA() {
        return level;
    }

    /** The arc goes over into another phase at a current; {@code jumps} where it need not go there evenly. */
    void enter(Phase from, Phase to, ChangeOrigin cause, double currentA, boolean jumps) {
        changes.add(new PhaseChange(now, from, to, cause, level, currentA));
        level = currentA;
        jump = jumps;
    }

    /**
     * A stretch up to a time.
     *
     * @param footFrom pedal position at its start, {@code footTo} at its end
     */
    void add(
            Phase phase,
            double to,
            double fromA,
            double toA,
            Optional<PulseOverlay> beat,
            boolean gas,
            boolean held,
            double footFrom,
            double footTo) {
        segments.add(new CurrentSegment(
                phase, now, to, fromA, toA, beat, gas, held, footFrom, footTo, jump || beat.isPresent()));
        jump = false;
        level = toA;
        now = to;
    }

    CycleTimeline timeline(TriggerMode mode) {
        return new CycleTimeline(mode, segments, changes);
    }
}
