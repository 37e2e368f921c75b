package vastarc.core.base.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.TreeMap;

/**
 * Metric or inch: how a figure is shown, and what a bare number typed into a field means.
 *
 * <p>Amperes, volts, seconds, hertz, percent and degrees of angle are the same in both. Decimals follow what the welder can read off
 * and set, so that no figure claims more than it knows.
 */
public enum UnitSystem {
    /** Millimetres, litres, degrees Celsius. */
    METRIC,
    /** Inches, cubic feet an hour, degrees Fahrenheit. */
    INCH;

    private static final double FLAT_STEP_MM = 0.05;
    private static final int THIRTY_SECONDS = 32;
    private static final double L_PER_MIN_PER_CFH = PhysicalConstants.CUBIC_FOOT_L / 60;

    /** Trade sizes of wire and tungsten, mm to inch name. Source: handbook, verify. */
    private static final Map<Double, String> STOCK_INCH_NAMES = new TreeMap<>(Map.of(
            0.5, "0.020", 0.8, "0.030", 0.9, "0.035", 1.0, "0.040", 1.2, "0.045", 1.6, "1/16", 2.0, "5/64", 2.4, "3/32",
            3.2, "1/8", 4.0, "5/32"));

    /** {@return litres per minute in one cubic foot per hour} */
    public static double litresPerMinutePerCubicFootPerHour() {
        return L_PER_MIN_PER_CFH;
    }

    /**
     * {@return the figure as this system shows it}
     *
     * @param quantity the quantity
     */
    public FormattedQuantity show(Quantity quantity) {
        double value = quantity.value();
        return this == METRIC ? metric(value, quantity.unit()) : inch(value, quantity.unit());
    }

    private static FormattedQuantity metric(double value, Unit unit) {
        if (unit == Unit.FLAT_MILLIMETRE) {
            return new FormattedQuantity(rounded(Math.round(value / FLAT_STEP_MM) * FLAT_STEP_MM, 2), unit.symbol());
        }
        return new FormattedQuantity(rounded(value, metricDecimals(value, unit)), unit.symbol());
    }

    private static int metricDecimals(double value, Unit unit) {
        double size = Math.abs(value);
        return switch (unit) {
            case AMPERE -> size < 10 ? 1 : 0;
            case RULED_MILLIMETRE -> size < 1 ? 2 : size < 100 ? 1 : 0;
            case VOLT,
                    SECOND,
                    MINUTE,
                    LITRE_PER_MIN,
                    LITRE,
                    METRE,
                    HERTZ,
                    STOCK_MILLIMETRE,
                    RPM,
                    DEGREE_FINE,
                    KILOJOULE -> size < 100 ? 1 : 0;
            case WATT_PER_METRE_KELVIN -> 1;
            case MILLIMETRE -> size < 0.2 ? 3 : size < 20 ? 2 : size < 100 ? 1 : 0;
            case KJ_PER_MM -> size < 0.01 ? 4 : 3;
            case SQUARE_MM -> 2;
            case NUMBER -> size < 10 ? 2 : 0;
            default -> 0;
        };
    }

    private static FormattedQuantity inch(double value, Unit unit) {
        return switch (unit) {
            case MILLIMETRE ->
                new FormattedQuantity(
                        rounded(value / Length.MM_PER_INCH, Math.abs(value) < 0.25 ? 4 : Math.abs(value) < 50 ? 3 : 2),
                        "in");
            case RULED_MILLIMETRE -> new FormattedQuantity(fraction(value / Length.MM_PER_INCH), "in");
            case FLAT_MILLIMETRE -> new FormattedQuantity(rounded(value / Length.MM_PER_INCH, 3), "in");
            case STOCK_MILLIMETRE -> new FormattedQuantity(stockName(value), "in");
            case MM_PER_MIN -> new FormattedQuantity(rounded(value / Length.MM_PER_INCH, 1), "in/min");
            case LITRE_PER_MIN -> {
                double cfh = value / L_PER_MIN_PER_CFH;
                yield new FormattedQuantity(rounded(cfh, cfh < 10 ? 1 : 0), "ft³/h");
            }
            case LITRE -> new FormattedQuantity(rounded(value / PhysicalConstants.CUBIC_FOOT_L, 2), "ft³");
            case METRE -> new FormattedQuantity(rounded(value / 0.3048, 1), "ft");
            case GRAM -> new FormattedQuantity(rounded(value / 28.349523125, 2), "oz");
            case KJ_PER_MM -> new FormattedQuantity(rounded(value * Length.MM_PER_INCH, 2), "kJ/in");
            case CELSIUS -> new FormattedQuantity(rounded(value * 1.8 + 32, 0), "°F");
            default -> metric(value, unit);
        };
    }

    /** To the nearest thirty-second, in lowest terms; a hair under the first of them in thousandths. */
    private static String fraction(double inches) {
        long parts = Math.round(Math.abs(inches) * THIRTY_SECONDS);
        if (parts == 0) {
            return rounded(inches, 3);
        }
        long below = THIRTY_SECONDS;
        long over = parts % THIRTY_SECONDS;
        while (over > 0 && over % 2 == 0) {
            over /= 2;
            below /= 2;
        }
        long whole = parts / THIRTY_SECONDS;
        String sign = inches < 0 ? "-" : "";
        if (over == 0) {
            return sign + whole;
        }
        return sign + (whole > 0 ? whole + "-" : "") + over + "/" + below;
    }

    private static String stockName(double millimetres) {
        return STOCK_INCH_NAMES.entrySet().stream()
                .filter(entry -> Math.abs(entry.getKey() - millimetres) < 0.02)
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseGet(() -> rounded(millimetres / Length.MM_PER_INCH, 3));
    }

    private static String rounded(double value, int decimals) {
        BigDecimal figure = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        if (figure.signum() == 0) {
            return "0";
        }
        return figure.scale() > 0 ? figure.stripTrailingZeros().toPlainString() : figure.toPlainString();
    }
}
