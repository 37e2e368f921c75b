package vastarc.core.advice.sheet;

import java.util.Optional;
import java.util.function.Function;
import vastarc.core.advice.parameters.Stock.StockChoice;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.consumable.Tungsten;

/** What it costs that the right size is not in stock, in words; empty where it is. */
final class StockReasons {

    private StockReasons() {}

    static Optional<Phrase> tungsten(StockChoice<Tungsten> choice) {
        Tungsten taken = choice.item();
        return reason(
                choice,
                size -> Quantity.stockMillimetres(size.diameterMm()),
                right -> Phrase.of(
                        "stock.tungsten",
                        Quantity.stockMillimetres(right.diameterMm()),
                        Quantity.stockMillimetres(taken.diameterMm()),
                        Quantity.amperes(taken.minStableA())));
    }

    static Optional<Phrase> cup(StockChoice<Cup> choice) {
        return reason(
                choice,
                cup -> Phrase.of("stock.cupNumber", String.valueOf(cup.number())),
                right -> Phrase.of(
                        "stock.cup",
                        String.valueOf(right.number()),
                        String.valueOf(choice.item().number())));
    }

    static Optional<Phrase> filler(StockChoice<FillerRod> choice) {
        double taken = choice.item().diameterMm();
        return reason(
                choice,
                rod -> Quantity.stockMillimetres(rod.diameterMm()),
                right -> Phrase.of(
                        taken < right.diameterMm() ? "stock.wireThinner" : "stock.wireThicker",
                        Quantity.stockMillimetres(right.diameterMm()),
                        Quantity.stockMillimetres(taken)));
    }

    private static <T> Optional<Phrase> reason(
            StockChoice<T> choice, Function<T, Object> name, Function<T, Phrase> instead) {
        return choice.missing()
                .map(right ->
                        choice.isUnavailable() ? Phrase.of("stock.none", name.apply(right)) : instead.apply(right));
    }
}
