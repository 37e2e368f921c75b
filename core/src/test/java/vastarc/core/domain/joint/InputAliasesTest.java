package vastarc.core.domain.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.base.tables.Table;
import vastarc.core.input.InputAliases;
import vastarc.core.input.InputField;
import vastarc.core.input.WeldFields;

/** Words of a shop's own lists mean what the shop means by them. */
class InputAliasesTest {

    @Test
    void everyWordOfTheTableMeansItsChoiceAndNoOther() {
        for (Table.Row row : Table.read("joint-words.csv", Set.of("field", "value", "words"))) {
            InputField<?> field = WeldFields.named(row.text("field")).orElseThrow();
            for (String word : row.text("words").split(";")) {
                assertThat(InputAliases.choice(field, word))
                        .as(row.text("field") + ": " + word)
                        .contains(row.text("value"));
            }
        }
    }

    @Test
    void everyChoiceIsKnownByItsNameAndItsWords() {
        for (InputField<?> field : WeldFields.ALL) {
            field.choices()
                    .forEach(choice -> assertThat(InputAliases.choice(field, choice.toString()))
                            .as(field.name())
                            .contains(choice.toString()));
            assertThat(InputAliases.field(field.name())).contains(field);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "Metal, material",
        "THICKNESS, thicknessMm[0]",
        "Form, joint",
        "other thickness, thicknessMm[1]",
        "tube OD, tubeOdMm",
        "Back-purge, purged",
        "filler wire, wire"
    })
    void headingsAreReadAsShopsWriteThem(String heading, String field) {
        assertThat(InputAliases.field(heading).map(InputField::name)).contains(field);
    }

    @Test
    void aWordThatIsNoneIsNoneAndAFigureHasNoChoices() {
        assertThat(InputAliases.choice(WeldFields.MATERIAL, "cheese")).isEmpty();
        assertThat(InputAliases.choice(WeldFields.BASE, "3 mm")).isEmpty();
        assertThat(InputAliases.field("colour of the hat")).isEmpty();
    }
}
