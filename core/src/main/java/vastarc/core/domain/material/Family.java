package vastarc.core.domain.material;

/** Grades that share a trade rule. */
public enum Family {
    STEEL,
    CHROMOLY,
    STAINLESS,
    TITANIUM
}
