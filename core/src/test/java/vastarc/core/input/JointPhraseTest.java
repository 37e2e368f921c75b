package vastarc.core.input;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.input.JointReading.ReadWord;

/** Joints said in one line, straight and crooked: what is read of them was looked through by hand. */
class JointPhraseTest {

    private static final long SEED = 36;

    @ParameterizedTest
    @CsvFileSource(resources = "/phrases.csv", delimiter = '|', quoteCharacter = '`', numLinesToSkip = 1)
    void aLineIsReadAsAWelderMeansIt(UnitSystem units, String line, String fields, String doubts, String unknown) {
        JointReading reading = JointPhrase.read(line, units);

        assertThat(reading.fields().entrySet().stream()
                        .map(entry -> entry.getKey() + "="
                                + entry.getValue().toString().replaceAll("[\\[\\] ]", ""))
                        .collect(Collectors.joining(" ")))
                .isEqualTo(Optional.ofNullable(fields).orElse(""));
        assertThat(reading.doubts().stream()
                        .map(doubt -> doubt.field() + "=" + String.join("/", doubt.options()))
                        .collect(Collectors.joining("; ")))
                .isEqualTo(Optional.ofNullable(doubts).orElse(""));
        assertThat(String.join("; ", reading.unknown()))
                .isEqualTo(Optional.ofNullable(unknown).orElse(""));
    }

    @Test
    void whatFollowsFromTheJointIsReadWithoutWords() {
        JointReading reading = JointPhrase.read("2 mm 304 lap", UnitSystem.METRIC);

        assertThat(reading.read()).contains(new ReadWord("", "position", "PB"));
        assertThat(reading.name()).isEqualTo("304L lap 2 mm");
        assertThat(reading.missing()).isEmpty();
        assertThat(JointPhrase.read("1/8 304 lap", UnitSystem.INCH).name()).isEqualTo("304L lap 0.125 in");
    }

    @Test
    void whatIsMissingIsNamed() {
        assertThat(JointPhrase.read("something bright", UnitSystem.METRIC).missing())
                .extracting(Problem::field)
                .containsExactly("material", "joint", "thicknessMm");
    }

    /** Words of the shop and other words in any order and number: always an answer, the same one twice. */
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void anyWordsGiveAnAnswer(UnitSystem units) {
        List<String> words = List.of(
                ("3 mm 1/8 x tee lap 304 2\" od sch 40 dn50 5g 4t pulse to , | \\Q (( leg .065 ga 16 Ø ½ ı İ steel "
                                + "horizontal gap - 1-1/4 100 A ~")
                        .split(" "));
        Random random = new Random(SEED);
        for (int i = 0; i < 1000; i++) {
            String line = IntStream.range(0, 1 + random.nextInt(14))
                    .mapToObj(at -> words.get(random.nextInt(words.size())))
                    .collect(Collectors.joining(random.nextInt(5) == 0 ? "" : " "));
            JointReading reading = JointPhrase.read(line, units);
            assertThat(JointPhrase.read(line, units)).as(line).isEqualTo(reading);
        }
    }
}
