package vastarc.web.sheet;

import java.util.List;
import java.util.Map;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.input.InputField;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.WeldFields;
import vastarc.web.layout.TypedField;
import vastarc.web.request.TypedInputs;
import vastarc.web.store.job.JointText;

/** Makes the fields that are typed into. */
final class TypedFields {

    private final JointText typed;
    private final JointForm joint;
    private final Map<String, String> messages;
    private final UnitSystem units;

    TypedFields(JointText typed, JointForm joint, Map<String, String> messages, UnitSystem units) {
        this.typed = typed;
        this.joint = joint;
        this.messages = messages;
        this.units = units;
    }

    /** Those of the fields that the joint form asks for. */
    List<TypedField> of(List<InputField<?>> fields) {
        return fields.stream()
                .filter(field -> field.appliesTo(joint))
                .map(this::field)
                .toList();
    }

    private TypedField field(InputField<?> field) {
        String text = typed.text(field).orElse("");
        String message = messages.getOrDefault(field.name(), "");
        return new TypedField(
                field.name(),
                label(field),
                text,
                !message.isEmpty() ? "" : text.isBlank() ? bySchedule(field) : echo(field, text),
                hint(field),
                message,
                asked(field, text));
    }

    private String asked(InputField<?> field, String text) {
        boolean thickness = field == WeldFields.BASE || field == WeldFields.ABUTTING;
        return thickness ? typed.reader(field).otherUnit(text).orElse("") : "";
    }

    private String label(InputField<?> field) {
        if (field == WeldFields.BASE) {
            return say("member.base." + joint.name());
        }
        if (field == WeldFields.ABUTTING) {
            return say("member.abutting." + joint.name());
        }
        Unit unit = field.range().orElseThrow().unit();
        boolean plain = field.kind() == InputKind.FIGURE && unit != Unit.MM_PER_MIN;
        return plain ? say(field.words()) + " (" + unit.symbol() + ")" : say(field.words());
    }

    private String hint(InputField<?> field) {
        String words = field.words() + ".hint";
        return Phrasebook.find(words + "." + joint.name())
                .or(() -> Phrasebook.find(words))
                .orElse("");
    }

    /** The wall that a pipe's schedule brings along. */
    private String bySchedule(InputField<?> field) {
        return field == WeldFields.BASE
                ? new TypedInputs(typed)
                        .wallOfPipe()
                        .map(wall -> units.show(wall.quantity()).line() + " " + say("echo.schedule"))
                        .orElse("")
                : "";
    }

    private String echo(InputField<?> field, String text) {
        return field.kind() == InputKind.LENGTH
                ? new TypedInputs(typed)
                        .read(field, text)
                        .value()
                        .map(this::bothUnits)
                        .orElse("")
                : "";
    }

    private String bothUnits(Length length) {
        Quantity quantity = length.quantity();
        UnitSystem other = units == UnitSystem.METRIC ? UnitSystem.INCH : UnitSystem.METRIC;
        return units.show(quantity).line() + " = " + other.show(quantity).line();
    }

    private static String say(String words) {
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }
}
