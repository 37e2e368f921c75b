package vastarc.core.record.weldlog;

/**
 * Something that happened at the booth.
 *
 * @param atS  in the time of the run, s
 * @param kind what
 */
public record RunEvent(double atS, EventKind kind) {

    /** What can happen: the arc, and what the welder marks with one tap. */
    public enum EventKind {
        /** The arc ignites. */
        ARC_ON,
        /** The arc goes out. */
        ARC_OFF,
        /** The tungsten touched. */
        DIPPED,
        /** The welder stopped on the way. */
        STOPPED,
        /** A draught blew the gas away. */
        GUST;

        /** {@return whether the welder marked it, rather than the arc} */
        public boolean isMark() {
            return this != ARC_ON && this != ARC_OFF;
        }

        /** {@return the key of its name in {@code words.properties}} */
        public String words() {
            return "run.event." + name();
        }
    }
}
