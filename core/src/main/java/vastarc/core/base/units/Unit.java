package vastarc.core.base.units;

/** The fixed units of figures, as the API writes them. Inch equivalents belong to {@link UnitSystem}. */
public enum Unit {
    AMPERE("A"),
    VOLT("V"),
    WATT("W"),
    SECOND("s"),
    MINUTE("min"),
    MILLIMETRE("mm"),
    /** A diameter that is bought by its trade size (tungsten, wire): shown as a fraction in inch shops. */
    STOCK_MILLIMETRE("mm"),
    /** A length that a welder sets or sees beside a rule: tenths of a millimetre, thirty-seconds of an inch. */
    RULED_MILLIMETRE("mm"),
    /** A flat ground on a tip: steps of 0.05 mm. */
    FLAT_MILLIMETRE("mm"),
    MM_PER_MIN("mm/min"),
    LITRE_PER_MIN("L/min"),
    LITRE("L"),
    METRE("m"),
    GRAM("g"),
    SQUARE_MM("mm²"),
    HERTZ("Hz"),
    PERCENT("%"),
    KJ_PER_MM("kJ/mm"),
    KILOJOULE("kJ"),
    PASCAL("Pa"),
    CELSIUS("°C"),
    KELVIN("K"),
    DEGREE("°"),
    /** An angle whose tenths matter. */
    DEGREE_FINE("°"),
    RPM("rpm"),
    WATT_PER_METRE_KELVIN("W/(m·K)"),
    JOULE_PER_KG_KELVIN("J/(kg·K)"),
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
