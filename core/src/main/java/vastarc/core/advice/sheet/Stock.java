package vastarc.core.advice.sheet;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.consumable.Tungsten;

/**
 * What the shop has in stock. An empty set means: everything is available.
 *
 * @param tungstensMm diameters, mm
 * @param cups        cup numbers
 * @param wiresMm     wire diameters, mm
 */
public record Stock(Set<Double> tungstensMm, Set<Integer> cups, Set<Double> wiresMm) {

    private static final Stock ALL = new Stock(Set.of(), Set.of(), Set.of());

    /** Copies its collections, so that it cannot change. */
    public Stock {
        tungstensMm = OrderedCollections.set(tungstensMm);
        cups = OrderedCollections.set(cups);
        wiresMm = OrderedCollections.set(wiresMm);
    }

    /** Nothing is listed: everything is available. */
    public static Stock everything() {
        return ALL;
    }

    /**
     * What is used, and what was given up for it.
     *
     * @param item   used from stock, or the right one where nothing in stock will do
     * @param gaveUp what the stock cost; empty where it has the right one
     */
    record StockChoice<T>(T item, Optional<Phrase> gaveUp) {

        static <T> StockChoice<T> right(T item) {
            return new StockChoice<>(item, Optional.empty());
        }
    }

    private boolean has(Set<Double> owned, double millimetres) {
        return owned.isEmpty() || owned.stream().anyMatch(own -> Math.abs(own - millimetres) < 0.01);
    }

    /** The thinnest owned tungsten that carries the peak with a tenth in reserve. */
    StockChoice<Tungsten> tungsten(Tungsten right, double peakA) {
        if (has(tungstensMm, right.diameterMm())) {
            return StockChoice.right(right);
        }
        Quantity wanted = Quantity.stockMillimetres(right.diameterMm());
        return Tungsten.sizes().stream()
                .filter(size -> has(tungstensMm, size.diameterMm()) && size.practicalMaxA() >= 1.1 * peakA)
                .findFirst()
                .map(size -> new StockChoice<>(
                        size,
                        Optional.of(Phrase.of(
                                "stock.tungsten",
                                wanted,
                                Quantity.stockMillimetres(size.diameterMm()),
                                Quantity.amperes(size.minStableA())))))
                .orElseGet(() -> new StockChoice<>(right, Optional.of(Phrase.of("stock.none", wanted))));
    }

    /** The smallest owned cup that is large enough. */
    StockChoice<Cup> cup(Cup right, double boreMm) {
        if (cups.isEmpty() || cups.contains(right.number())) {
            return StockChoice.right(right);
        }
        return Cup.sizes().stream()
                .filter(cup -> cups.contains(cup.number()) && cup.boreMm() >= boreMm && cup.number() >= right.number())
                .findFirst()
                .map(cup -> new StockChoice<>(
                        cup,
                        Optional.of(
                                Phrase.of("stock.cup", String.valueOf(right.number()), String.valueOf(cup.number())))))
                .orElseGet(() -> new StockChoice<>(
                        right,
                        Optional.of(Phrase.of(
                                "stock.none", Phrase.of("stock.cupNumber", String.valueOf(right.number()))))));
    }

    /** The owned wire nearest to the right one, never too thick for the sheet. */
    StockChoice<FillerRod> wire(FillerRod right, double thicknessMm) {
        if (has(wiresMm, right.diameterMm())) {
            return StockChoice.right(right);
        }
        Quantity wanted = Quantity.stockMillimetres(right.diameterMm());
        List<FillerRod> owned = FillerRod.sizes().stream()
                .filter(wire -> has(wiresMm, wire.diameterMm()) && !wire.isTooThickFor(thicknessMm))
                .toList();
        return owned.stream()
                .min(Comparator.comparingDouble(wire -> Math.abs(wire.diameterMm() - right.diameterMm())))
                .map(wire -> new StockChoice<>(
                        wire,
                        Optional.of(Phrase.of(
                                wire.diameterMm() < right.diameterMm() ? "stock.wireThinner" : "stock.wireThicker",
                                wanted,
                                Quantity.stockMillimetres(wire.diameterMm())))))
                .orElseGet(() -> new StockChoice<>(right, Optional.of(Phrase.of("stock.none", wanted))));
    }
}
