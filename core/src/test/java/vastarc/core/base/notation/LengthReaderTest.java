package vastarc.core.base.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.base.units.FormattedQuantity;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;

class LengthReaderTest {

    private static final LengthReader METRIC = new LengthReader(UnitSystem.METRIC, Optional.of(GaugeScale.SHEET_STEEL));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "2|2",
                "2 mm|2",
                "2.0mm|2",
                "2,5 mm|2.5",
                "1/8|3.175",
                "1/8\"|3.175",
                "1-1/4 in|31.75",
                "1 1/4\"|31.75",
                ".065|1.651",
                "0.065 in|1.651",
                "65 thou|1.651",
                "65thou|1.651",
                "16 ga|1.51892",
                "#16|1.51892",
                "16ga|1.51892",
                "0.2 cm|2",
                "  2 MM  |2"
            })
    void readsWhatAShopWrites(String text, double millimetres) {
        assertThat(METRIC.read(text, "t").value().orElseThrow().inMillimetres()).isCloseTo(millimetres, within(1e-9));
    }

    @Test
    void theSameGaugeIsAnotherThicknessInStainless() {
        LengthReader stainless = new LengthReader(UnitSystem.METRIC, Optional.of(GaugeScale.STAINLESS_SHEET));

        assertThat(stainless.read("16 ga", "t").value()).contains(Length.ofInches(0.0625));
        assertThat(METRIC.read("16 ga", "t").value()).contains(Length.ofInches(0.0598));
    }

    @Test
    void aBareNumberIsInTheShopsOwnUnits() {
        LengthReader inch = new LengthReader(UnitSystem.INCH, Optional.empty());

        assertThat(inch.read("0.065", "t").value()).contains(Length.ofInches(0.065));
        assertThat(METRIC.read("0.065", "t").value()).contains(Length.ofMillimetres(0.065));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "two",
                "1/0",
                "-2",
                "2 parsecs",
                "1e9",
                "NaN",
                "..",
                "1//8",
                "99 ga",
                "2 mm 3",
                "1234567890123456789012345678901234567890123"
            })
    void aTextThatIsNoLengthIsAnsweredWithWhatWouldWork(String text) {
        assertThat(METRIC.read(text, "thickness").problems()).singleElement().satisfies(problem -> {
            assertThat(problem.field()).isEqualTo("thickness");
            assertThat(problem.message(UnitSystem.METRIC)).containsAnyOf("2 mm", "Gauges run");
        });
    }

    @Test
    void titaniumHasNoGauge() {
        assertThat(new LengthReader(UnitSystem.METRIC, Optional.empty())
                        .read("16 ga", "t")
                        .problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains("no gauge scale"));
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void whatIsShownReadsBackToTheSameFigure(UnitSystem units) {
        LengthReader reader = new LengthReader(units, Optional.empty());
        Random random = new Random(5);
        for (int i = 0; i < 5000; i++) {
            FormattedQuantity shown = units.show(Quantity.millimetres(12 * random.nextDouble()));
            Length read = reader.read(shown.line(), "t").value().orElseThrow();
            assertThat(units.show(read.quantity())).isEqualTo(shown);
        }
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void flowsAndSpeedsReadBackToTheSameFigure(UnitSystem units) {
        RateReader reader = new RateReader(units);
        Random random = new Random(6);
        for (int i = 0; i < 5000; i++) {
            FormattedQuantity flow = units.show(Quantity.litresPerMin(30 * random.nextDouble()));
            assertThat(units.show(reader.flow(flow.line(), "f").value().orElseThrow()))
                    .isEqualTo(flow);
            FormattedQuantity speed = units.show(Quantity.mmPerMin(400 * random.nextDouble()));
            assertThat(units.show(reader.speed(speed.line(), "s").value().orElseThrow()))
                    .isEqualTo(speed);
        }
    }

    @ParameterizedTest
    @CsvSource({"8, 8", "8 L/min, 8", "17 cfh, 8.0231", "17 ft³/h, 8.0231"})
    void readsFlows(String text, double litresPerMin) {
        assertThat(new RateReader(UnitSystem.METRIC)
                        .flow(text, "f")
                        .value()
                        .orElseThrow()
                        .value())
                .isCloseTo(litresPerMin, within(1e-3));
    }

    @ParameterizedTest
    @CsvSource({"120, 120", "120 mm/min, 120", "5 in/min, 127", "5 ipm, 127", "2 mm/s, 120"})
    void readsSpeeds(String text, double mmPerMin) {
        assertThat(new RateReader(UnitSystem.METRIC)
                        .speed(text, "s")
                        .value()
                        .orElseThrow()
                        .value())
                .isCloseTo(mmPerMin, within(1e-9));
    }

    @Test
    void aRateThatCannotBeReadSaysHowToWriteIt() {
        assertThat(new RateReader(UnitSystem.METRIC).flow("lots", "f").problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains("8 L/min"));
    }

    @Test
    void aThicknessLikelierOfTheOtherSystemIsAsked() {
        LengthReader metric = new LengthReader(UnitSystem.METRIC, Optional.empty());
        LengthReader inch = new LengthReader(UnitSystem.INCH, Optional.empty());
        assertThat(metric.otherUnit(" 0.125 ")).contains("0.125 in");
        assertThat(metric.otherUnit("0,0625")).contains("0,0625 in");
        assertThat(metric.otherUnit("0.95")).isEmpty();
        assertThat(metric.otherUnit("3")).isEmpty();
        assertThat(inch.otherUnit("3")).contains("3 mm");
        assertThat(inch.otherUnit("0.125")).isEmpty();
    }
}
