package vastarc.core.domain.joint;

/** Room for the torch at the joint. */
public enum Access {
    /** Nothing is in the way of cup and rod. */
    OPEN,
    /** Between members or in a corner: small cup with a lens, longer stick-out. */
    TIGHT
}
