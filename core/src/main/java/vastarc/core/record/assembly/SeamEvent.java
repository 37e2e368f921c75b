package vastarc.core.record.assembly;

/**
 * Something that happened to a seam, as a person entered it.
 *
 * @param kind   what happened
 * @param day    on which, ISO 8601: 2026-05-04
 * @param by     who welded, examined, repaired or released it
 * @param method of an examination; {@link Examination#NONE} of anything else
 * @param accepted whether an examination accepted it; false of anything else
 * @param cause  why it was rejected, or what was repaired; empty where nothing was said
 */
public record SeamEvent(SeamEventKind kind, String day, String by, Examination method, boolean accepted, String cause) {

    /** Longest name, characters. */
    public static final int MAX_NAME = 60;

    /** Longest cause, characters. */
    public static final int MAX_CAUSE = 200;

    /** What happened. */
    public enum SeamEventKind {
        /** Its hold point was signed: it may be welded. */
        RELEASED,
        /** It was welded. */
        WELDED,
        /** It was examined. */
        EXAMINED,
        /** It was repaired, and waits to be examined again. */
        REPAIRED
    }

    /** How a seam is examined. */
    public enum Examination {
        /** Not at all. */
        NONE,
        /** By eye. */
        VISUAL,
        /** By a dye that creeps into cracks. */
        PENETRANT,
        /** By X-rays or gamma rays. */
        RADIOGRAPHIC,
        /** By sound. */
        ULTRASONIC,
        /** Under pressure or with a tracer gas. */
        LEAK
    }
}
