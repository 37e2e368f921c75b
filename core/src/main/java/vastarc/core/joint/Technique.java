package vastarc.core.joint;

/** How the torch travels. Speeds: engine specification, "Speed by technique", fitted and engineering judgement. */
public enum Technique {
    FREEHAND,
    CUP_WALK,
    POSITIONER
}
