package vastarc.core.domain.joint;

/** How the wire goes in: dabbed at the leading edge of the pool, or laid in the joint and kept in. */
public enum FillerFeed {
    /** The rod is dabbed into the pool. */
    DAB,
    /** The rod lies in the joint and the pool runs over it. */
    LAY
}
