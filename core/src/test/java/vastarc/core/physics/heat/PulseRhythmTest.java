package vastarc.core.physics.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PulseRhythmTest {

    /** Half a second a cycle, its first two tenths at the peak. */
    private static final PulseRhythm TWICE_A_SECOND = new PulseRhythm(2, 0.4);

    @ParameterizedTest
    @CsvSource({
        "0, true, 0.2, 0",
        "0.1, true, 0.2, 0.1",
        "0.3, false, 0.5, 0.2",
        "0.49, false, 0.5, 0.2",
        "0.5, true, 0.7, 0.2",
        "0.6, true, 0.7, 0.3",
        "1.25, false, 1.5, 0.6",
        "10.05, true, 10.2, 4.05"
    })
    void aCycleBeginsWithItsPeak(double seconds, boolean on, double nextEdgeS, double onS) {
        assertThat(TWICE_A_SECOND.isOnAt(seconds)).isEqualTo(on);
        assertThat(TWICE_A_SECOND.nextEdgeS(seconds)).isCloseTo(nextEdgeS, within(1e-9));
        assertThat(TWICE_A_SECOND.onS(seconds)).isCloseTo(onS, within(1e-9));
    }

    @Test
    void theEndOfAPeakBelongsToTheBackground() {
        assertThat(new PulseRhythm(1, 0.25).isOnAt(0.25)).isFalse();
        assertThat(new PulseRhythm(1, 0.25).nextEdgeS(0.25)).isEqualTo(1);
    }
}
