package vastarc.web.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.input.InputField;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.JointReading;
import vastarc.core.input.JointReading.Doubt;
import vastarc.core.input.JointReading.ReadWord;
import vastarc.core.input.WeldFields;
import vastarc.web.bench.BenchPage.CardFigure;
import vastarc.web.layout.Labels;

/**
 * What was understood of a joint said in one line, ready to be shown.
 *
 * @param line    as typed
 * @param chips   a field each
 * @param doubts  what could also have been meant
 * @param unknown words that mean nothing here
 * @param wrong   what is missing, or why there is no sheet
 * @param figures the sheet's main figures; empty where there is no sheet
 */
public record PhraseView(
        String line,
        List<Chip> chips,
        List<DoubtView> doubts,
        String unknown,
        List<String> wrong,
        List<CardFigure> figures) {

    /** A field and its value. */
    public record Chip(String name, String value) {}

    /** Words that may mean several things; each option takes the place of the words in the line. */
    public record DoubtView(String text, List<String> options) {}

    static PhraseView of(String line, JointReading reading, Outcome<SetupSheet> sheet, UnitSystem units) {
        List<String> wrong = new ArrayList<>();
        reading.missing().forEach(problem -> wrong.add(problem.message(units)));
        if (wrong.isEmpty()) {
            sheet.problems().forEach(problem -> wrong.add(problem.message(units)));
        }
        return new PhraseView(
                line,
                reading.read().stream().map(word -> chip(word, reading, units)).toList(),
                reading.doubts().stream().map(PhraseView::doubt).toList(),
                String.join(", ", reading.unknown()),
                wrong,
                wrong.isEmpty()
                        ? sheet.value()
                                .map(made -> BenchPage.figures(made, units))
                                .orElse(List.of())
                        : List.of());
    }

    private static DoubtView doubt(Doubt doubt) {
        return new DoubtView(doubt.text(), doubt.options());
    }

    private static Chip chip(ReadWord word, JointReading reading, UnitSystem units) {
        InputField<?> field = WeldFields.named(word.field()).orElse(WeldFields.BASE);
        String name = field == WeldFields.BASE ? "thickness" : say(field.words());
        String value = field == WeldFields.POSITION
                ? position(Position.valueOf((String) word.value()), reading)
                : value(field, word.value(), units);
        return new Chip(Labels.of(name), value);
    }

    /** With the letter of the joint's form, where that is said. */
    private static String position(Position position, JointReading reading) {
        return reading.fields().get(WeldFields.JOINT.name()) instanceof String form
                ? position.numberLetterName(JointForm.valueOf(form))
                : position.numberLetterName();
    }

    private static String value(InputField<?> field, Object value, UnitSystem units) {
        if (value instanceof Double figure) {
            return units.show(Quantity.of(figure, field.range().orElseThrow().unit()))
                    .line();
        }
        if (field.kind() == InputKind.FLAG) {
            return Boolean.TRUE.equals(value) ? "yes" : "no";
        }
        return choice(field, (String) value).orElse((String) value);
    }

    private static <T> Optional<String> choice(InputField<T> field, String value) {
        return field.choices().stream()
                .filter(choice -> choice.toString().equals(value))
                .findFirst()
                .map(choice -> say(field.words(choice)));
    }

    private static String say(String words) {
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }
}
