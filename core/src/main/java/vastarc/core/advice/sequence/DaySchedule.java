package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.List;

/**
 * One welder over several jobs.
 *
 * @param timeline          what the welder does, without gaps
 * @param makespanS         from the start to the end of the last post-flow, s
 * @param oneAfterAnotherS  the same jobs one after the other in the given order, s
 * @param lowerBoundS       no order can be shorter, s
 */
public record DaySchedule(List<DaySpan> timeline, double makespanS, double oneAfterAnotherS, double lowerBoundS) {

    /** Copies its collections, so that it cannot change. */
    public DaySchedule {
        timeline = List.copyOf(timeline);
    }

    /** What the welder does. */
    public enum DayActivity {
        /** Welds. */
        ARC,
        /** Changes machine settings, tungsten or filler for the next job. */
        CHANGE,
        /** Loads, clamps and turns the piece. */
        HANDLING,
        /** Waits for duty, cooling or gas. */
        WAIT
    }

    /**
     * A stretch of the day.
     *
     * @param job from 0, in the given order
     * @param run of that job, from 1
     */
    public record DaySpan(int job, int run, double startS, double endS, DayActivity doing) {

        /** {@return how long it takes, s} */
        public double lengthS() {
            return endS - startS;
        }
    }

    /**
     * Some runs of one job, one after the other.
     *
     * @param job  from 0, in the given order
     * @param runs how many
     */
    public record Block(int job, int runs) {}

    /** {@return the day's turns in order} */
    public List<Block> turns() {
        List<Block> turns = new ArrayList<>();
        for (DaySpan span : timeline) {
            if (span.doing() == DayActivity.ARC) {
                Block last = turns.isEmpty() ? new Block(-1, 0) : turns.get(turns.size() - 1);
                if (last.job() == span.job()) {
                    turns.set(turns.size() - 1, new Block(span.job(), last.runs() + 1));
                } else {
                    turns.add(new Block(span.job(), 1));
                }
            }
        }
        return List.copyOf(turns);
    }

    /** What it costs to turn from one job to another, s each. */
    public record ChangeoverTimes(double metalS, double tungstenS, double cupS, double panelS) {

        /** Five minutes for another metal, one for tungsten and cup each, a minute and a half at the panel (judgement). */
        public static final ChangeoverTimes USUAL = new ChangeoverTimes(300, 60, 60, 90);
    }
}
