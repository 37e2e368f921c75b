package vastarc.core.route;

import java.util.List;

/**
 * One pair of hands over several jobs.
 *
 * @param timeline          what the hands do, without gaps
 * @param makespanS         from the start to the end of the last post-flow, s
 * @param oneAfterAnotherS  the same jobs one after the other as they were told, s
 * @param lowerBoundS       no order can be shorter, s
 */
public record Day(List<Span> timeline, double makespanS, double oneAfterAnotherS, double lowerBoundS) {

    public Day {
        timeline = List.copyOf(timeline);
    }

    /** What the hands do. */
    public enum Doing {
        ARC,
        CHANGE,
        HANDLING,
        WAIT
    }

    /**
     * A stretch of the day.
     *
     * @param job from 0, as told
     * @param run of that job, from 1
     */
    public record Span(int job, int run, double startS, double endS, Doing doing) {

        public double lengthS() {
            return endS - startS;
        }
    }

    /** What it costs to turn from one job to another, s each. */
    public record Changes(double metalS, double tungstenS, double cupS, double panelS) {

        /** Five minutes for another metal, one for tungsten and cup each, a minute and a half at the panel (judgement). */
        public static final Changes USUAL = new Changes(300, 60, 60, 90);
    }
}
