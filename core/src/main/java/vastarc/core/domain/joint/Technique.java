package vastarc.core.domain.joint;

/** How the torch travels. Speeds: {@code docs/model/fusion.md (6)}, fitted and judgement. */
public enum Technique {
    FREEHAND,
    CUP_WALK,
    POSITIONER
}
