package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.InputField;
import vastarc.core.joint.Inputs;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.joint.WeldFields;
import vastarc.core.material.Material;
import vastarc.core.notation.LengthReader;
import vastarc.core.notation.NumberReader;
import vastarc.core.notation.RateReader;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.web.kept.job.JointText;

/** Inputs of the page: texts as typed, in whatever units a hand used. */
public final class TypedInputs implements Inputs {

    private final JointText typed;
    private final List<Problem> problems = new ArrayList<>();

    public TypedInputs(JointText typed) {
        this.typed = typed;
    }

    @Override
    public <E extends Enum<E>> Optional<E> choice(InputField<E> field, Class<E> type) {
        Optional<String> text = typed.text(field);
        if (text.isEmpty() && field.isRequired()) {
            note(Problem.badValue(field.name(), "missing", "one of " + Choices.names(type)));
        }
        return text.flatMap(given -> Choices.read(given, field.name(), type, this::note));
    }

    /** A box that is not ticked sends nothing; a choice sends true or false. */
    @Override
    public Optional<Boolean> flag(InputField<Boolean> field) {
        return typed.text(field).map("true"::equals);
    }

    @Override
    public Optional<Length> length(InputField<Length> field) {
        if (field.isRequired() && typed.text(field).isEmpty()) {
            note(Problem.badValue(field.name(), "length.missing"));
        }
        return typed.text(field)
                .flatMap(text -> kept(reader(field).read(text, field.name())))
                .filter(length -> inside(field, length.inMillimetres()));
    }

    /** How a length of a field is read: with the gauges of its metal, where it may be told in them. */
    public LengthReader reader(InputField<?> field) {
        Optional<Material> metal = field.gauged().flatMap(this::metal);
        return new LengthReader(typed.bareUnits(field), metal.flatMap(Material::gauges));
    }

    /** The metal of a member; that of the other one where nothing else is told. */
    private Optional<Material> metal(InputField<Material> field) {
        Optional<String> name = typed.text(field).or(() -> typed.text(WeldFields.MATERIAL));
        return field.choices().stream()
                .filter(material -> name.filter(material.name()::equals).isPresent())
                .findFirst();
    }

    @Override
    public Optional<Double> figure(InputField<Double> field) {
        return typed.text(field).flatMap(text -> figure(field, text)).filter(value -> inside(field, value));
    }

    private Optional<Double> figure(InputField<Double> field, String text) {
        Unit unit = field.range().orElseThrow().unit();
        if (unit == Unit.MM_PER_MIN) {
            return kept(new RateReader(typed.bareUnits(field)).speed(text, field.name()))
                    .map(Quantity::value);
        }
        if (unit == Unit.MILLIMETRE) {
            return kept(reader(field).read(text, field.name())).map(Length::inMillimetres);
        }
        OptionalDouble number = number(text, unit);
        if (number.isEmpty()) {
            note(Problem.badValue(
                    field.name(), "type", "“" + Choices.shortened(text.strip()) + "”", "a number in " + unit.symbol()));
        }
        return number.stream().boxed().findFirst();
    }

    /** Degrees may be told by their letter alone. */
    private static OptionalDouble number(String text, Unit unit) {
        OptionalDouble number = NumberReader.read(text, unit.symbol());
        return number.isPresent()
                ? number
                : NumberReader.read(text, unit.symbol().replace("°", ""));
    }

    private boolean inside(InputField<?> field, double value) {
        Optional<Problem> outside = field.range().flatMap((Range range) -> range.check(value));
        outside.ifPresent(this::note);
        return outside.isEmpty();
    }

    private <T> Optional<T> kept(Outcome<T> outcome) {
        outcome.problems().forEach(this::note);
        return outcome.value();
    }

    @Override
    public void note(Problem problem) {
        problems.add(problem);
    }

    @Override
    public List<Problem> problems() {
        return List.copyOf(problems);
    }
}
