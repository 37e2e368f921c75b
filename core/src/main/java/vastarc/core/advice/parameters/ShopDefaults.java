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

    /**
     * Nothing proven.
     *
     * @param schools the methods
     * @param stock the stock
     */
    public ShopDefaults(ChosenMethods schools, Stock stock) {
        this(schools, stock, CalibrationRuns.nothing());
    }

    /** {@return the product's defaults, and everything in stock} */
    public static ShopDefaults usual() {
        return USUAL;
    }

    /**
     * {@return these defaults with another method for its topic}
     *
     * @param method the method
     */
    public ShopDefaults with(Method method) {
        return new ShopDefaults(methods.with(method), stock, proven);
    }

    /**
     * {@return the same at a machine with runs of its own}
     *
     * @param machine the runs of the machine
     */
    public ShopDefaults at(CalibrationRuns machine) {
        return new ShopDefaults(methods, stock, machine);
    }
}
