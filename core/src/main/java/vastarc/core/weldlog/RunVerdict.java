package vastarc.core.weldlog;

/** What the hand made of a run when it had looked at it. */
public enum RunVerdict {
    UNJUDGED,
    GOOD,
    FAULTY,
    REJECTED;

    /** The words it is spoken by. */
    public String words() {
        return "run.verdict." + name();
    }
}
