package vastarc.core.sheet;

/**
 * How a shop works and from what: its schools, and what stands on its shelf.
 *
 * @param schools one for every matter
 * @param stock   what is owned
 */
public record ShopWays(Schools schools, Stock stock) {

    private static final ShopWays USUAL = new ShopWays(Schools.usual(), Stock.untold());

    /** The product's defaults, and everything on the shelf. */
    public static ShopWays usual() {
        return USUAL;
    }

    public ShopWays with(School school) {
        return new ShopWays(schools.with(school), stock);
    }
}
