package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.sequence.WeldSequence.SequenceTotals;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.consumable.FillerAlloy;

/**
 * What a job costs by the shop's own prices.
 *
 * @param shares what is given, each with its money
 * @param missingPrices what the job takes and the shop has set no price for
 */
public record JobCost(List<CostShare> shares, List<CostItem> missingPrices) {

    /** Grinds that a tungsten of 150 mm gives: 5 mm each, down to what a collet still holds (judgement). */
    public static final int GRINDS_A_TUNGSTEN = 24;

    private static final double LITRES_PER_M3 = 1000;
    private static final double GRAMS_PER_KG = 1000;
    private static final double SECONDS_PER_HOUR = 3600;

    /** Copies its collections, so that it cannot change. */
    public JobCost {
        shares = List.copyOf(shares);
        missingPrices = List.copyOf(missingPrices);
    }

    /** What is paid for. Its words: {@code cost.<name>}. */
    public enum CostItem {
        /** Shielding and purge argon. */
        ARGON,
        /** Filler. */
        WIRE,
        /** Tungsten ground away. */
        TUNGSTEN,
        /** The welder's time. */
        HAND
    }

    /** What one thing costs, in the money of the prices. */
    public record CostShare(CostItem item, double money) {}

    /**
     * Of a route; the welder is paid from the first wait to the last post-flow.
     *
     * @param request the request
     * @param sequence the weld sequence
     * @param prices the prices
     * @return the job cost
     */
    public static JobCost of(SequenceRequest request, WeldSequence sequence, Prices prices) {
        SequenceTotals totals = sequence.totals();
        CostTally tally = new CostTally();
        tally.add(CostItem.ARGON, (totals.torchArgonL() + totals.purgeArgonL()) / LITRES_PER_M3, prices.argonPerM3());
        tally.add(CostItem.WIRE, totals.wireG() / GRAMS_PER_KG, wire(request.sheet(), prices));
        // A tungsten is ground before the job too.
        tally.add(CostItem.TUNGSTEN, (1.0 + totals.grinds()) / GRINDS_A_TUNGSTEN, prices.tungsten());
        tally.add(CostItem.HAND, totals.wallS() / SECONDS_PER_HOUR, prices.hour());
        return new JobCost(tally.shares, tally.missing);
    }

    private static OptionalDouble wire(SetupSheet sheet, Prices prices) {
        FillerAlloy pair = FillerAlloy.of(
                sheet.joint().material(),
                sheet.joint().other(),
                sheet.practice().service());
        Double price = pair.alloy().map(prices.wirePerKg()::get).orElse(null);
        return price == null ? OptionalDouble.empty() : OptionalDouble.of(price);
    }

    /** {@return the sum of all shares, in the shop's money} */
    public double total() {
        return shares.stream().mapToDouble(CostShare::money).sum();
    }

    private static final class CostTally {

        private final List<CostShare> shares = new ArrayList<>();
        private final List<CostItem> missing = new ArrayList<>();

        void add(CostItem item, double amount, OptionalDouble price) {
            if (amount > 0 && price.isPresent()) {
                shares.add(new CostShare(item, amount * price.getAsDouble()));
            } else if (amount > 0) {
                missing.add(item);
            }
        }
    }
}
