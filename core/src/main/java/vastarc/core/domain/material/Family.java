package vastarc.core.domain.material;

/** Grades that share a trade rule. */
public enum Family {
    /** Carbon steel. */
    STEEL,
    /** Chromium-molybdenum steel. */
    CHROMOLY,
    /** Austenitic stainless steel. */
    STAINLESS,
    /** Titanium and its alloys. */
    TITANIUM
}
