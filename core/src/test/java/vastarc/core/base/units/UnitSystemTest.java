package vastarc.core.base.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class UnitSystemTest {

    @ParameterizedTest
    @CsvSource({
        "39.93, AMPERE, 40 A, 40 A",
        "4.166, AMPERE, 4.2 A, 4.2 A",
        "1.5, MILLIMETRE, 1.5 mm, 0.059 in",
        "0.125, MILLIMETRE, 0.125 mm, 0.0049 in",
        "50.8, MILLIMETRE, 50.8 mm, 2 in",
        "1.6, STOCK_MILLIMETRE, 1.6 mm, 1/16 in",
        "2.4, STOCK_MILLIMETRE, 2.4 mm, 3/32 in",
        "127, MM_PER_MIN, 127 mm/min, 5 in/min",
        "8.023, LITRE_PER_MIN, 8 L/min, 17 ft³/h",
        "0.5, KJ_PER_MM, 0.5 kJ/mm, 12.7 kJ/in",
        "60, CELSIUS, 60 °C, 140 °F",
        "27.4, DEGREE, 27°, 27°",
        "0.34, DEGREE_FINE, 0.3°, 0.3°",
        "33.3, PERCENT, 33%, 33%",
        "263, GRAM, 263 g, 9.28 oz",
        "7.4, METRE, 7.4 m, 24.3 ft",
        "0, SECOND, 0 s, 0 s",
        "12, NUMBER, 12, 12",
        "3.456, NUMBER, 3.46, 3.46",
        "28.316846592, LITRE, 28.3 L, 1 ft³",
        "2.5, LITRE_PER_MIN, 2.5 L/min, 5.3 ft³/h",
        "123.4, SECOND, 123 s, 123 s",
        "12.345, MILLIMETRE, 12.35 mm, 0.486 in",
        "45.67, MILLIMETRE, 45.7 mm, 1.798 in",
        "300, MILLIMETRE, 300 mm, 11.81 in",
        "0.00456, KJ_PER_MM, 0.0046 kJ/mm, 0.12 kJ/in",
        "1.7, STOCK_MILLIMETRE, 1.7 mm, 0.067 in"
    })
    void showsAFigureInEitherSystem(double value, Unit unit, String metric, String inch) {
        assertThat(UnitSystem.METRIC.show(Quantity.of(value, unit)).line()).isEqualTo(metric);
        assertThat(UnitSystem.INCH.show(Quantity.of(value, unit)).line()).isEqualTo(inch);
    }

    @ParameterizedTest
    @EnumSource(Unit.class)
    void everyUnitCanBeShownInBothSystems(Unit unit) {
        for (double value : new double[] {-3, 0, 0.004, 0.5, 7, 99.9, 12345}) {
            for (UnitSystem system : UnitSystem.values()) {
                assertThat(system.show(Quantity.of(value, unit)).figure())
                        .isNotBlank()
                        .doesNotContain("E");
            }
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void aFigureMustBeFinite(double value) {
        assertThatThrownBy(() -> Quantity.amperes(value)).hasMessageContaining("must be finite");
        assertThatThrownBy(() -> Length.ofMillimetres(value)).hasMessageContaining("finite");
    }

    @Test
    void aLengthIsNeverNegative() {
        assertThatThrownBy(() -> Length.ofMillimetres(-0.1)).hasMessageContaining("-0.1 mm");
        assertThat(Length.ofInches(1)).isEqualTo(Length.ofMillimetres(25.4)).isGreaterThan(Length.ofMillimetres(25));
    }

    @ParameterizedTest
    @CsvSource({
        "RULED_MILLIMETRE, 6.35, 6.4 mm, 1/4 in",
        "RULED_MILLIMETRE, 4.23, 4.2 mm, 5/32 in",
        "RULED_MILLIMETRE, 28.6, 28.6 mm, 1-1/8 in",
        "RULED_MILLIMETRE, 25.4, 25.4 mm, 1 in",
        "RULED_MILLIMETRE, 0.3, 0.3 mm, 0.012 in",
        "FLAT_MILLIMETRE, 0.33, 0.35 mm, 0.013 in",
        "FLAT_MILLIMETRE, 0, 0 mm, 0 in"
    })
    void aLengthThatAHandSetsIsShownNoFinerThanItCanBeSet(Unit unit, double value, String metric, String inch) {
        assertThat(UnitSystem.METRIC.show(Quantity.of(value, unit)).line()).isEqualTo(metric);
        assertThat(UnitSystem.INCH.show(Quantity.of(value, unit)).line()).isEqualTo(inch);
    }
}
