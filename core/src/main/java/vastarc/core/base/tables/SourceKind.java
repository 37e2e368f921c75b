package vastarc.core.base.tables;

/** Where a figure comes from, so that a reader knows how far to trust it. */
public enum SourceKind {
    /** True by definition. */
    DEFINED("by definition"),
    /** A textbook formula. */
    TEXTBOOK("textbook"),
    /** A standard; written down from memory, to be checked against the original. */
    STANDARD("standard, verify"),
    /** Handbook data; written down from memory, to be checked against the original. */
    HANDBOOK("handbook, verify"),
    /** Fitted on trade figures. */
    FITTED("fitted on trade figures"),
    /** Fitted on a numerical simulation. */
    SIMULATED("fitted on simulation"),
    /** Engineering judgement: the order of magnitude is sound, the figure is not proven. */
    JUDGEMENT("engineering judgement");

    private final String label;

    SourceKind(String label) {
        this.label = label;
    }

    /** {@return its name as it is shown} */
    public String label() {
        return label;
    }
}
