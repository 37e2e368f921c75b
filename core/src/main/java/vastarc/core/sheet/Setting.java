package vastarc.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * One setting of the sheet and everything that stands behind it.
 *
 * @param key     which
 * @param window  value and window in the key's unit; empty for a setting that is words
 * @param text    the value in words, for a setting that is words
 * @param idle    has no effect under this control or for this job: stays at rest
 * @param school  the school or rule that set it
 * @param reason  why, in a sentence
 * @param inputs  the numbers that went in
 * @param others  what the other schools would set
 * @param gaveUp  what the shelf cost, where it lacks the right one
 * @param own     the hand's own value, which then stands instead of the window's
 */
public record Setting(
        SettingKey key,
        Optional<Window> window,
        Optional<Phrase> text,
        boolean idle,
        School school,
        Phrase reason,
        List<Input> inputs,
        List<Alternative> others,
        Optional<Phrase> gaveUp,
        OptionalDouble own) {

    /** Where a value stands to its window. */
    public enum Standing {
        INSIDE,
        BELOW,
        ABOVE
    }

    /** A number that went into a setting; {@code name} is spoken by the words {@code input.<name>}. */
    public record Input(String name, Quantity value) {}

    /** What another school would set. */
    public record Alternative(School school, Quantity value) {}

    public Setting {
        inputs = List.copyOf(inputs);
        others = List.copyOf(others);
    }

    /** Value of a setting that is a figure: the hand's own where there is one, else the engine's. */
    public double value() {
        return own.orElseGet(this::engineValue);
    }

    /** What the engine would set. */
    public double engineValue() {
        return window.orElseThrow().value();
    }

    /** Where the value stands to the engine's window. */
    public Standing standing() {
        Window bounds = window.orElseThrow();
        double slack = 1e-9 * Math.max(1, Math.abs(value()));
        return value() < bounds.low() - slack
                ? Standing.BELOW
                : value() > bounds.high() + slack ? Standing.ABOVE : Standing.INSIDE;
    }

    /** The same setting at the hand's own value. */
    public Setting at(double ownValue) {
        return new Setting(
                key, window, text, idle, school, reason, inputs, others, gaveUp, OptionalDouble.of(ownValue));
    }

    public Quantity quantity() {
        return Quantity.of(value(), key.unit());
    }

    /** The value as a reader sees it, with its unit or in words. */
    public String shown(UnitSystem units) {
        return window.isPresent() ? units.show(quantity()).line() : Phrasebook.say(text.orElseThrow(), units);
    }

    static Draft figure(SettingKey key, Window window) {
        return new Draft(key, Optional.of(window), Optional.empty());
    }

    static Draft words(SettingKey key, Phrase text) {
        return new Draft(key, Optional.empty(), Optional.of(text));
    }

    /** A setting in the making. */
    static final class Draft {
        private final SettingKey key;
        private final Optional<Window> window;
        private final Optional<Phrase> text;
        private final List<Input> inputs = new ArrayList<>(4);
        private final List<Alternative> others = new ArrayList<>(3);
        private School school = School.RULE;
        private boolean idle;
        private Optional<Phrase> gaveUp = Optional.empty();

        private Draft(SettingKey key, Optional<Window> window, Optional<Phrase> text) {
            this.key = key;
            this.window = window;
            this.text = text;
        }

        Draft by(School value) {
            school = value;
            return this;
        }

        Draft gaveUp(Optional<Phrase> value) {
            gaveUp = value;
            return this;
        }

        Draft idle() {
            idle = true;
            return this;
        }

        Draft from(String name, Quantity value) {
            inputs.add(new Input(name, value));
            return this;
        }

        Draft other(School value, double figure) {
            if (value != school) {
                others.add(new Alternative(value, Quantity.of(figure, key.unit())));
            }
            return this;
        }

        /** Only where it holds. */
        Draft other(School value, boolean holds, double figure) {
            return holds ? other(value, figure) : this;
        }

        /** Ends the draft with the words {@code reason.<code>}. */
        Setting because(String code, Object... arguments) {
            return new Setting(
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
