package vastarc.core.base.notation;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/**
 * Reads a length as shops write it: {@code 2}, {@code 2 mm}, {@code 1/8"}, {@code 1-1/4 in}, {@code .065}, {@code 65 thou},
 * {@code 16 ga}, {@code 1.2 m}, {@code 4 ft}. Decimal comma and decimal point are both taken. At most {@value #MAX_CHARACTERS} characters.
 */
public final class LengthReader {

    /** The longest text that is read, characters. */
    public static final int MAX_CHARACTERS = 40;

    private static final String NUMBER = "([0-9]{0,12}[.,][0-9]{1,12}|[0-9]{1,12}[.,]?)";
    private static final Pattern DECIMAL_INCH = Pattern.compile("0[.,]\\d{3,4}");
    private static final Pattern WHOLE = Pattern.compile("\\d{1,2}");
    private static final Pattern DECIMAL = Pattern.compile(NUMBER + "\\s*([a-z\"″”']*)");
    private static final Pattern FRACTION =
            Pattern.compile("(?:([0-9]{1,4})(?:\\s*-\\s*|\\s+))?([0-9]{1,4})\\s*[/⁄]\\s*([0-9]{1,4})\\s*([a-z\"″”']*)");
    private static final Pattern GAUGE =
            Pattern.compile("(?:#\\s*([0-9]{1,3})|([0-9]{1,3})\\s*(?:ga|gauge|g|gage)\\.?)");

    private final UnitSystem bareNumbers;
    private final Optional<GaugeScale> gauges;

    /**
     * A reader.
     *
     * @param bareNumbers the unit of a number without one
     * @param gauges      the gauge scale of the material, if it has one
     */
    public LengthReader(UnitSystem bareNumbers, Optional<GaugeScale> gauges) {
        this.bareNumbers = bareNumbers;
        this.gauges = gauges;
    }

    /**
     * {@return the length, or the problem with the text, in the field named}
     *
     * @param text the text
     * @param field name of the input that problems belong to
     */
    public Outcome<Length> read(String text, String field) {
        String typed = text == null ? "" : text.strip();
        if (typed.isEmpty()) {
            return Outcome.failed(Problem.badValue(field, "length.missing"));
        }
        if (typed.length() > MAX_CHARACTERS) {
            return Outcome.failed(Problem.badValue(field, "length.tooLong", MAX_CHARACTERS));
        }
        String plain = typed.toLowerCase(Locale.ROOT);
        Matcher gauge = GAUGE.matcher(plain);
        if (gauge.matches()) {
            return gauge((int) number(gauge.group(1) == null ? gauge.group(2) : gauge.group(1)), field);
        }
        Optional<Length> length = fraction(plain).or(() -> decimal(plain));
        return length.map(Outcome::of).orElseGet(() -> Outcome.failed(unreadable(typed, plain, field)));
    }

    /**
     * {@return the same number with the unit of the other system, where a thickness without one was likelier meant so: three decimals are an
     * inch habit, a whole number is one of millimetres; empty where nothing is to be asked}
     *
     * @param text the thickness as typed
     */
    public Optional<String> otherUnit(String text) {
        String number = text.strip();
        boolean inches =
                bareNumbers == UnitSystem.METRIC && DECIMAL_INCH.matcher(number).matches();
        boolean millimetres =
                bareNumbers == UnitSystem.INCH && WHOLE.matcher(number).matches();
        return inches || millimetres ? Optional.of(number + (inches ? " in" : " mm")) : Optional.empty();
    }

    private static Problem unreadable(String typed, String plain, String field) {
        boolean negative = plain.startsWith("-") || plain.startsWith("−");
        return Problem.badValue(field, negative ? "length.negative" : "length.unreadable", typed);
    }

    private Outcome<Length> gauge(int number, String field) {
        if (gauges.isEmpty()) {
            return Outcome.failed(Problem.badValue(field, "length.noGauge", number));
        }
        GaugeScale scale = gauges.get();
        return scale.thickness(number)
                .map(Outcome::of)
                .orElseGet(() -> Outcome.failed(
                        Problem.badValue(field, "length.gaugeRange", number, scale.heaviest(), scale.lightest())));
    }

    private static Optional<Length> fraction(String text) {
        Matcher parts = FRACTION.matcher(text);
        if (!parts.matches() || number(parts.group(3)) == 0) {
            return Optional.empty();
        }
        double whole = parts.group(1) == null ? 0 : number(parts.group(1));
        double value = whole + number(parts.group(2)) / number(parts.group(3));
        return scale(parts.group(4), Length.MM_PER_INCH).map(mm -> Length.ofMillimetres(value * mm));
    }

    private Optional<Length> decimal(String text) {
        Matcher parts = DECIMAL.matcher(text);
        if (!parts.matches()) {
            return Optional.empty();
        }
        String number = parts.group(1);
        boolean inchHabit = number.startsWith(".") || number.startsWith(",") || bareNumbers == UnitSystem.INCH;
        return scale(parts.group(2), inchHabit ? Length.MM_PER_INCH : 1)
                .map(mm -> Length.ofMillimetres(number(number) * mm));
    }

    /** What a pattern has already found to be a number. */
    private static double number(String digits) {
        return NumberReader.read(digits).orElseThrow();
    }

    /** Millimetres in one of the unit named; the given default where none is. */
    private static Optional<Double> scale(String unit, double bare) {
        return switch (unit) {
            case "" -> Optional.of(bare);
            case "mm" -> Optional.of(1.0);
            case "cm" -> Optional.of(10.0);
            case "m" -> Optional.of(1000.0);
            case "in", "inch", "inches", "\"", "″", "”", "''" -> Optional.of(Length.MM_PER_INCH);
            case "ft", "feet", "foot" -> Optional.of(12 * Length.MM_PER_INCH);
            case "thou", "mil", "mils" -> Optional.of(Length.MM_PER_INCH / 1000);
            default -> Optional.empty();
        };
    }
}
