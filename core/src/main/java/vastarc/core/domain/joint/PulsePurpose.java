package vastarc.core.domain.joint;

/** What a pulse is wanted for. */
public enum PulsePurpose {
    /** No pulse. */
    NONE,
    /** Ripple and dab rhythm, by hand 0.5–3 Hz. */
    RIPPLE,
    /** Heat control on thin stock, 1–3 Hz. */
    HEAT,
    /** A stiff narrow arc, 100–500 Hz. */
    STIFF
}
