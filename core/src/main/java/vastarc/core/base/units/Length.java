package vastarc.core.base.units;

/**
 * A length of a workpiece or tool.
 *
 * @param inMillimetres finite, not negative
 */
public record Length(double inMillimetres) implements Comparable<Length> {

    /** Millimetres in an inch, exact. */
    public static final double MM_PER_INCH = 25.4;

    /** Checks its values; throws {@link IllegalArgumentException} where one is out of range. */
    public Length {
        if (!Double.isFinite(inMillimetres) || inMillimetres < 0) {
            throw new IllegalArgumentException("length was " + inMillimetres + " mm, must be finite and not negative");
        }
    }

    /**
     * {@return a length of {@code millimetres}, mm}
     *
     * @param millimetres length, mm
     */
    public static Length ofMillimetres(double millimetres) {
        return new Length(millimetres);
    }

    /**
     * {@return a length of {@code inches}, in}
     *
     * @param inches length, in
     */
    public static Length ofInches(double inches) {
        return new Length(inches * MM_PER_INCH);
    }

    /** {@return the length in inches} */
    public double inInches() {
        return inMillimetres / MM_PER_INCH;
    }

    /** {@return the length as a quantity in mm} */
    public Quantity quantity() {
        return Quantity.millimetres(inMillimetres);
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(inMillimetres, other.inMillimetres);
    }
}
