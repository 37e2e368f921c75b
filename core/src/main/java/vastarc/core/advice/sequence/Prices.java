package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;

/**
 * What the shop pays, in its own money. What is not given is left out of a cost, and named.
 *
 * @param argonPerM3 a cubic metre of argon
 * @param wirePerKg  a kilogram of wire, by alloy
 * @param tungsten   a whole tungsten
 * @param hour       an hour of the welder
 */
public record Prices(
        OptionalDouble argonPerM3, Map<String, Double> wirePerKg, OptionalDouble tungsten, OptionalDouble hour) {

    /** Money for a cubic metre of argon. */
    public static final InputRange ARGON = price("argonPerM3");
    /** Money for a kilogram of filler. */
    public static final InputRange WIRE = price("wirePerKg");
    /** Money for one tungsten. */
    public static final InputRange TUNGSTEN = price("tungsten");
    /** Money for an hour of the welder's time. */
    public static final InputRange HOUR = price("hour");

    private static final double MOST = 1_000_000;

    /** Copies its collections, so that it cannot change. */
    public Prices {
        wirePerKg = OrderedCollections.map(wirePerKg);
    }

    private static InputRange price(String field) {
        return new InputRange(field, 0, MOST, Unit.NUMBER);
    }

    /** {@return nothing is given} */
    public static Prices none() {
        return new Prices(OptionalDouble.empty(), Map.of(), OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** {@return whether any price is set} */
    public boolean isSet() {
        return !equals(none());
    }

    /** {@return everything that cannot be paid} */
    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        argonPerM3.ifPresent(price -> ARGON.check(price).ifPresent(problems::add));
        new TreeMap<>(wirePerKg)
                .forEach((alloy, price) ->
                        WIRE.inField("wirePerKg." + alloy).check(price).ifPresent(problems::add));
        tungsten.ifPresent(price -> TUNGSTEN.check(price).ifPresent(problems::add));
        hour.ifPresent(price -> HOUR.check(price).ifPresent(problems::add));
        return problems;
    }
}
