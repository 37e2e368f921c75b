package vastarc.core.base.units;

/** The fixed units of figures, as the API writes them. Inch equivalents belong to {@link UnitSystem}. */
public enum Unit {
    /** Ampere. */
    AMPERE("A"),
    /** Volt. */
    VOLT("V"),
    /** Watt. */
    WATT("W"),
    /** Second. */
    SECOND("s"),
    /** Minute. */
    MINUTE("min"),
    /** Millimetre; the inch in the inch system. */
    MILLIMETRE("mm"),
    /** A diameter that is bought by its trade size (tungsten, wire): shown as a fraction in inch shops. */
    STOCK_MILLIMETRE("mm"),
    /** A length that a welder sets or sees beside a rule: tenths of a millimetre, thirty-seconds of an inch. */
    RULED_MILLIMETRE("mm"),
    /** A flat ground on a tip: steps of 0.05 mm. */
    FLAT_MILLIMETRE("mm"),
    /** Millimetre a minute. */
    MM_PER_MIN("mm/min"),
    /** Litre a minute, of gas at 15 °C and 1 bar. */
    LITRE_PER_MIN("L/min"),
    /** Litre. */
    LITRE("L"),
    /** Metre. */
    METRE("m"),
    /** Gram. */
    GRAM("g"),
    /** Square millimetre. */
    SQUARE_MM("mm²"),
    /** Hertz. */
    HERTZ("Hz"),
    /** Per cent. */
    PERCENT("%"),
    /** Kilojoule for each millimetre. */
    KJ_PER_MM("kJ/mm"),
    /** Kilojoule. */
    KILOJOULE("kJ"),
    /** Pascal. */
    PASCAL("Pa"),
    /** A temperature in degrees Celsius. */
    CELSIUS("°C"),
    /** A difference of temperatures in kelvin. */
    KELVIN("K"),
    /** An angle in degrees. */
    DEGREE("°"),
    /** An angle whose tenths matter. */
    DEGREE_FINE("°"),
    /** Turns a minute. */
    RPM("rpm"),
    /** Thermal conductivity, W/(m·K). */
    WATT_PER_METRE_KELVIN("W/(m·K)"),
    /** Specific heat, J/(kg·K). */
    JOULE_PER_KG_KELVIN("J/(kg·K)"),
    /** A number without a unit. */
    NUMBER("");

    private final String symbol;

    Unit(String symbol) {
        this.symbol = symbol;
    }

    /** {@return the symbol as it is written behind a value} */
    public String symbol() {
        return symbol;
    }
}
