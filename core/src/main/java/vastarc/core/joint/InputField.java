package vastarc.core.joint;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.material.Material;
import vastarc.core.quantity.Length;
import vastarc.core.wording.Phrasebook;

/**
 * One input of a joint or a practice, said once: its name, what it may be, what stands where it is not told, which joint forms ask for it,
 * and where it goes. Readers, the API's description and the page are driven by it. Its words: {@code field.<name>} with {@code .says} and,
 * where a shop calls it otherwise, {@code .aliases}.
 *
 * @param <T> type of its value
 */
public final class InputField<T> {

    /** What a value is. */
    public enum Kind {
        CHOICE,
        FLAG,
        LENGTH,
        FIGURE
    }

    private final String name;
    private final Kind kind;
    private final BiFunction<Inputs, InputField<T>, Optional<T>> reading;
    private final List<T> choices;
    private final Optional<Range> range;
    private final Optional<T> usual;
    private final boolean required;
    private final Predicate<JointForm> asked;
    private final BiPredicate<JointForm, T> offered;
    private final String spoken;
    private final Optional<InputField<Material>> gauged;
    private final BiConsumer<WeldEntry, T> put;
    private final Function<Weld, Optional<T>> get;

    private InputField(Draft<T> draft, BiConsumer<WeldEntry, T> put, Function<Weld, Optional<T>> get) {
        this.name = draft.name;
        this.kind = draft.kind;
        this.reading = draft.reading;
        this.choices = draft.choices;
        this.range = draft.range;
        this.usual = draft.usual;
        this.required = draft.required;
        this.asked = draft.asked;
        this.offered = draft.offered;
        this.spoken = draft.spoken;
        this.gauged = draft.gauged;
        this.put = put;
        this.get = get;
    }

    /** One of an enumeration, each spoken by {@code <name>.<VALUE>} unless told otherwise. */
    static <E extends Enum<E>> Draft<E> choice(String name, Class<E> type) {
        Draft<E> draft = new Draft<>(name, Kind.CHOICE, (inputs, field) -> inputs.choice(field, type));
        draft.choices = Arrays.asList(type.getEnumConstants());
        return draft;
    }

    static Draft<Boolean> flag(String name) {
        return new Draft<>(name, Kind.FLAG, Inputs::flag);
    }

    static Draft<Length> length(Range range) {
        Draft<Length> draft = new Draft<>(range.field(), Kind.LENGTH, Inputs::length);
        draft.range = Optional.of(range);
        return draft;
    }

    static Draft<Double> figure(Range range) {
        Draft<Double> draft = new Draft<>(range.field(), Kind.FIGURE, Inputs::figure);
        draft.range = Optional.of(range);
        return draft;
    }

    /** A field in the making. */
    static final class Draft<T> {
        private final String name;
        private final Kind kind;
        private final BiFunction<Inputs, InputField<T>, Optional<T>> reading;
        private List<T> choices = List.of();
        private Optional<Range> range = Optional.empty();
        private Optional<T> usual = Optional.empty();
        private boolean required;
        private Predicate<JointForm> asked = form -> true;
        private BiPredicate<JointForm, T> offered = (form, value) -> true;
        private String spoken;
        private Optional<InputField<Material>> gauged = Optional.empty();

        private Draft(String name, Kind kind, BiFunction<Inputs, InputField<T>, Optional<T>> reading) {
            this.name = name;
            this.kind = kind;
            this.reading = reading;
            this.spoken = name;
        }

        /** What stands where it is not told. */
        Draft<T> usually(T value) {
            usual = Optional.of(value);
            return this;
        }

        Draft<T> required() {
            required = true;
            return this;
        }

        /** The joint forms it means something for. */
        Draft<T> askedOf(Predicate<JointForm> forms) {
            asked = forms;
            return this;
        }

        /** The joint forms that a choice is offered for. */
        Draft<T> offering(BiPredicate<JointForm, T> forms) {
            offered = forms;
            return this;
        }

        /** Its choices are spoken by other words. */
        Draft<T> spokenAs(String words) {
            spoken = words;
            return this;
        }

        /** May be told as a gauge of this field's metal. */
        Draft<T> gaugedBy(InputField<Material> metal) {
            gauged = Optional.of(metal);
            return this;
        }

        /** Where it goes, and where it is found again. */
        InputField<T> into(BiConsumer<WeldEntry, T> put, Function<Weld, T> get) {
            return new InputField<>(this, put, weld -> Optional.of(get.apply(weld)));
        }

        InputField<T> maybeInto(BiConsumer<WeldEntry, T> put, Function<Weld, Optional<T>> get) {
            return new InputField<>(this, put, get);
        }
    }

    /** Reads the value, where it is given and usable, into a weld in the making. */
    void read(Inputs inputs, WeldEntry entry) {
        reading.apply(inputs, this).ifPresent(value -> put.accept(entry, value));
    }

    /** Its value in a weld; empty where it has none. */
    public Optional<T> of(Weld weld) {
        return get.apply(weld);
    }

    public String name() {
        return name;
    }

    public Kind kind() {
        return kind;
    }

    /** Every choice, in order; empty for another kind. */
    public List<T> choices() {
        return choices;
    }

    /** Those of its choices that mean something for a joint form, in order. */
    public List<T> choicesFor(JointForm form) {
        return choices.stream().filter(value -> offered.test(form, value)).toList();
    }

    /** Empty for choices and flags. */
    public Optional<Range> range() {
        return range;
    }

    /** What stands where it is not told; empty where nothing does. */
    public Optional<T> usual() {
        return usual;
    }

    public boolean isRequired() {
        return required;
    }

    /** Whether it means something for a joint form. */
    public boolean isAskedOf(JointForm form) {
        return asked.test(form);
    }

    /** The field of the metal whose gauges it may be told in. */
    public Optional<InputField<Material>> gauged() {
        return gauged;
    }

    /** Words that name it. */
    public String words() {
        return "field." + name;
    }

    /** Words that name one of its choices. */
    public String words(T choice) {
        return spoken + "." + choice;
    }

    /** What other shops call it. */
    public List<String> aliases() {
        return Phrasebook.find(words() + ".aliases").stream()
                .flatMap(names -> Arrays.stream(names.split(", ")))
                .toList();
    }
}
