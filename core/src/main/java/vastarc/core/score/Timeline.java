package vastarc.core.score;

import java.util.ArrayList;
import java.util.List;

/**
 * A weld in time.
 *
 * @param logic    the control logic it was played by
 * @param segments without gaps from 0 s
 * @param changes  from phase to phase, and why
 */
public record Timeline(ControlLogic logic, List<Segment> segments, List<Change> changes) {

    /** Whether a touch or the machine's own clock brought a change. */
    public enum Cause {
        TOUCH,
        TIME
    }

    /** A change of phase, A before and after taken at the envelope. */
    public record Change(double atS, Phase from, Phase to, Cause cause, double beforeA, double afterA) {}

    /** A phase from beginning to end. */
    public record Span(Phase phase, double startS, double endS, double fromA, double toA) {}

    /**
     * The machine at one moment.
     *
     * @param next what the next touch will do: the release of a held trigger, else a press
     */
    public record Moment(
            double timeS, Phase phase, double currentA, boolean gas, boolean held, double foot, Reaction next) {}

    public Timeline {
        segments = List.copyOf(segments);
        changes = List.copyOf(changes);
    }

    public double lengthS() {
        return segments.isEmpty() ? 0 : segments.get(segments.size() - 1).endS();
    }

    /**
     * State, current, gas and what the next touch will do.
     *
     * @param timeS 0 or later; after the end the machine stands as it did last
     */
    public Moment at(double timeS) {
        Segment segment = segmentAt(timeS);
        double clamped = Math.min(timeS, segment.endS());
        double share = segment.lengthS() > 0 ? (clamped - segment.startS()) / segment.lengthS() : 1;
        return new Moment(
                timeS,
                segment.phase(),
                segment.currentA(clamped),
                segment.gas(),
                segment.held(),
                segment.footFrom() + (segment.footTo() - segment.footFrom()) * share,
                logic.reaction(segment.phase(), !segment.held()));
    }

    private Segment segmentAt(double timeS) {
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

    /** Phases in order; a phase that a touch left unchanged is one span, the rest at the end is none. */
    public List<Span> spans() {
        List<Span> spans = new ArrayList<>();
        for (Segment segment : segments) {
            Span last = spans.isEmpty() ? null : spans.get(spans.size() - 1);
            if (last != null && last.phase() == segment.phase()) {
                spans.set(
                        spans.size() - 1,
                        new Span(last.phase(), last.startS(), segment.endS(), last.fromA(), segment.toA()));
            } else if (segment.phase() != Phase.IDLE || segment.lengthS() > 0) {
                spans.add(new Span(segment.phase(), segment.startS(), segment.endS(), segment.fromA(), segment.toA()));
            }
        }
        return spans;
    }

    /** When the last arc went out, s; the end where it still burns; 0 where none was struck. */
    public double arcOutS() {
        double out = 0;
        for (Segment segment : segments) {
            out = segment.phase().isArc() ? segment.endS() : out;
        }
        return out;
    }

    Moments moments() {
        Moments sum = Moments.NONE;
        for (Segment segment : segments) {
            sum = sum.plus(segment.moments());
        }
        return sum;
    }

    /** Time with gas, s. */
    double gasS() {
        return segments.stream()
                .filter(Segment::gas)
                .mapToDouble(Segment::lengthS)
                .sum();
    }
}
