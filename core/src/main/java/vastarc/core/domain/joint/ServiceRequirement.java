package vastarc.core.domain.joint;

/** What the weld has to bear, as far as it changes the filler. */
public enum ServiceRequirement {
    /** No special demands. */
    GENERAL,
    /** The filler should match the base metal's strength as welded. */
    STRENGTH,
    /** Restrained, or of unlike metals: the filler should forgive. */
    CRACK_PRONE
}
