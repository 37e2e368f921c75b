package vastarc.core.reference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.input.InputField;
import vastarc.core.input.WeldFields;
import vastarc.core.reference.Glossary.GlossaryEntry;

class ReferenceTest {

    @Test
    void everyTermHasAMeaningAndIsListedOnce() {
        assertThat(Glossary.entries())
                .hasSizeGreaterThan(100)
                .allSatisfy(entry -> assertThat(entry.meaning()).isNotBlank());
        assertThat(Glossary.entries()).extracting(GlossaryEntry::term).doesNotHaveDuplicates();
    }

    @Test
    void everyLabelOfAParameterAndOfAnInputIsATerm() {
        Stream<String> labels = Stream.concat(
                Arrays.stream(ParameterKey.values()).map(ParameterKey::words),
                WeldFields.ALL.stream().map(InputField::words));
        assertThat(Glossary.entries())
                .extracting(GlossaryEntry::term)
                .containsAll(labels.map(words -> Phrasebook.find(words).orElseThrow())
                        .toList());
    }

    @Test
    void theThreeFrequenciesAreToldApart() {
        assertThat(Glossary.entries())
                .extracting(GlossaryEntry::term)
                .contains("high frequency", "AC frequency", "pulse rate");
    }

    @Test
    void aNameThatMeansTwoThingsStandsAtBothWithAWarning() {
        List<GlossaryEntry> both = Glossary.entries().stream()
                .filter(entry -> entry.aliases().contains("pulse amps"))
                .toList();

        assertThat(both).extracting(GlossaryEntry::term).containsExactly("background", "peak");
        assertThat(both).allSatisfy(entry -> assertThat(entry.note()).contains("other panels"));
    }
}
