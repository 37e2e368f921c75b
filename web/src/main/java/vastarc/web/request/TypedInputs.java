package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.notation.PipeSize;
import vastarc.core.base.notation.RateReader;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.input.InputField;
import vastarc.core.input.InputSource;
import vastarc.core.input.WeldFields;
import vastarc.web.store.job.JointText;

/** Inputs of the page: texts as typed, in whatever units a welder used. */
public final class TypedInputs implements InputSource {

    private final JointText typed;
    private final List<Problem> problems = new ArrayList<>();

    /**
     * Reads a joint.
     *
     * @param typed the joint as typed
     */
    public TypedInputs(JointText typed) {
        this.typed = typed;
    }

    @Override
    public <E extends Enum<E>> Optional<E> choice(InputField<E> field, Class<E> type) {
        Optional<String> text = typed.text(field).filter(given -> isOffered(field, given));
        if (text.isEmpty() && field.isRequired()) {
            note(Problem.badValue(field.name(), "missing", "one of " + ApiNames.names(type)));
        }
        return text.flatMap(given -> ApiNames.read(given, field.name(), type, this::note));
    }

    /** What was chosen for another joint form is stored, and means nothing here. */
    private boolean isOffered(InputField<?> field, String text) {
        boolean known =
                field.choices().stream().anyMatch(value -> value.toString().equals(text));
        return !known
                || typed.form()
                        .map(joint -> field.choicesFor(joint).stream()
                                .anyMatch(value -> value.toString().equals(text)))
                        .orElse(true);
    }

    /** A box that is not ticked sends nothing; a choice sends true or false. */
    @Override
    public Optional<Boolean> flag(InputField<Boolean> field) {
        return typed.text(field).map("true"::equals);
    }

    @Override
    public Optional<Length> length(InputField<Length> field) {
        Optional<Length> wall = field == WeldFields.BASE ? wallOfPipe() : Optional.empty();
        if (field.isRequired() && typed.text(field).isEmpty() && wall.isEmpty()) {
            note(Problem.badValue(field.name(), "length.missing"));
        }
        return typed.text(field)
                .flatMap(text -> noted(read(field, text)))
                .or(() -> wall)
                .filter(length -> inside(field, length.inMillimetres()));
    }

    /**
     * {@return a length as typed; the outside of a tube may be given as a pipe size}
     *
     * @param field the input
     * @param text the text
     */
    public Outcome<Length> read(InputField<?> field, String text) {
        Optional<Outcome<PipeSize>> pipe =
                field == WeldFields.TUBE_OD ? PipeSize.read(text, field.name()) : Optional.empty();
        return pipe.map(size -> size.map(PipeSize::outside))
                .orElseGet(() -> typed.reader(field).read(text, field.name()));
    }

    /** {@return the wall of a pipe given by its schedule, where no wall is typed} */
    public Optional<Length> wallOfPipe() {
        return typed.text(WeldFields.TUBE_OD)
                .filter(text -> typed.form().filter(JointForm::isTube).isPresent()
                        && typed.form()
                                .filter(form -> form == JointForm.TUBE_TO_PLATE)
                                .isEmpty())
                .flatMap(text -> PipeSize.read(text, WeldFields.TUBE_OD.name()))
                .flatMap(Outcome::value)
                .flatMap(PipeSize::wall);
    }

    @Override
    public Optional<Double> figure(InputField<Double> field) {
        return typed.text(field).flatMap(text -> figure(field, text)).filter(value -> inside(field, value));
    }

    private Optional<Double> figure(InputField<Double> field, String text) {
        Unit unit = field.range().orElseThrow().unit();
        if (unit == Unit.MM_PER_MIN) {
            return noted(new RateReader(typed.bareUnits(field)).speed(text, field.name()))
                    .map(Quantity::value);
        }
        if (unit == Unit.MILLIMETRE) {
            return noted(typed.reader(field).read(text, field.name())).map(Length::inMillimetres);
        }
        OptionalDouble number = number(text, unit);
        if (number.isEmpty()) {
            note(Problem.badValue(
                    field.name(),
                    "type",
                    "“" + ApiNames.shortened(text.strip()) + "”",
                    "a number in " + unit.symbol()));
        }
        return number.stream().boxed().findFirst();
    }

    /** Degrees may be given by their letter alone. */
    private static OptionalDouble number(String text, Unit unit) {
        OptionalDouble number = NumberReader.read(text, unit.symbol());
        return number.isPresent()
                ? number
                : NumberReader.read(text, unit.symbol().replace("°", ""));
    }

    private boolean inside(InputField<?> field, double value) {
        Optional<Problem> outside = field.range().flatMap((InputRange range) -> range.check(value));
        outside.ifPresent(this::note);
        return outside.isEmpty();
    }

    private <T> Optional<T> noted(Outcome<T> outcome) {
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
