package vastarc.core.run;

import java.util.List;
import vastarc.core.route.PassFigures;
import vastarc.core.sheet.Sheet;

/**
 * Where a run stands at a moment: what the hand at the booth has to know.
 *
 * @param stage  of the run
 * @param leftS  until the stage is over by itself; 0 where it is not, s
 * @param sinceS how long the stage has lasted, s
 * @param arcs   struck so far
 * @param arcS   time with an arc so far, the burning one included, s
 */
public record Booth(Stage stage, double leftS, double sinceS, int arcs, double arcS) {

    /** Stages of a run. */
    public enum Stage {
        READY,
        ARC,
        /** Hold still: the gas still covers a hot end. */
        POST_FLOW,
        COOLING,
        /** Cool enough for the next arc, or for the hand. */
        CLEAR
    }

    /**
     * What follows an arc.
     *
     * @param postFlowS gas after it, s
     * @param coolS     until the seam may be welded again, counted from its end, s
     */
    public record After(double postFlowS, double coolS) {

        /** As a sheet has it. */
        public static After of(Sheet sheet) {
            PassFigures pass = PassFigures.of(sheet);
            return new After(pass.postFlowS(), pass.coolsS());
        }
    }

    /** An event that fits what has happened: an arc is struck where none burns, and goes out where one does. */
    public static boolean fits(List<RunEvent> events, RunEvent.Kind next) {
        boolean burning = burning(events);
        return switch (next) {
            case ARC_ON -> !burning;
            case ARC_OFF -> burning;
            case DIPPED, STOPPED, GUST -> true;
        };
    }

    /** An arc burns after these. */
    public static boolean burning(List<RunEvent> events) {
        for (int i = events.size() - 1; i >= 0; i--) {
            if (!events.get(i).kind().isMark()) {
                return events.get(i).kind() == RunEvent.Kind.ARC_ON;
            }
        }
        return false;
    }

    /** After some events, in order, at a time not before them. */
    public static Booth at(List<RunEvent> events, After after, double nowS) {
        int arcs = 0;
        double arcS = 0;
        double changedS = 0;
        boolean burns = false;
        for (RunEvent event : events) {
            if (event.kind() == RunEvent.Kind.ARC_ON) {
                arcs++;
                burns = true;
                changedS = event.atS();
            } else if (event.kind() == RunEvent.Kind.ARC_OFF) {
                arcS += event.atS() - changedS;
                burns = false;
                changedS = event.atS();
            }
        }
        double since = Math.max(0, nowS - changedS);
        if (arcs == 0) {
            return new Booth(Stage.READY, 0, Math.max(0, nowS), 0, 0);
        }
        if (burns) {
            return new Booth(Stage.ARC, 0, since, arcs, arcS + since);
        }
        return rest(since, after, arcs, arcS);
    }

    private static Booth rest(double since, After after, int arcs, double arcS) {
        if (since < after.postFlowS()) {
            return new Booth(Stage.POST_FLOW, after.postFlowS() - since, since, arcs, arcS);
        }
        return since < after.coolS()
                ? new Booth(Stage.COOLING, after.coolS() - since, since, arcs, arcS)
                : new Booth(Stage.CLEAR, 0, since, arcs, arcS);
    }
}
