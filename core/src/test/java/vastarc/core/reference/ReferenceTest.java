package vastarc.core.reference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import vastarc.core.reference.Glossary.GlossaryEntry;

class ReferenceTest {

    @Test
    void everyWordHasAMeaningAndOtherNamesAndStandsOnce() {
        assertThat(Glossary.entries()).allSatisfy(entry -> {
            assertThat(entry.meaning()).isNotBlank();
            assertThat(entry.aliases())
                    .isNotEmpty()
                    .allSatisfy(alias -> assertThat(alias).isNotBlank());
        });
        assertThat(Glossary.entries()).extracting(GlossaryEntry::term).doesNotHaveDuplicates();
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

    @Test
    void everySymptomHasItsCauses() {
        assertThat(SymptomEntry.all())
                .hasSizeGreaterThan(15)
                .allSatisfy(symptom -> assertThat(symptom.causes()).isNotEmpty());
    }
}
