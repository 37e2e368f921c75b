package vastarc.core.advice.cycle;

import java.util.Optional;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.Parameter.RangePosition;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;

/** What a figure outside its range does to the bead, with this weld cycle's own numbers. */
final class CycleWarnings {

    private final WeldCycle score;
    private final double leastA;

    CycleWarnings(WeldCycle cycle) {
        this.score = cycle;
        this.leastA = cycle.values().leastA();
    }

    Optional<Phrase> of(CycleHandle handle) {
        if (handle.isIdle()) {
            return Optional.empty();
        }
        Optional<Phrase> arc = unstable(handle);
        if (arc.isPresent()) {
            return arc;
        }
        RangePosition standing = handle.position();
        return standing == RangePosition.INSIDE
                ? Optional.empty()
                : Optional.of(passed(handle, standing == RangePosition.BELOW));
    }

    private Phrase passed(CycleHandle handle, boolean below) {
        double bound = below ? handle.window().low() : handle.window().high();
        double poolAtOut = score.pool().widthAt(score.timeline().arcOutS());
        return Phrase.of(
                "score." + (below ? "below." : "above.") + handle.key().apiName(),
                handle.quantity(),
                Quantity.of(bound, handle.key().unit()),
                Quantity.millimetres(poolAtOut),
                Quantity.millimetres(
                        score.sheet().setting(ParameterKey.POOL_WIDTH).engineValue()));
    }

    /** A current the tungsten does not hold. */
    private Optional<Phrase> unstable(CycleHandle handle) {
        double current = switch (handle.key()) {
            case START_CURRENT, END_CURRENT, SECOND_CURRENT, WORKING_CURRENT -> handle.value();
            case PULSE_BACKGROUND ->
                handle.value() / 100 * score.bare(CycleKey.WORKING_CURRENT).value();
            default -> leastA;
        };
        return current < leastA - 0.05
                ? Optional.of(Phrase.of("score.unstable", Quantity.amperes(current), Quantity.amperes(leastA)))
                : Optional.empty();
    }
}
