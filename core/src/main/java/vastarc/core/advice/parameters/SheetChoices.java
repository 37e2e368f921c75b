package vastarc.core.advice.parameters;

import vastarc.core.physics.purge.PurgeSetup;

/**
 * What a sheet follows beside the weld itself.
 *
 * @param shop  the shop's methods, stock and what its runs teach
 * @param own   the welder's own values, made for the first pass
 * @param purge how the back is purged
 */
public record SheetChoices(ShopDefaults shop, OwnValues own, PurgeSetup purge) {

    /**
     * {@return a shop, no own values, and the usual purge}
     *
     * @param shop the defaults of the shop
     */
    public static SheetChoices of(ShopDefaults shop) {
        return new SheetChoices(shop, OwnValues.none(), PurgeSetup.usual());
    }

    /**
     * {@return the same with other own values}
     *
     * @param others the other ones
     */
    public SheetChoices with(OwnValues others) {
        return new SheetChoices(shop, others, purge);
    }
}
