package vastarc.core.record.diagnosis;

/**
 * How much a symptom speaks for a cause.
 *
 * <p>{@code seen} multiplies a cause's weight where the symptom is seen, {@code missing} where it is plainly not there; {@code shows} is how
 * often the cause leaves it, for choosing what to ask. Judgement.
 */
public enum Likelihood {
    /** Nearly always where this cause is. */
    TYPICAL(20, 0.2, 0.8),
    /** In most cases. */
    OFTEN(6, 0.6, 0.4),
    /** In some cases. */
    SOMETIMES(2, 0.88, 0.12),
    /** In few cases. */
    RARELY(0.5, 0.97, 0.03),
    /** Not named for this cause. */
    UNNAMED(0.2, 1, 0.01),
    /** Speaks against this cause. */
    NEVER(0.02, 1, 0.002);

    private final double seen;
    private final double missing;
    private final double shows;

    Likelihood(double seen, double missing, double shows) {
        this.seen = seen;
        this.missing = missing;
        this.shows = shows;
    }

    /** {@return the likelihood ratio where the symptom is seen} */
    public double seen() {
        return seen;
    }

    /** {@return the likelihood ratio where the symptom is looked for and not seen} */
    public double missing() {
        return missing;
    }

    double shows() {
        return shows;
    }

    /** It is worth naming as a reason. */
    boolean speaks() {
        return seen > 1;
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "reading.grade." + name();
    }
}
