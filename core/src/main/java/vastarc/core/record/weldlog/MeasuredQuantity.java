package vastarc.core.record.weldlog;

import java.util.Arrays;
import java.util.Optional;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.JointLimits.InputRange;

/** What a meter beside a weld reads. */
public enum MeasuredQuantity {
    /** Welding current, A. */
    CURRENT("a", 0, 2000, Unit.AMPERE),
    /** Arc voltage, V. */
    VOLTAGE("v", -200, 200, Unit.VOLT),
    /** Shielding gas, L/min. */
    GAS_FLOW("lPerMin", 0, 200, Unit.LITRE_PER_MIN),
    /** Oxygen on the root side, ppm. */
    OXYGEN("ppm", 0, 1_000_000, Unit.NUMBER),
    /** Temperature of the work, °C. */
    TEMPERATURE("c", -60, 3000, Unit.CELSIUS);

    private final InputRange range;

    MeasuredQuantity(String apiName, double low, double high, Unit unit) {
        this.range = new InputRange(apiName, low, high, unit);
    }

    /** {@return its name beside others in a sample} */
    public String apiName() {
        return range.field();
    }

    /** {@return what a reading may be} */
    public InputRange range() {
        return range;
    }

    /** {@return the fixed unit of its readings} */
    public Unit unit() {
        return range.unit();
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "measured." + name();
    }

    /**
     * {@return the quantity of a name, either as in a sample or as a meter names it}
     *
     * @param name the name
     */
    public static Optional<MeasuredQuantity> named(String name) {
        return Arrays.stream(values())
                .filter(quantity ->
                        quantity.name().equals(name) || quantity.apiName().equals(name))
                .findFirst();
    }
}
