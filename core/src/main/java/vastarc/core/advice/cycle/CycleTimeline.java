package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.List;

/**
 * A weld in time.
 *
 * @param logic    the control logic it was played by
 * @param segments without gaps from 0 s
 * @param changes  from phase to phase, and why
 */
public record CycleTimeline(TriggerMode logic, List<CurrentSegment> segments, List<PhaseChange> changes) {

    /** Whether a touch or the machine's own clock brought a change. */
    public enum ChangeOrigin {
        /** The welder: switch, pedal or lift. */
        TOUCH,
        /** The machine's own clock. */
        TIME
    }

    /** A change of phase, A before and after taken at the envelope. */
    public record PhaseChange(double atS, Phase from, Phase to, ChangeOrigin cause, double beforeA, double afterA) {}

    /** A phase from beginning to end. */
    public record TimelineSpan(Phase phase, double startS, double endS, double fromA, double toA) {}

    /**
     * The machine at one moment.
     *
     * @param next what the next touch will do: the release of a held trigger, else a press
     */
    public record MachineState(
            double timeS, Phase phase, double currentA, boolean gas, boolean held, double foot, TriggerAction next) {}

    /** Copies its collections, so that it cannot change. */
    public CycleTimeline {
        segments = List.copyOf(segments);
        changes = List.copyOf(changes);
    }

    /** {@return how long the phase lasts, s} */
    public double lengthS() {
        return segments.isEmpty() ? 0 : segments.get(segments.size() - 1).endS();
    }

    /**
     * {@return state, current, gas and what the next touch will do}
     *
     * @param timeS 0 or later; after the end the machine stays in its last state
     */
    public MachineState at(double timeS) {
        CurrentSegment segment = segmentAt(timeS);
        double clamped = Math.min(timeS, segment.endS());
        double share = segment.lengthS() > 0 ? (clamped - segment.startS()) / segment.lengthS() : 1;
        return new MachineState(
                timeS,
                segment.phase(),
                segment.currentA(clamped),
                segment.gas(),
                segment.held(),
                segment.footFrom() + (segment.footTo() - segment.footFrom()) * share,
                logic.reaction(segment.phase(), !segment.held()));
    }

    private CurrentSegment segmentAt(double timeS) {
        int low = 0;
        int high = segments.size() - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (segments.get(middle).endS() > timeS) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return segments.get(low);
    }

    /** {@return phases in order; a phase that a touch left unchanged is one span, the rest at the end is none} */
    public List<TimelineSpan> spans() {
        List<TimelineSpan> spans = new ArrayList<>();
        for (CurrentSegment segment : segments) {
            TimelineSpan last = spans.isEmpty() ? null : spans.get(spans.size() - 1);
            if (last != null && last.phase() == segment.phase()) {
                spans.set(
                        spans.size() - 1,
                        new TimelineSpan(last.phase(), last.startS(), segment.endS(), last.fromA(), segment.toA()));
            } else if (segment.phase() != Phase.IDLE || segment.lengthS() > 0) {
                spans.add(new TimelineSpan(
                        segment.phase(), segment.startS(), segment.endS(), segment.fromA(), segment.toA()));
            }
        }
        return spans;
    }

    /** {@return when the last arc went out, s; the end where it still burns; 0 where none was struck} */
    public double arcOutS() {
        double out = 0;
        for (CurrentSegment segment : segments) {
            out = segment.phase().isArc() ? segment.endS() : out;
        }
        return out;
    }

    CurrentMoments moments() {
        CurrentMoments sum = CurrentMoments.NONE;
        for (CurrentSegment segment : segments) {
            sum = sum.plus(segment.moments());
        }
        return sum;
    }

    /** Time with gas, s. */
    double gasS() {
        return segments.stream()
                .filter(CurrentSegment::gas)
                .mapToDouble(CurrentSegment::lengthS)
                .sum();
    }
}
