package vastarc.core.advice.cycle;

import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.Parameter.RangePosition;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;

/**
 * A figure of a weld cycle that can be pulled or typed.
 *
 * @param key     which
 * @param window  what the engine would set, and between what
 * @param own     the welder's own value, where it has set one
 * @param idle    why it does nothing under this control; empty where it does something
 * @param warning what the value does to the bead or the arc, where it leaves its range
 */
public record CycleHandle(
        CycleKey key, Range window, OptionalDouble own, Optional<Phrase> idle, Optional<Phrase> warning) {

    /** {@return the value in the fixed unit of its key} */
    public double value() {
        return own.orElse(window.value());
    }

    /** {@return the value with its unit} */
    public Quantity quantity() {
        return Quantity.of(value(), key.unit());
    }

    /** {@return whether the trigger mode or arc control does not use it} */
    public boolean isIdle() {
        return idle.isPresent();
    }

    /** {@return whether the value is inside its range, with half a panel step of tolerance} */
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
