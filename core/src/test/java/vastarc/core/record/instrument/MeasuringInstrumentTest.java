package vastarc.core.record.instrument;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.record.weldlog.MeasuredQuantity;

class MeasuringInstrumentTest {

    private static MeasuringInstrument until(Optional<String> day) {
        return new MeasuringInstrument(
                "OX-0412", List.of(MeasuredQuantity.OXYGEN), "purge meter", "", "", Optional.empty(), day);
    }

    @ParameterizedTest
    @CsvSource({"2026-12-01, true", "2026-12-02, false", "2027-01-01, false"})
    void calibrationHoldsThroughItsLastDay(String until, boolean overdue) {
        assertThat(until(Optional.of(until)).isOverdue("2026-12-02")).isEqualTo(overdue);
    }

    @Test
    void withoutALastDayItHolds() {
        assertThat(until(Optional.empty()).isOverdue("2099-01-01")).isFalse();
    }

    @Test
    void itReadsWhatItsPapersSay() {
        assertThat(until(Optional.empty()).reads(MeasuredQuantity.OXYGEN)).isTrue();
        assertThat(until(Optional.empty()).reads(MeasuredQuantity.CURRENT)).isFalse();
    }
}
