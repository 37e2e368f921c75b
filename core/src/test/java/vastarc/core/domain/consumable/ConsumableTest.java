package vastarc.core.domain.consumable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.domain.material.Family;
import vastarc.core.domain.material.Material;

class ConsumableTest {

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/cup-flow.csv", useHeadersInDisplayName = true)
    void flowMatchesTheTable(int number, double bore, double re1000, double re1200, double re1400, double re2000) {
        Cup cup = Cup.atLeast(0, number);

        assertThat(cup.boreMm()).isCloseTo(bore, within(0.01));
        assertThat(cup.flowLPerMin(1000)).isCloseTo(re1000, within(0.01));
        assertThat(cup.flowLPerMin(1200)).isCloseTo(re1200, within(0.01));
        assertThat(cup.flowLPerMin(1400)).isCloseTo(re1400, within(0.01));
        assertThat(cup.flowLPerMin(2000)).isCloseTo(re2000, within(0.02));
        assertThat(cup.reynolds(cup.flowLPerMin(1234))).isCloseTo(1234, within(1e-6));
    }

    @Test
    void exitReynoldsNumberMatchesTheSingleValue() {
        assertThat(Cup.atLeast(0, 6).reynolds(8)).isCloseTo(1330.08, within(1.0));
        assertThat(Cup.atLeast(0, 8).exitSpeedMPerS(8)).isCloseTo(1.05, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"5, 0.5", "40, 1.0", "100, 1.6", "150, 2.0", "210, 2.4", "280, 3.2", "400, 4.0"})
    void theThinnestTungstenThatCarriesThePeakIsChosen(double peak, double diameter) {
        assertThat(Tungsten.forPeak(peak).orElseThrow().diameterMm()).isEqualTo(diameter);
    }

    @Test
    void beyondTheThickestTungstenThereIsNone() {
        assertThat(Tungsten.forPeak(440)).isEmpty();
    }

    @Test
    void everyPairOfGradesHasARowAndOnlyTitaniumWithSteelIsRefused() {
        for (Material material : Material.values()) {
            for (Material two : Material.values()) {
                boolean mixed = material.isTitanium() != two.isTitanium();
                assertThat(FillerAlloy.of(material, two).alloy().isEmpty())
                        .as(material + " " + two)
                        .isEqualTo(mixed);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"0.8, 0.8", "1.0, 1.0", "1.2, 1.0", "1.5, 1.6", "3, 1.6", "4, 2.4", "8, 3.2"})
    void wireFollowsTheThickness(double thickness, double diameter) {
        assertThat(FillerRod.usualFor(thickness, false).diameterMm()).isEqualTo(diameter);
    }

    @ParameterizedTest
    @CsvSource({"3, 8", "15, 8", "60, 10", "150, 11", "200, 12", "300, 13"})
    void hoodShadeFollowsTheCurrent(double current, double shade) {
        assertThat(HelmetShade.forCurrent(current).usual()).isEqualTo(shade);
    }

    @Test
    void aHotterSeamTakesADarkerColour() {
        assertThat(Tint.of(Family.STAINLESS, 350).colour()).isEqualTo("pale straw");
        assertThat(Tint.of(Family.TITANIUM, 600).colour()).isEqualTo("dark blue");
    }

    @Test
    void aLightTorchRunsOutFirst() {
        assertThat(TorchClass.forCurrent(60, 40).id()).isEqualTo("AIR_LIGHT");
        assertThat(TorchClass.forCurrent(220, 40).id()).isEqualTo("WATER_LIGHT");
    }
}
