package vastarc.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.consumable.WireAlloy;
import vastarc.core.sheet.Sheet;

/**
 * What a job costs by the shop's own prices.
 *
 * @param shares what is told, each with its money
 * @param untold what the job takes and no price was told for
 */
public record Cost(List<Share> shares, List<Item> untold) {

    /** Grinds that a tungsten of 150 mm gives: 5 mm each, down to what a collet still holds (judgement). */
    public static final int GRINDS_A_TUNGSTEN = 24;

    private static final double LITRES_PER_M3 = 1000;
    private static final double GRAMS_PER_KG = 1000;
    private static final double SECONDS_PER_HOUR = 3600;

    public Cost {
        shares = List.copyOf(shares);
        untold = List.copyOf(untold);
    }

    /** What is paid for. Spoken by {@code cost.<name>}. */
    public enum Item {
        ARGON,
        WIRE,
        TUNGSTEN,
        HAND
    }

    /** What one thing costs, in the money of the prices. */
    public record Share(Item item, double money) {}

    /** Of a route; the hand is paid from the first wait to the last post-flow. */
    public static Cost of(RouteAsk ask, Route route, Prices prices) {
        Route.Totals totals = route.totals();
        Tally tally = new Tally();
        tally.add(Item.ARGON, (totals.torchArgonL() + totals.purgeArgonL()) / LITRES_PER_M3, prices.argonPerM3());
        tally.add(Item.WIRE, totals.wireG() / GRAMS_PER_KG, wire(ask.sheet(), prices));
        // A tungsten is ground before the job too.
        tally.add(Item.TUNGSTEN, (1.0 + totals.grinds()) / GRINDS_A_TUNGSTEN, prices.tungsten());
        tally.add(Item.HAND, totals.wallS() / SECONDS_PER_HOUR, prices.hour());
        return new Cost(tally.shares, tally.untold);
    }

    private static OptionalDouble wire(Sheet sheet, Prices prices) {
        WireAlloy pair = WireAlloy.of(
                sheet.joint().material(),
                sheet.joint().other(),
                sheet.practice().service());
        Double price = pair.alloy().map(prices.wirePerKg()::get).orElse(null);
        return price == null ? OptionalDouble.empty() : OptionalDouble.of(price);
    }

    public double total() {
        return shares.stream().mapToDouble(Share::money).sum();
    }

    private static final class Tally {

        private final List<Share> shares = new ArrayList<>();
        private final List<Item> untold = new ArrayList<>();

        void add(Item item, double amount, OptionalDouble price) {
            if (amount > 0 && price.isPresent()) {
                shares.add(new Share(item, amount * price.getAsDouble()));
            } else if (amount > 0) {
                untold.add(item);
            }
        }
    }
}
