package vastarc.core.advice.parameters;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.parameters.Stock.StockChoice;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.consumable.Tungsten;

/** What stands in for a tungsten, a cup or a rod that the shop does not have. */
class StockTest {

    private static Tungsten tungsten(double diameterMm) {
        return Tungsten.sizes().stream()
                .filter(size -> size.diameterMm() == diameterMm)
                .findFirst()
                .orElseThrow();
    }

    private static FillerRod rod(double diameterMm) {
        return FillerRod.sizes().stream()
                .filter(size -> size.diameterMm() == diameterMm)
                .findFirst()
                .orElseThrow();
    }

    private static Cup cup(int number) {
        return Cup.sizes().stream()
                .filter(size -> size.number() == number)
                .findFirst()
                .orElseThrow();
    }

    private static Set<Double> millimetres(String listed) {
        return listed == null
                ? Set.of()
                : Arrays.stream(listed.split(" ")).map(Double::valueOf).collect(Collectors.toSet());
    }

    private static Set<Integer> numbers(String listed) {
        return listed == null
                ? Set.of()
                : Arrays.stream(listed.split(" ")).map(Integer::valueOf).collect(Collectors.toSet());
    }

    /** A tungsten of 1.0 mm is practical to 70 A, one of 2.4 mm to 240 A. */
    @ParameterizedTest
    @CsvSource({
        ", 1.6, 100, 1.6, false, false",
        "1.6 2.4, 1.6, 100, 1.6, false, false",
        "1.605, 1.6, 100, 1.6, false, false",
        "1.62, 1.6, 100, 1.6, true, true",
        "2.4 3.2, 1.6, 100, 2.4, true, false",
        "1 2.4, 1.6, 100, 2.4, true, false",
        "1, 1.6, 100, 1.6, true, true"
    })
    void theThinnestTungstenThatCarriesThePeakStandsIn(
            String owned, double right, double peakA, double used, boolean missing, boolean unavailable) {
        Stock stock = new Stock(millimetres(owned), Set.of(), Set.of());

        StockChoice<Tungsten> choice = stock.tungsten(tungsten(right), peakA);

        assertThat(choice.item().diameterMm()).isEqualTo(used);
        assertThat(choice.missing().isPresent()).isEqualTo(missing);
        assertThat(choice.isUnavailable()).isEqualTo(unavailable);
    }

    @Test
    void aTungstenThatStandsInKeepsATenthInReserve() {
        Tungsten right = tungsten(1.6);
        Tungsten owned = tungsten(2.4);
        Stock stock = new Stock(Set.of(2.4), Set.of(), Set.of());

        assertThat(stock.tungsten(right, owned.practicalMaxA() / 1.1 - 0.1).item())
                .isEqualTo(owned);
        assertThat(stock.tungsten(right, owned.practicalMaxA() / 1.1 + 0.1).isUnavailable())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        ", 8, 12.7, 8, false",
        "6 8, 8, 12.7, 8, false",
        "6 10 12, 8, 12.7, 10, false",
        "6 10 12, 8, 16, 12, false",
        "10 12, 8, 15.875, 10, false",
        "6 7, 8, 9, 8, true",
        "6 7 10, 8, 30, 8, true"
    })
    void theSmallestCupThatIsLargeEnoughStandsIn(
            String owned, int right, double boreMm, int used, boolean unavailable) {
        StockChoice<Cup> choice = new Stock(Set.of(), numbers(owned), Set.of()).cup(cup(right), boreMm);

        assertThat(choice.item().number()).isEqualTo(used);
        assertThat(choice.isUnavailable()).isEqualTo(unavailable);
        assertThat(choice.missing().isPresent()).isEqualTo(used != right || unavailable);
    }

    /** A rod is too thick for a sheet that it is more than 1.25 times as thick as. */
    @ParameterizedTest
    @CsvSource({
        ", 1.6, 2, 1.6, false",
        "1.2 1.6, 1.6, 2, 1.6, false",
        "1.2 2.4, 1.6, 2, 1.2, false",
        "1.2 3.2, 2.4, 4, 3.2, false",
        "1 2.4, 1.6, 1.5, 1, false",
        "2.4 3.2, 1.6, 1.5, 1.6, true"
    })
    void theNearestRodThatIsNotTooThickStandsIn(
            String owned, double right, double thicknessMm, double used, boolean unavailable) {
        StockChoice<FillerRod> choice = new Stock(Set.of(), Set.of(), millimetres(owned)).wire(rod(right), thicknessMm);

        assertThat(choice.item().diameterMm()).isEqualTo(used);
        assertThat(choice.isUnavailable()).isEqualTo(unavailable);
    }

    @Test
    void whatTheShopSetsIsKeptWhateverBecomesOfTheListItCameFrom() {
        assertThat(Stock.everything()).isEqualTo(new Stock(Set.of(), Set.of(), Set.of()));
        assertThat(new Stock(millimetres("2.4 1.6"), numbers("8 6"), Set.of()).tungstensMm())
                .containsExactlyInAnyOrder(1.6, 2.4);
    }
}
