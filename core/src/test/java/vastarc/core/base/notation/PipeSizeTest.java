package vastarc.core.base.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.base.units.UnitSystem;

class PipeSizeTest {

    @ParameterizedTest
    @CsvSource({
        "2\" sch 40, 60.325, 3.9116",
        "DN50 sch 10S, 60.325, 2.7686",
        "dn 100 schedule 80, 114.3, 8.5598",
        "1-1/2 in sch. 5s, 48.26, 1.651",
        "NPS 1/2 sch 40, 21.336, 2.7686",
        "NPS 6, 168.275, ",
        "4\" pipe, 114.3, "
    })
    void aPipeIsReadByNominalSizeAndSchedule(String text, double outsideMm, Double wallMm) {
        PipeSize pipe = PipeSize.read(text, "tubeOdMm").orElseThrow().value().orElseThrow();

        assertThat(pipe.outside().inMillimetres()).isCloseTo(outsideMm, within(1e-9));
        assertThat(pipe.wall().isPresent()).isEqualTo(wallMm != null);
        pipe.wall().ifPresent(wall -> assertThat(wall.inMillimetres()).isCloseTo(wallMm, within(1e-9)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"60.3 mm", "2 in", "2\"", "50.8", "1-1/4 in", "", "16 ga", "sch 40"})
    void aLengthIsNoPipe(String text) {
        assertThat(PipeSize.read(text, "tubeOdMm")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"DN55 sch 40, DN6", "2\" sch 30, 10S", "14\" sch 40, 12"})
    void whatTheTableDoesNotHaveIsSaidWithWhatItHas(String text, String works) {
        assertThat(PipeSize.read(text, "tubeOdMm").orElseThrow().problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains(works));
    }
}
