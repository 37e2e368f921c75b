package vastarc.core.advice.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.MethodFigure;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;

/**
 * One setting of the sheet and everything that is behind it.
 *
 * @param key     which
 * @param window  range in the key's unit; empty for a setting that is words
 * @param text    the value in words, for a setting that is words
 * @param idle    has no effect under this control or for this job: stays at rest
 * @param school  the method or rule that set it
 * @param reason  why, in a sentence
 * @param inputs  the numbers that went in
 * @param others  what the other methods would set
 * @param gaveUp  what the stock cost, where it lacks the right one
 * @param own     the welder's own value, which is then used instead of the calculated one
 */
public record Parameter(
        ParameterKey key,
        Optional<Range> window,
        Optional<Phrase> text,
        boolean idle,
        Method school,
        Phrase reason,
        List<ParameterInput> inputs,
        List<MethodValue> others,
        Optional<Phrase> gaveUp,
        OptionalDouble own) {

    /** Whether a value is inside, below or above its range. */
    public enum RangePosition {
        /** Inside the range. */
        INSIDE,
        /** Below the range. */
        BELOW,
        /** Above the range. */
        ABOVE
    }

    /** A number that went into a setting; {@code name} is its words: {@code input.<name>}. */
    public record ParameterInput(String name, Quantity value) {}

    /** What another method would set. */
    public record MethodValue(Method school, Quantity value) {}

    /** Copies its collections, so that it cannot change. */
    public Parameter {
        inputs = List.copyOf(inputs);
        others = List.copyOf(others);
    }

    /** {@return value of a setting that is a figure: the welder's own where there is one, else the engine's} */
    public double value() {
        return own.orElseGet(this::engineValue);
    }

    /** {@return what the engine would set} */
    public double engineValue() {
        return window.orElseThrow().value();
    }

    /** {@return whether the value is inside, below or above its range} */
    public RangePosition standing() {
        Range bounds = window.orElseThrow();
        double slack = 1e-9 * Math.max(1, Math.abs(value()));
        return value() < bounds.low() - slack
                ? RangePosition.BELOW
                : value() > bounds.high() + slack ? RangePosition.ABOVE : RangePosition.INSIDE;
    }

    /**
     * {@return the same setting at the welder's own value}
     *
     * @param ownValue the own value, in the fixed unit of the parameter
     */
    public Parameter at(double ownValue) {
        return new Parameter(
                key, window, text, idle, school, reason, inputs, others, gaveUp, OptionalDouble.of(ownValue));
    }

    /** {@return the value with its unit} */
    public Quantity quantity() {
        return Quantity.of(value(), key.unit());
    }

    /**
     * {@return the value as a reader sees it, with its unit or in words}
     *
     * @param units the units
     */
    public String shown(UnitSystem units) {
        return window.isPresent() ? units.show(quantity()).line() : Phrasebook.say(text.orElseThrow(), units);
    }

    static ParameterBuilder figure(ParameterKey key, Range range) {
        return new ParameterBuilder(key, Optional.of(range), Optional.empty());
    }

    /** A setting with the method that gave it, and what the others would. */
    static ParameterBuilder figure(ParameterKey key, MethodFigure figure) {
        ParameterBuilder draft = figure(key, figure.range()).by(figure.method());
        figure.byMethod().forEach(draft::other);
        return draft;
    }

    static ParameterBuilder words(ParameterKey key, Phrase text) {
        return new ParameterBuilder(key, Optional.empty(), Optional.of(text));
    }

    /** A setting in the making. */
    static final class ParameterBuilder {
        private final ParameterKey key;
        private final Optional<Range> window;
        private final Optional<Phrase> text;
        private final List<ParameterInput> inputs = new ArrayList<>(4);
        private final List<MethodValue> others = new ArrayList<>(3);
        private Method school = Method.RULE;
        private boolean idle;
        private Optional<Phrase> gaveUp = Optional.empty();

        private ParameterBuilder(ParameterKey key, Optional<Range> range, Optional<Phrase> text) {
            this.key = key;
            this.window = range;
            this.text = text;
        }

        ParameterBuilder by(Method value) {
            school = value;
            return this;
        }

        ParameterBuilder gaveUp(Optional<Phrase> value) {
            gaveUp = value;
            return this;
        }

        ParameterBuilder idle() {
            idle = true;
            return this;
        }

        ParameterBuilder from(String name, Quantity value) {
            inputs.add(new ParameterInput(name, value));
            return this;
        }

        ParameterBuilder other(Method value, double figure) {
            if (value != school) {
                others.add(new MethodValue(value, Quantity.of(figure, key.unit())));
            }
            return this;
        }

        /** Ends the draft with the words {@code reason.<code>}. */
        Parameter because(String code, Object... arguments) {
            return new Parameter(
                    key,
                    window,
                    text,
                    idle,
                    school,
                    Phrase.of("reason." + code, arguments),
                    inputs,
                    others,
                    gaveUp,
                    OptionalDouble.empty());
        }
    }
}
