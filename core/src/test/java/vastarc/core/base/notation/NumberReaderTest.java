package vastarc.core.base.notation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is a number here, and what is not. */
class NumberReaderTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "12;12", "1.5;1.5", "1,5;1.5", ".5;0.5", ",5;0.5", "2.;2", "-3;-3", "−3;-3", "+4;4", " 7 ;7", "007;7"
            })
    void readsWhatHandsWrite(String text, double number) {
        assertThat(NumberReader.read(text)).hasValue(number);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                ".",
                "-",
                "10d",
                "10f",
                "10L",
                "0x1p4",
                "1e400",
                "1e3",
                "NaN",
                "Infinity",
                "1_000",
                "1,2,3",
                "1.2.3",
                "--1",
                "1 2",
                "١٢",
                "１２",
                "1234567890123",
                "abc"
            })
    void refusesWhatOnlyAProgramCallsANumber(String text) {
        assertThat(NumberReader.read(text)).isEmpty();
    }

    @Test
    void nothingIsNoNumber() {
        assertThat(NumberReader.read(null)).isEmpty();
        assertThat(NumberReader.read(null, "A")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"25A;A;25", "25 a;A;25", "25;A;25", "60°;°;60", "12 °C;°C;12", "50 %;%;50", "3 s;s;3"})
    void aUnitMayStandBehind(String text, String unit, double number) {
        assertThat(NumberReader.read(text, unit)).hasValue(number);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"A;A", "25 B;A", "25 AA;A", "s3;s"})
    void anotherUnitMayNot(String text, String unit) {
        assertThat(NumberReader.read(text, unit)).isEmpty();
    }
}
