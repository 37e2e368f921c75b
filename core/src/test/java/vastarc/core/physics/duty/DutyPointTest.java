package vastarc.core.physics.duty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DutyPointTest {

    private static final List<DutyPoint> PLATE =
            List.of(new DutyPoint(200, 35), new DutyPoint(130, 100), new DutyPoint(160, 60));

    /** By hand: 35 (200/I)² above 160 A, 60 (160/I)² above 130 A, and never more than the point below. */
    @ParameterizedTest
    @CsvSource({
        "100, 100",
        "130, 100",
        "140, 78.3673",
        "155, 63.9334",
        "160, 60",
        "170, 48.4429",
        "200, 35",
        "220, 28.9256",
        "400, 8.75"
    })
    void heatGrowsByTheSquareOfTheCurrentAndTheMoreCarefulPointCounts(double currentA, double percent) {
        assertThat(DutyPoint.percentAt(PLATE, currentA)).isCloseTo(percent, within(1e-3));
    }

    @Test
    void betweenTwoPointsThatDisagreeTheLowerDutyCounts() {
        List<DutyPoint> steep = List.of(new DutyPoint(100, 40), new DutyPoint(200, 35));

        assertThat(DutyPoint.percentAt(steep, 120)).isEqualTo(40);
    }

    @Test
    void withoutAPlateOrACurrentNothingIsLimited() {
        assertThat(DutyPoint.percentAt(List.of(), 150)).isEqualTo(100);
        assertThat(DutyPoint.percentAt(PLATE, 0)).isEqualTo(100);
    }
}
