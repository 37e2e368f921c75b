package vastarc.core.domain.joint;

/** How the torch travels. Speeds: {@code docs/model/fusion.md (6)}, fitted and judgement. */
public enum Technique {
    /** The torch is held free. */
    FREEHAND,
    /** The cup is walked along the groove. */
    CUP_WALK,
    /** A positioner turns the work under the torch. */
    POSITIONER
}
