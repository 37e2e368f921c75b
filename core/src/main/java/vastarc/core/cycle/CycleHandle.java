package vastarc.core.cycle;

import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.quantity.Quantity;
import vastarc.core.sheet.Parameter.RangePosition;
import vastarc.core.sheet.Range;
import vastarc.core.text.Phrase;

/**
 * A figure of a score that can be pulled or typed.
 *
 * @param key     which
 * @param window  what the engine would set, and between what
 * @param own     the hand's own value, where it has set one
 * @param idle    why it does nothing under this control; empty where it does something
 * @param warning what the value does to the bead or the arc, where it leaves its window
 */
public record CycleHandle(
        CycleKey key, Range window, OptionalDouble own, Optional<Phrase> idle, Optional<Phrase> warning) {

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
    public RangePosition position() {
        double slack = 0.5 * key.step(value());
        return value() < window.low() - slack
                ? RangePosition.BELOW
                : value() > window.high() + slack ? RangePosition.ABOVE : RangePosition.INSIDE;
    }

    CycleHandle warned(Optional<Phrase> text) {
        return new CycleHandle(key, window, own, idle, text);
    }
}
