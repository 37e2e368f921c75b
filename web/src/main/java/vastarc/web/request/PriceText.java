package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import vastarc.core.advice.sequence.Prices;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.joint.JointLimits.InputRange;

/**
 * Prices as typed, read.
 *
 * @param prices   as far as they can be read
 * @param problems what cannot be read, by field
 */
public record PriceText(Prices prices, List<Problem> problems) {

    /** Before the alloy, in the name of a wire's field. */
    public static final String WIRE = "wire.";

    /** Field of a call that carries prices. */
    public static final String PRICES = "prices";

    /**
     * Reads what was typed, by field; what is blank is not given.
     *
     * @param typed the texts as typed, by name
     * @return the price text
     */
    public static PriceText of(Map<String, String> typed) {
        List<Problem> problems = new ArrayList<>();
        Map<String, Double> wires = new TreeMap<>();
        for (String alloy : FillerAlloy.classes()) {
            number(typed, Prices.WIRE.inField(WIRE + alloy), problems).ifPresent(price -> wires.put(alloy, price));
        }
        Prices prices = new Prices(
                number(typed, Prices.ARGON, problems),
                wires,
                number(typed, Prices.TUNGSTEN, problems),
                number(typed, Prices.HOUR, problems));
        return new PriceText(prices, problems);
    }

    private static OptionalDouble number(Map<String, String> typed, InputRange range, List<Problem> problems) {
        String text = typed.getOrDefault(range.field(), "").strip();
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        OptionalDouble read = NumberReader.read(text);
        if (read.isEmpty()) {
            problems.add(Problem.badValue(range.field(), "type", "“" + text + "”", "a price, such as 12 or 12,50"));
            return read;
        }
        range.check(read.getAsDouble()).ifPresent(problems::add);
        return range.check(read.getAsDouble()).isPresent() ? OptionalDouble.empty() : read;
    }

    /** Prices of a call; what is wrong with them is noted there. */
    static Prices within(JsonFields fields) {
        JsonFields given = fields.object(
                PRICES, Prices.ARGON.field(), Prices.WIRE.field(), Prices.TUNGSTEN.field(), Prices.HOUR.field());
        JsonFields wires =
                given.object(Prices.WIRE.field(), FillerAlloy.classes().toArray(String[]::new));
        Map<String, Double> perKg = new TreeMap<>();
        for (String alloy : FillerAlloy.classes()) {
            if (wires.has(alloy)) {
                perKg.put(alloy, wires.number(Prices.WIRE.inField(alloy)));
            }
        }
        return new Prices(
                number(given, Prices.ARGON), perKg, number(given, Prices.TUNGSTEN), number(given, Prices.HOUR));
    }

    private static OptionalDouble number(JsonFields given, InputRange range) {
        return given.has(range.field()) ? OptionalDouble.of(given.number(range)) : OptionalDouble.empty();
    }
}
