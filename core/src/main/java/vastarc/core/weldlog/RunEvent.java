package vastarc.core.weldlog;

/**
 * Something that happened at the booth.
 *
 * @param atS  in the time of the run, s
 * @param kind what
 */
public record RunEvent(double atS, EventKind kind) {

    /** What can happen: the arc, and what a hand marks with one tap. */
    public enum EventKind {
        ARC_ON,
        ARC_OFF,
        DIPPED,
        STOPPED,
        GUST;

        public boolean isMark() {
            return this != ARC_ON && this != ARC_OFF;
        }

        /** The words it is spoken by. */
        public String words() {
            return "run.event." + name();
        }
    }
}
