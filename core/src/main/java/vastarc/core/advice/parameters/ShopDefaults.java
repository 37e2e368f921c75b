package vastarc.core.advice.parameters;

/**
 * How a shop works and from what: its methods, its stock, and what runs on the chosen machine have proven.
 *
 * @param methods one for every topic
 * @param stock   what is owned
 * @param proven  by the machine's own runs
 */
public record ShopDefaults(ChosenMethods methods, Stock stock, CalibrationRuns proven) {

    private static final ShopDefaults USUAL = new ShopDefaults(ChosenMethods.usual(), Stock.everything());

    /** Nothing proven. */
    public ShopDefaults(ChosenMethods schools, Stock stock) {
        this(schools, stock, CalibrationRuns.nothing());
    }

    /** The product's defaults, and everything in stock. */
    public static ShopDefaults usual() {
        return USUAL;
    }

    /** {@return these defaults with another method for its topic} */
    public ShopDefaults with(Method method) {
        return new ShopDefaults(methods.with(method), stock, proven);
    }

    /** The same at a machine with runs of its own. */
    public ShopDefaults at(CalibrationRuns machine) {
        return new ShopDefaults(methods, stock, machine);
    }
}
