package vastarc.core.score;

import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.quantity.Quantity;
import vastarc.core.sheet.Setting.Standing;
import vastarc.core.sheet.Window;
import vastarc.core.wording.Phrase;

/**
 * A figure of a score that can be pulled or typed.
 *
 * @param key     which
 * @param window  what the engine would set, and between what
 * @param own     the hand's own value, where it has set one
 * @param idle    why it does nothing under this control; empty where it does something
 * @param warning what the value does to the bead or the arc, where it leaves its window
 */
public record Handle(ScoreKey key, Window window, OptionalDouble own, Optional<Phrase> idle, Optional<Phrase> warning) {

    public double value() {
        return own.orElse(window.value());
    }

    public Quantity quantity() {
        return Quantity.of(value(), key.unit());
    }

    public boolean isIdle() {
        return idle.isPresent();
    }

    /** Where the value stands to its window, half a panel step forgiven. */
    public Standing standing() {
        double slack = 0.5 * key.step(value());
        return value() < window.low() - slack
                ? Standing.BELOW
                : value() > window.high() + slack ? Standing.ABOVE : Standing.INSIDE;
    }

    Handle warned(Optional<Phrase> text) {
        return new Handle(key, window, own, idle, text);
    }
}
