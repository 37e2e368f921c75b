package vastarc.core.input;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.material.Material;

/**
 * One input of a joint or a practice, said once: its name, what it may be, what is used where it is not given, which joint forms ask for it,
 * and where it goes. Readers, the API's description and the page are driven by it. Its words: {@code field.<name>} with {@code .says} and,
 * where a shop calls it otherwise, {@code .aliases}.
 *
 * @param <T> type of its value
 */
public final class InputField<T> {

    /** What a value is. */
    public enum InputKind {
        /** One of a list. */
        CHOICE,
        /** Yes or no. */
        FLAG,
        /** A length, in any notation. */
        LENGTH,
        /** A number in the field's unit. */
        FIGURE
    }

    private final String name;
    private final InputKind kind;
    private final BiFunction<InputSource, InputField<T>, Optional<T>> reading;
    private final List<T> choices;
    private final Optional<InputRange> range;
    private final Optional<T> usual;
    private final boolean required;
    private final Predicate<JointForm> applies;
    private final BiPredicate<JointForm, T> offered;
    private final String spoken;
    private final Optional<InputField<Material>> gauged;
    private final BiConsumer<WeldBuilder, T> put;
    private final Function<Weld, Optional<T>> get;

    private InputField(InputFieldBuilder<T> draft, BiConsumer<WeldBuilder, T> put, Function<Weld, Optional<T>> get) {
        this.name = draft.name;
        this.kind = draft.kind;
        this.reading = draft.reading;
        this.choices = draft.choices;
        this.range = draft.range;
        this.usual = draft.usual;
        this.required = draft.required;
        this.applies = draft.applies;
        this.offered = draft.offered;
        this.spoken = draft.spoken;
        this.gauged = draft.gauged;
        this.put = put;
        this.get = get;
    }

    /** One of an enumeration, each its words: {@code <name>.<VALUE>} unless given. */
    static <E extends Enum<E>> InputFieldBuilder<E> choice(String name, Class<E> type) {
        InputFieldBuilder<E> draft =
                new InputFieldBuilder<>(name, InputKind.CHOICE, (inputs, field) -> inputs.choice(field, type));
        draft.choices = Arrays.asList(type.getEnumConstants());
        return draft;
    }

    static InputFieldBuilder<Boolean> flag(String name) {
        return new InputFieldBuilder<>(name, InputKind.FLAG, InputSource::flag);
    }

    static InputFieldBuilder<Length> length(InputRange range) {
        InputFieldBuilder<Length> draft = new InputFieldBuilder<>(range.field(), InputKind.LENGTH, InputSource::length);
        draft.range = Optional.of(range);
        return draft;
    }

    static InputFieldBuilder<Double> figure(InputRange range) {
        InputFieldBuilder<Double> draft = new InputFieldBuilder<>(range.field(), InputKind.FIGURE, InputSource::figure);
        draft.range = Optional.of(range);
        return draft;
    }

    /** A field in the making. */
    static final class InputFieldBuilder<T> {
        private final String name;
        private final InputKind kind;
        private final BiFunction<InputSource, InputField<T>, Optional<T>> reading;
        private List<T> choices = List.of();
        private Optional<InputRange> range = Optional.empty();
        private Optional<T> usual = Optional.empty();
        private boolean required;
        private Predicate<JointForm> applies = form -> true;
        private BiPredicate<JointForm, T> offered = (form, value) -> true;
        private String spoken;
        private Optional<InputField<Material>> gauged = Optional.empty();

        private InputFieldBuilder(
                String name, InputKind kind, BiFunction<InputSource, InputField<T>, Optional<T>> reading) {
            this.name = name;
            this.kind = kind;
            this.reading = reading;
            this.spoken = name;
        }

        /** What is used where it is not given. */
        InputFieldBuilder<T> usually(T value) {
            usual = Optional.of(value);
            return this;
        }

        InputFieldBuilder<T> required() {
            required = true;
            return this;
        }

        /** The joint forms it applies to. */
        InputFieldBuilder<T> appliesTo(Predicate<JointForm> forms) {
            applies = forms;
            return this;
        }

        /** The joint forms that a choice is offered for. */
        InputFieldBuilder<T> offering(BiPredicate<JointForm, T> forms) {
            offered = forms;
            return this;
        }

        /** Its choices have the words of another key. */
        InputFieldBuilder<T> spokenAs(String words) {
            spoken = words;
            return this;
        }

        /** May be given as a gauge of this field's metal. */
        InputFieldBuilder<T> gaugedBy(InputField<Material> metal) {
            gauged = Optional.of(metal);
            return this;
        }

        /** How it is written and read. */
        InputField<T> into(BiConsumer<WeldBuilder, T> put, Function<Weld, T> get) {
            return new InputField<>(this, put, weld -> Optional.of(get.apply(weld)));
        }

        InputField<T> maybeInto(BiConsumer<WeldBuilder, T> put, Function<Weld, Optional<T>> get) {
            return new InputField<>(this, put, get);
        }
    }

    /** Reads the value, where it is given and usable, into a weld in the making. */
    void read(InputSource inputs, WeldBuilder entry) {
        reading.apply(inputs, this).ifPresent(value -> put.accept(entry, value));
    }

    /**
     * {@return its value in a weld; empty where it has none}
     *
     * @param weld the weld
     */
    public Optional<T> of(Weld weld) {
        return get.apply(weld);
    }

    /** {@return its name in calls and forms} */
    public String name() {
        return name;
    }

    /** {@return the kind of its value} */
    public InputKind kind() {
        return kind;
    }

    /** {@return every choice, in order; empty for another kind} */
    public List<T> choices() {
        return choices;
    }

    /**
     * {@return those of its choices that apply to a joint form, in order}
     *
     * @param form the joint form
     */
    public List<T> choicesFor(JointForm form) {
        return choices.stream().filter(value -> offered.test(form, value)).toList();
    }

    /**
     * Empty for choices and flags.
     *
     * @return the input range, or empty
     */
    public Optional<InputRange> range() {
        return range;
    }

    /** {@return what is used where it is not given; empty where nothing does} */
    public Optional<T> usual() {
        return usual;
    }

    /** {@return whether it has no default and must be given} */
    public boolean isRequired() {
        return required;
    }

    /**
     * {@return whether it applies to a joint form}
     *
     * @param form the joint form
     */
    public boolean appliesTo(JointForm form) {
        return applies.test(form);
    }

    /** {@return the field of the metal whose gauges it may be given in} */
    public Optional<InputField<Material>> gauged() {
        return gauged;
    }

    /** {@return words that name it} */
    public String words() {
        return "field." + name;
    }

    /**
     * {@return words that name one of its choices}
     *
     * @param choice the choice
     */
    public String words(T choice) {
        return spoken + "." + choice;
    }

    /** {@return what other shops call it} */
    public List<String> aliases() {
        return Phrasebook.find(words() + ".aliases").stream()
                .flatMap(names -> Arrays.stream(names.split(", ")))
                .toList();
    }
}
