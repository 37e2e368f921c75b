package vastarc.core.training;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.record.procedure.OpenRange;

/**
 * A bead that a learner has welded, measured against levels that whoever teaches has set. The levels are the shop's own; none is derived here.
 *
 * @param levels each of a measure of its own; at least one
 */
public record PracticalTest(List<BeadLevel> levels) {

    /** Copies its list, so that it cannot change. */
    public PracticalTest {
        levels = List.copyOf(levels);
    }

    /** What is measured on a bead. */
    public enum BeadMeasure {
        /** From toe to toe, mm. */
        WIDTH,
        /** Of a fillet, mm. */
        LEG,
        /** Above the face of the plates, mm. */
        REINFORCEMENT,
        /** Of the root bead, mm. */
        ROOT_WIDTH,
        /** Deepest, mm. */
        UNDERCUT,
        /** Seen on the face, number. */
        PORES,
        /** Stops and starts that show, number. */
        STOPS
    }

    /**
     * A level of one measure.
     *
     * @param measure  what is measured
     * @param level    within which it must lie
     * @param measured on the bead; empty until it is
     */
    public record BeadLevel(BeadMeasure measure, OpenRange level, OptionalDouble measured) {

        /** {@return whether it was measured and lies within} */
        public boolean isHeld() {
            return measured.isPresent() && level.holds(measured.getAsDouble());
        }
    }

    /** {@return how many levels are held} */
    public int held() {
        return (int) levels.stream().filter(BeadLevel::isHeld).count();
    }

    /** {@return whether every level was measured} */
    public boolean isComplete() {
        return levels.stream().allMatch(level -> level.measured().isPresent());
    }

    /** {@return whether every level is held} */
    public boolean isPassed() {
        return held() == levels.size();
    }
}
