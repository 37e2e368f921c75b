package vastarc.core.base.units;

/**
 * A figure and its unit.
 *
 * @param value finite
 * @param unit  the fixed unit the value is in
 */
public record Quantity(double value, Unit unit) {

    /** Checks its values; throws {@link IllegalArgumentException} where one is out of range. */
    public Quantity {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("value was " + value + " " + unit.symbol() + ", must be finite");
        }
    }

    /**
     * {@return a value in a unit}
     *
     * @param value the value
     * @param unit the unit
     */
    public static Quantity of(double value, Unit unit) {
        return new Quantity(value, unit);
    }

    /**
     * {@return a current, A}
     *
     * @param value the value
     */
    public static Quantity amperes(double value) {
        return new Quantity(value, Unit.AMPERE);
    }

    /**
     * {@return a calculated length, mm}
     *
     * @param value the value
     */
    public static Quantity millimetres(double value) {
        return new Quantity(value, Unit.MILLIMETRE);
    }

    /**
     * {@return a stock size, mm; shown as the sizes that can be bought}
     *
     * @param value the value
     */
    public static Quantity stockMillimetres(double value) {
        return new Quantity(value, Unit.STOCK_MILLIMETRE);
    }

    /**
     * {@return a length read off a rule}
     *
     * @param millimetres length, mm
     */
    public static Quantity ruled(double millimetres) {
        return new Quantity(millimetres, Unit.RULED_MILLIMETRE);
    }

    /**
     * {@return a time to wait, s: in minutes where it is two or more}
     *
     * @param seconds time, s
     */
    public static Quantity time(double seconds) {
        return seconds < 120 ? seconds(seconds) : of(seconds / 60, Unit.MINUTE);
    }

    /**
     * {@return a time, s}
     *
     * @param value time, s
     */
    public static Quantity seconds(double value) {
        return new Quantity(value, Unit.SECOND);
    }

    /**
     * {@return a share, %}
     *
     * @param value the value
     */
    public static Quantity percent(double value) {
        return new Quantity(value, Unit.PERCENT);
    }

    /**
     * {@return a number without a unit}
     *
     * @param value the value
     */
    public static Quantity number(double value) {
        return new Quantity(value, Unit.NUMBER);
    }

    /**
     * {@return a speed, mm/min}
     *
     * @param value the value
     */
    public static Quantity mmPerMin(double value) {
        return new Quantity(value, Unit.MM_PER_MIN);
    }

    /**
     * {@return a gas flow, L/min}
     *
     * @param value the value
     */
    public static Quantity litresPerMin(double value) {
        return new Quantity(value, Unit.LITRE_PER_MIN);
    }

    /**
     * {@return a temperature, °C}
     *
     * @param value the value
     */
    public static Quantity celsius(double value) {
        return new Quantity(value, Unit.CELSIUS);
    }

    /**
     * {@return a power, W}
     *
     * @param value the value
     */
    public static Quantity watts(double value) {
        return new Quantity(value, Unit.WATT);
    }
}
