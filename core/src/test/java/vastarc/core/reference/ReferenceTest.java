package vastarc.core.reference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class ReferenceTest {

    @Test
    void everyWordHasAMeaningAndOtherNamesAndStandsOnce() {
        assertThat(Glossary.entries()).allSatisfy(entry -> {
            assertThat(entry.meaning()).isNotBlank();
            assertThat(entry.aliases())
                    .isNotEmpty()
                    .allSatisfy(alias -> assertThat(alias).isNotBlank());
        });
        assertThat(Glossary.entries()).extracting(Glossary.Entry::term).doesNotHaveDuplicates();
    }

    @Test
    void theThreeFrequenciesAreToldApart() {
        assertThat(Glossary.entries())
                .extracting(Glossary.Entry::term)
                .contains("high frequency", "AC frequency", "pulse rate");
    }

    @Test
    void aNameThatMeansTwoThingsStandsAtBothWithAWarning() {
        List<Glossary.Entry> both = Glossary.entries().stream()
                .filter(entry -> entry.aliases().contains("pulse amps"))
                .toList();

        assertThat(both).extracting(Glossary.Entry::term).containsExactly("background", "peak");
        assertThat(both).allSatisfy(entry -> assertThat(entry.note()).contains("other panels"));
    }

    @Test
    void everySymptomHasItsCauses() {
        assertThat(Symptom.all())
                .hasSizeGreaterThan(15)
                .allSatisfy(symptom -> assertThat(symptom.causes()).isNotEmpty());
    }
}
