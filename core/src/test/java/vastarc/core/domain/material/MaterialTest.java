package vastarc.core.domain.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;

/** Grades and their properties: what the rest of the calculation takes for granted. */
class MaterialTest {

    @ParameterizedTest
    @EnumSource(Material.class)
    void everyGradeHasPropertiesOfAMetalAndAName(Material material) {
        MaterialProperties properties = material.properties();
        assertThat(properties.conductivityWPerMK()).isBetween(5.0, 60.0);
        assertThat(properties.densityKgPerM3()).isBetween(4000.0, 8200.0);
        assertThat(properties.meltC()).isBetween(1350.0, 1700.0);
        assertThat(properties.liquidDensityKgPerM3()).isLessThan(properties.densityKgPerM3());
        assertThat(properties.capillaryLengthM() * 1e3).isBetween(3.0, 8.0);
        assertThat(properties.meltEnthalpyJPerKg())
                .isGreaterThan(properties.latentJPerKg())
                .isBetween(8e5, 2e6);
        assertThat(Phrasebook.say(Phrase.of("material." + material), UnitSystem.METRIC))
                .isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void diffusivityIsConductivityOverWhatAVolumeHolds(Material material) {
        MaterialProperties properties = material.properties();
        assertThat(properties.diffusivityM2PerS() * properties.densityKgPerM3() * properties.heatCapacityJPerKgK())
                .isCloseTo(properties.conductivityWPerMK(), within(1e-9));
        assertThat(properties.coolingDiffusivityM2PerS()
                        * properties.densityKgPerM3()
                        * properties.coolingCapacityJPerKgK())
                .isCloseTo(properties.coolingConductivityWPerMK(), within(1e-9));
    }

    @Test
    void steelLetsItsHeatGoAndStainlessAndTitaniumKeepIt() {
        double steel = Material.CARBON_STEEL.properties().conductivityWPerMK();
        for (Material other : new Material[] {
            Material.STAINLESS_304L, Material.STAINLESS_316L, Material.TITANIUM_GR2, Material.TITANIUM_GR5
        }) {
            assertThat(other.properties().conductivityWPerMK()).as(other.name()).isLessThan(steel);
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void onlyWhatTheAirSpoilsWantsAPurge(Material material) {
        assertThat(material.wantsPurge())
                .isEqualTo(material.family() == Family.STAINLESS || material.family() == Family.TITANIUM);
        assertThat(material.gauges().isEmpty()).isEqualTo(material.isTitanium());
        assertThat(material.deepestRunMm()).isCloseTo(1.2 * material.onePassMm(), within(1e-9));
        assertThat(material.onePassMm()).isBetween(2.5, 4.0);
    }
}
