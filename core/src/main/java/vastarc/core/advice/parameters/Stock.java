package vastarc.core.advice.parameters;

import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.tables.OrderedCollections;
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

    /** {@return nothing is listed: everything is available} */
    public static Stock everything() {
        return ALL;
    }

    /**
     * What is used, and what it stands in for.
     *
     * @param item    used from stock, or the right one where nothing in stock will do
     * @param missing the right one where it is not in stock
     */
    public record StockChoice<T>(T item, Optional<T> missing) {

        static <T> StockChoice<T> right(T item) {
            return new StockChoice<>(item, Optional.empty());
        }

        static <T> StockChoice<T> of(Optional<T> owned, T right) {
            return new StockChoice<>(owned.orElse(right), Optional.of(right));
        }

        /** {@return whether the right one is missing and nothing in stock can stand in for it} */
        public boolean isUnavailable() {
            return missing.filter(item::equals).isPresent();
        }
    }

    private boolean has(Set<Double> owned, double millimetres) {
        return owned.isEmpty() || owned.stream().anyMatch(own -> Math.abs(own - millimetres) < 0.01);
    }

    /**
     * {@return whether the shop has a tungsten, or lists none}
     *
     * @param millimetres its diameter, mm
     */
    public boolean hasTungsten(double millimetres) {
        return has(tungstensMm, millimetres);
    }

    /**
     * {@return whether the shop has a cup, or lists none}
     *
     * @param number its number
     */
    public boolean hasCup(int number) {
        return cups.isEmpty() || cups.contains(number);
    }

    /**
     * {@return whether the shop has a filler rod, or lists none}
     *
     * @param millimetres its diameter, mm
     */
    public boolean hasWire(double millimetres) {
        return has(wiresMm, millimetres);
    }

    /** The thinnest owned tungsten that carries the peak with a tenth in reserve. */
    StockChoice<Tungsten> tungsten(Tungsten right, double peakA) {
        if (hasTungsten(right.diameterMm())) {
            return StockChoice.right(right);
        }
        return StockChoice.of(
                Tungsten.sizes().stream()
                        .filter(size -> has(tungstensMm, size.diameterMm()) && size.practicalMaxA() >= 1.1 * peakA)
                        .findFirst(),
                right);
    }

    /** The smallest owned cup that is large enough. */
    StockChoice<Cup> cup(Cup right, double boreMm) {
        if (hasCup(right.number())) {
            return StockChoice.right(right);
        }
        return StockChoice.of(
                Cup.sizes().stream()
                        .filter(cup ->
                                cups.contains(cup.number()) && cup.boreMm() >= boreMm && cup.number() >= right.number())
                        .findFirst(),
                right);
    }

    /** The owned wire nearest to the right one, never too thick for the sheet. */
    StockChoice<FillerRod> wire(FillerRod right, double thicknessMm) {
        if (hasWire(right.diameterMm())) {
            return StockChoice.right(right);
        }
        return StockChoice.of(
                FillerRod.sizes().stream()
                        .filter(wire -> has(wiresMm, wire.diameterMm()) && !wire.isTooThickFor(thicknessMm))
                        .min(Comparator.comparingDouble(wire -> Math.abs(wire.diameterMm() - right.diameterMm()))),
                right);
    }
}
