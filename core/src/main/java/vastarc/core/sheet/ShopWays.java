package vastarc.core.sheet;

/**
 * How a shop works and from what: its schools, what stands on its shelf, and what the machine at hand has proven.
 *
 * @param schools one for every matter
 * @param stock   what is owned
 * @param proven  by the machine's own runs
 */
public record ShopWays(Schools schools, Stock stock, ProvenHere proven) {

    private static final ShopWays USUAL = new ShopWays(Schools.usual(), Stock.untold());

    /** Nothing proven. */
    public ShopWays(Schools schools, Stock stock) {
        this(schools, stock, ProvenHere.nothing());
    }

    /** The product's defaults, and everything on the shelf. */
    public static ShopWays usual() {
        return USUAL;
    }

    public ShopWays with(School school) {
        return new ShopWays(schools.with(school), stock, proven);
    }

    /** The same at a machine with runs of its own. */
    public ShopWays at(ProvenHere machine) {
        return new ShopWays(schools, stock, machine);
    }
}
