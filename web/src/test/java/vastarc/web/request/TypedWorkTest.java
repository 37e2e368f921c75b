package vastarc.web.request;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.advice.sequence.Prices;
import vastarc.core.advice.sequence.WeldQuantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.web.store.job.JointText;

/** Quantity and what it costs, as hands type them; what two windows send of one form. */
class TypedWorkTest {

    private static WeldQuantityText typed(String field, String text, UnitSystem units) {
        return WeldQuantityText.of(JointText.fresh().changedTo(Map.of(field, text), Set.of(field), units));
    }

    @ParameterizedTest
    @CsvSource({"250, METRIC, 250", "10 in, METRIC, 254", "10, INCH, 254", "1.2 m, METRIC, 1200", "'2,5', INCH, 63.5"})
    void aSeamIsTypedInAnyWayAShopWritesALength(String text, UnitSystem units, double millimetres) {
        WeldQuantityText read = typed("work.seamMm", text, units);
        assertThat(read.problems()).isEmpty();
        assertThat(read.work().seamMm().orElseThrow()).isCloseTo(millimetres, within(1e-6));
    }

    @Test
    void whatIsNotTypedIsAsUsual() {
        WeldQuantityText read = WeldQuantityText.of(JointText.fresh());
        assertThat(read.work()).isEqualTo(WeldQuantity.usual());
        assertThat(read.order()).isEmpty();
        assertThat(read.problems()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "work.seams, none",
        "work.seams, 0",
        "work.seams, 61",
        "work.seamMm, 2",
        "work.seamMm, long",
        "work.handlingS, -1",
        "work.rotation, 5",
        "work.rotation, all",
        "work.purgeS, 1e9"
    })
    void whatCannotBeIsToldByItsField(String field, String text) {
        assertThat(typed(field, text, UnitSystem.METRIC).problems())
                .extracting(Problem::field)
                .containsExactly(field);
    }

    @Test
    void aShareOfTheGirthIsTypedInPercent() {
        assertThat(typed("work.rotation", "75", UnitSystem.METRIC).work().reach())
                .hasValue(0.75);
    }

    @ParameterizedTest
    @CsvSource({"'3,1,2', 3", "'1,x,2', 2", "'', 0", "'1,,2', 2"})
    void anOrderLeavesOutWhatIsNoNumber(String text, int numbers) {
        assertThat(typed(WeldQuantityText.ORDER, text, UnitSystem.METRIC).order())
                .hasSize(numbers);
    }

    @Test
    void pricesAreReadWithAPointOrAComma() {
        PriceText read =
                PriceText.of(Map.of("argonPerM3", " 9,5 ", "wire.ER308L", "26.25", "hour", "", "wire.ER9", "4"));
        assertThat(read.problems()).isEmpty();
        assertThat(read.prices().argonPerM3()).hasValue(9.5);
        assertThat(read.prices().wirePerKg()).containsOnly(Map.entry("ER308L", 26.25));
        assertThat(read.prices().hour()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"free", "-1", "1e400", "10d", "1000001", "NaN"})
    void aPriceThatIsNoneIsToldAndLeftOut(String text) {
        PriceText read = PriceText.of(Map.of("tungsten", text, "hour", "40"));
        assertThat(read.problems()).extracting(Problem::field).containsExactly("tungsten");
        assertThat(read.prices().tungsten()).isEmpty();
        assertThat(read.prices().hour()).hasValue(40);
        assertThat(read.prices()).isNotEqualTo(Prices.none());
    }

    @Test
    void onlyWhatAHandChangedIsChanged() {
        Map<String, String> sent = Map.of("a", "1", "was.a", "1", "b", "2", "was.b", "1", "c", "3");
        assertThat(ShownValues.isChanged(sent, "a")).isFalse();
        assertThat(ShownValues.isChanged(sent, "b")).isTrue();
        assertThat(ShownValues.isChanged(sent, "c")).isTrue();
        assertThat(ShownValues.merged(List.of("1", "2"), List.of("1"), List.of("3")))
                .containsExactly("2", "3");
        assertThat(ShownValues.merged(List.of("1", "2"), null, List.of("3"))).containsExactly("3");
        assertThat(ShownValues.merged(List.of("1", "2"), List.of("1", "2"), List.of("1", "2")))
                .containsExactly("1", "2");
    }
}
