package vastarc.core.record.weldlog;

import java.util.List;
import vastarc.core.advice.sequence.PassFigures;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.record.weldlog.RunEvent.EventKind;

/**
 * Where a run is at a moment: what the welder at the booth has to know.
 *
 * @param stage  of the run
 * @param leftS  until the stage is over by itself; 0 where it is not, s
 * @param sinceS how long the stage has lasted, s
 * @param arcs   struck so far
 * @param arcS   time with an arc so far, the burning one included, s
 */
public record RunState(RunStage stage, double leftS, double sinceS, int arcs, double arcS) {

    /** Stages of a run. */
    public enum RunStage {
        /** Before the arc. */
        READY,
        /** The arc burns. */
        ARC,
        /** Hold still: the gas still covers a hot end. */
        POST_FLOW,
        /** After the arc. */
        COOLING,
        /** Cool enough for the next arc, or for the welder. */
        CLEAR
    }

    /**
     * What follows an arc.
     *
     * @param postFlowS gas after it, s
     * @param coolS     until the seam may be welded again, counted from its end, s
     */
    public record AfterArc(double postFlowS, double coolS) {

        /**
         * As a sheet has it.
         *
         * @param sheet the sheet
         * @return the after arc
         */
        public static AfterArc of(SetupSheet sheet) {
            PassFigures pass = PassFigures.of(sheet);
            return new AfterArc(pass.postFlowS(), pass.coolsS());
        }
    }

    /**
     * {@return whether an event fits what has happened: an arc is struck where none burns, and goes out where one does}
     *
     * @param events the events of the run so far
     * @param next the event that may follow
     */
    public static boolean fits(List<RunEvent> events, EventKind next) {
        boolean burning = burning(events);
        return switch (next) {
            case ARC_ON -> !burning;
            case ARC_OFF -> burning;
            case DIPPED, STOPPED, GUST -> true;
        };
    }

    /**
     * {@return whether an arc burns after these events}
     *
     * @param events the events of the run so far
     */
    public static boolean burning(List<RunEvent> events) {
        for (int i = events.size() - 1; i >= 0; i--) {
            if (!events.get(i).kind().isMark()) {
                return events.get(i).kind() == EventKind.ARC_ON;
            }
        }
        return false;
    }

    /**
     * After some events, in order, at a time not before them.
     *
     * @param events the events of the run so far
     * @param after what follows the arc
     * @param nowS the time, s
     * @return the run state
     */
    public static RunState at(List<RunEvent> events, AfterArc after, double nowS) {
        int arcs = 0;
        double arcS = 0;
        double changedS = 0;
        boolean burns = false;
        for (RunEvent event : events) {
            if (event.kind() == EventKind.ARC_ON) {
                arcs++;
                burns = true;
                changedS = event.atS();
            } else if (event.kind() == EventKind.ARC_OFF) {
                arcS += event.atS() - changedS;
                burns = false;
                changedS = event.atS();
            }
        }
        double since = Math.max(0, nowS - changedS);
        if (arcs == 0) {
            return new RunState(RunStage.READY, 0, Math.max(0, nowS), 0, 0);
        }
        if (burns) {
            return new RunState(RunStage.ARC, 0, since, arcs, arcS + since);
        }
        return rest(since, after, arcs, arcS);
    }

    private static RunState rest(double since, AfterArc after, int arcs, double arcS) {
        if (since < after.postFlowS()) {
            return new RunState(RunStage.POST_FLOW, after.postFlowS() - since, since, arcs, arcS);
        }
        return since < after.coolS()
                ? new RunState(RunStage.COOLING, after.coolS() - since, since, arcs, arcS)
                : new RunState(RunStage.CLEAR, 0, since, arcs, arcS);
    }
}
