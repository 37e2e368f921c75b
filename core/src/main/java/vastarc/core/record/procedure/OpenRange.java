package vastarc.core.record.procedure;

import java.util.OptionalDouble;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;

/**
 * From one value to another, both within; open where an end is empty.
 *
 * @param low  lowest
 * @param high highest; not below {@code low}
 */
public record OpenRange(OptionalDouble low, OptionalDouble high) {

    /** Limits nothing. */
    public static final OpenRange ALL = new OpenRange(OptionalDouble.empty(), OptionalDouble.empty());

    /** A figure that was calculated counts as the limit it meets, however it was rounded on the way. */
    private static final double ROUNDING = 1e-9;

    /**
     * {@return whether a value lies within}
     *
     * @param value the value
     */
    public boolean holds(double value) {
        double slack = ROUNDING * Math.abs(value);
        return value >= low.orElse(Double.NEGATIVE_INFINITY) - slack
                && value <= high.orElse(Double.POSITIVE_INFINITY) + slack;
    }

    /** {@return whether it limits something} */
    public boolean limits() {
        return low.isPresent() || high.isPresent();
    }

    /** In words. */
    Phrase words(Unit unit) {
        if (low.isEmpty()) {
            return Phrase.of("procedure.atMost", Quantity.of(high.orElseThrow(), unit));
        }
        Quantity least = Quantity.of(low.getAsDouble(), unit);
        return high.isPresent()
                ? Phrase.of("procedure.between", least, Quantity.of(high.getAsDouble(), unit))
                : Phrase.of("procedure.atLeast", least);
    }
}
