package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.material.Material;
import vastarc.core.notation.LengthReader;
import vastarc.core.notation.RateReader;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;

/** Inputs of the page: texts as typed. */
public final class FormFields implements Fields {

    private final TypedForm form;
    private final List<Problem> problems = new ArrayList<>();

    public FormFields(TypedForm form) {
        this.form = form;
    }

    @Override
    public <E extends Enum<E>> Optional<E> choice(String field, Class<E> type) {
        Optional<String> text = form.text(field);
        boolean required = field.equals(JobReader.MATERIAL) || field.equals(JobReader.JOINT);
        if (text.isEmpty() && required) {
            note(Problem.badValue(field, "missing", "one of " + Choices.names(type)));
        }
        return text.flatMap(given -> Choices.read(given, field, type, this::note));
    }

    /** A box that is not ticked sends nothing; a choice sends true or false. */
    @Override
    public Optional<Boolean> flag(String field) {
        return form.text(field).map("true"::equals);
    }

    @Override
    public Optional<Length> length(Range range) {
        return length(range, Optional.empty());
    }

    private Optional<Length> length(Range range, Optional<Material> material) {
        return form.text(range.field()).flatMap(text -> {
            LengthReader reader = new LengthReader(form.bareUnits(range.field()), material.flatMap(Material::gauges));
            return kept(reader.read(text, range.field())).filter(length -> inside(range, length.inMillimetres()));
        });
    }

    @Override
    public OptionalDouble number(Range range) {
        Optional<Double> figure = form.text(range.field()).flatMap(text -> figure(range, text.strip()));
        return figure.filter(value -> inside(range, value))
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
    }

    private Optional<Double> figure(Range range, String text) {
        if (range.unit() == Unit.MM_PER_MIN) {
            return kept(new RateReader(form.bareUnits(range.field())).speed(text, range.field()))
                    .map(Quantity::value);
        }
        if (range.unit() == Unit.MILLIMETRE) {
            return kept(new LengthReader(form.bareUnits(range.field()), Optional.empty()).read(text, range.field()))
                    .map(Length::inMillimetres);
        }
        try {
            return Optional.of(Double.parseDouble(bare(text, range.unit())));
        } catch (NumberFormatException e) {
            note(Problem.badValue(
                    range.field(),
                    "type",
                    "“" + Choices.shortened(text) + "”",
                    "a number in " + range.unit().symbol()));
            return Optional.empty();
        }
    }

    /** The figure without the unit that may stand behind it, with a point for a comma. */
    private static String bare(String text, Unit unit) {
        String figure = text.replace(',', '.').replace("°", "").strip();
        String symbol = unit.symbol().replace("°", "");
        boolean named = !symbol.isEmpty()
                && figure.length() > symbol.length()
                && figure.regionMatches(true, figure.length() - symbol.length(), symbol, 0, symbol.length());
        return named ? figure.substring(0, figure.length() - symbol.length()).strip() : figure;
    }

    private boolean inside(Range range, double value) {
        Optional<Problem> outside = range.check(value);
        outside.ifPresent(this::note);
        return outside.isEmpty();
    }

    private <T> Optional<T> kept(Outcome<T> outcome) {
        outcome.problems().forEach(this::note);
        return outcome.value();
    }

    @Override
    public List<Length> thicknesses(Optional<Material> base, Optional<Material> abutting) {
        if (form.text(TypedForm.BASE).isEmpty()) {
            note(Problem.badValue(TypedForm.BASE, "length.missing"));
        }
        Optional<Length> first = length(JointLimits.THICKNESS.inField(TypedForm.BASE), base);
        Optional<Length> second = length(JointLimits.THICKNESS.inField(TypedForm.ABUTTING), abutting);
        boolean secondFailed = form.text(TypedForm.ABUTTING).isPresent() && second.isEmpty();
        if (first.isEmpty() || secondFailed) {
            return List.of();
        }
        return second.map(length -> List.of(first.get(), length)).orElse(List.of(first.get()));
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
