package vastarc.core.domain.joint;

/** What the finished weld must be. */
public enum FinishRequirement {
    /** Ordinary shop work. */
    PLAIN,
    /** Product-wetted: silver back, no crevice. */
    HYGIENIC,
    /** Silver face: held under gas until no colour forms. */
    BRIGHT,
    /** The face stays visible: no scratches from a walked cup. */
    VISIBLE
}
