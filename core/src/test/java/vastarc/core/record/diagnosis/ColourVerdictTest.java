package vastarc.core.record.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.diagnosis.ColourVerdict.ColourGrade;

class ColourVerdictTest {

    @ParameterizedTest
    @CsvSource({
        "TI,TI_WHITE_POWDER,REJECT",
        "TI,TI_BLUE,REJECT",
        "TI,BEAD_GREY,REJECT",
        "ST,SUGAR_BACK,REJECT",
        "S1N,SUGAR_BACK,CLEAN",
        "S1,TINT_END_ONLY,CLEAN",
        "CS,TINT_DARK_FRONT,ACCEPT"
    })
    void eachColourHasItsWordForTheMetal(String job, String sign, ColourGrade word) {
        ColourVerdict verdict =
                ColourVerdict.of(DiagnosisTest.sheet(job), Set.of(sign)).orElseThrow();
        assertThat(verdict.word()).isEqualTo(word);
        assertThat(Phrasebook.say(verdict.why(), UnitSystem.METRIC)).isNotBlank();
    }

    @Test
    void theStrictestOfSeveralStandsAndNoColourIsNone() {
        assertThat(ColourVerdict.of(DiagnosisTest.sheet("TI"), Set.of("CRATER")))
                .isEmpty();
        assertThat(ColourVerdict.of(DiagnosisTest.sheet("ST"), Set.of("TINT_END_ONLY", "SUGAR_BACK"))
                        .orElseThrow()
                        .word())
                .isEqualTo(ColourGrade.REJECT);
    }
}
