package vastarc.core.physics.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ArcEnergyTest {

    /** EN 1011-1 by hand: 100 A at 10 V and 120 mm/min are 1000 W at 2 mm/s: 0.5 kJ/mm, of which 0.6 count as heat input. */
    @Test
    void aRunByHand() {
        ArcEnergy energy = ArcEnergy.of(100 * 10, 120.0 / 60);

        assertThat(energy.kjPerMm()).isCloseTo(0.5, within(1e-12));
        assertThat(energy.heatInputKjPerMm()).isCloseTo(0.3, within(1e-12));
    }

    @Test
    void energyOverALengthIsPowerOverTravel() {
        assertThat(ArcEnergy.of(1000 * 45, 2 * 45).kjPerMm())
                .isCloseTo(ArcEnergy.of(1000, 2).kjPerMm(), within(1e-12));
    }
}
