package vastarc.core.record.weldlog;

/** What the welder made of a run when it had looked at it. */
public enum RunVerdict {
    /** Not yet judged. */
    UNJUDGED,
    /** Passed. */
    GOOD,
    /** Needs rework. */
    FAULTY,
    /** Rejected. */
    REJECTED;

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "run.verdict." + name();
    }
}
