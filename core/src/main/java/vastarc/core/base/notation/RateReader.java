package vastarc.core.base.notation;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/** Reads a gas flow ({@code 8}, {@code 8 L/min}, {@code 17 cfh}) or a travel speed ({@code 120 mm/min}, {@code 5 in/min}, {@code 5 ipm}). */
public final class RateReader {

    private static final Pattern RATE = Pattern.compile("([0-9]{0,9}[.,][0-9]{1,9}|[0-9]{1,9})\\s*([a-z³^0-9/ ]*)");
    private static final double L_PER_CFH = UnitSystem.litresPerMinutePerCubicFootPerHour();
    private static final Map<String, Double> FLOWS = Map.of(
            "l/min", 1.0, "lpm", 1.0, "l", 1.0, "ft³/h", L_PER_CFH, "ft3/h", L_PER_CFH, "cfh", L_PER_CFH, "cuft/h",
            L_PER_CFH);
    private static final Map<String, Double> SPEEDS = Map.of(
            "mm/min", 1.0, "mm/s", 60.0, "in/min", Length.MM_PER_INCH, "ipm", Length.MM_PER_INCH, "cm/min", 10.0);

    private final UnitSystem bareNumbers;

    /**
     * Takes numbers without a unit in the given system.
     *
     * @param bareNumbers the system that numbers without a unit are read in
     */
    public RateReader(UnitSystem bareNumbers) {
        this.bareNumbers = bareNumbers;
    }

    /**
     * {@return a flow in L/min, or the problem with the text}
     *
     * @param text the text
     * @param field name of the input that problems belong to
     */
    public Outcome<Quantity> flow(String text, String field) {
        return read(
                text,
                field,
                FLOWS,
                bareNumbers == UnitSystem.INCH ? L_PER_CFH : 1,
                Unit.LITRE_PER_MIN,
                "flow.unreadable");
    }

    /**
     * {@return a travel speed in mm/min, or the problem with the text}
     *
     * @param text the text
     * @param field name of the input that problems belong to
     */
    public Outcome<Quantity> speed(String text, String field) {
        double bare = bareNumbers == UnitSystem.INCH ? Length.MM_PER_INCH : 1;
        return read(text, field, SPEEDS, bare, Unit.MM_PER_MIN, "speed.unreadable");
    }

    private static Outcome<Quantity> read(
            String text, String field, Map<String, Double> scales, double bare, Unit unit, String complaint) {
        String typed = text == null ? "" : text.strip();
        Matcher parts = RATE.matcher(typed.toLowerCase(Locale.ROOT));
        if (typed.length() > LengthReader.MAX_CHARACTERS || !parts.matches()) {
            return Outcome.failed(Problem.badValue(field, complaint, shortened(typed)));
        }
        String named = parts.group(2).replace(" ", "");
        Optional<Double> scale = named.isEmpty() ? Optional.of(bare) : Optional.ofNullable(scales.get(named));
        double number = NumberReader.read(parts.group(1)).orElseThrow();
        return scale.map(factor -> Outcome.of(Quantity.of(number * factor, unit)))
                .orElseGet(() -> Outcome.failed(Problem.badValue(field, complaint, shortened(typed))));
    }

    private static String shortened(String typed) {
        return typed.length() <= LengthReader.MAX_CHARACTERS
                ? typed
                : typed.substring(0, LengthReader.MAX_CHARACTERS) + "…";
    }
}
