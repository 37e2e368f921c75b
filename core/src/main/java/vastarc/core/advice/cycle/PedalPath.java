package vastarc.core.advice.cycle;

import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.OperatorInput.InputAction;

/** The pedal over time: it moves evenly from one known position to the next. */
final class PedalPath {

    private static final double AT_REST = 1e-9;

    private final List<OperatorInput> touches;
    private double fromS;
    private double from;
    private double toS = Double.POSITIVE_INFINITY;
    private double to;

    /** The path through the pedal positions among inputs in order of time. */
    PedalPath(List<OperatorInput> inputs) {
        this.touches = inputs;
    }

    /**
     * Aims at the next place.
     *
     * @param next the first touch still to come
     * @return the foot is off its rest, or about to leave it
     */
    boolean aim(double nowS, int next) {
        from = at(nowS);
        fromS = nowS;
        Optional<OperatorInput> goal = touches.stream()
                .skip(next)
                .filter(input -> input.kind() == InputAction.FOOT)
                .findFirst();
        toS = goal.map(OperatorInput::atS).orElse(Double.POSITIVE_INFINITY);
        to = goal.map(OperatorInput::foot).orElse(from);
        return from > AT_REST || to > AT_REST;
    }

    /** Where it is, 0 at rest to 1 flat down. */
    double at(double timeS) {
        if (Double.isInfinite(toS) || toS <= fromS) {
            return timeS >= toS ? to : from;
        }
        double share = Math.min(1, (timeS - fromS) / (toS - fromS));
        return from + (to - from) * share;
    }

    /** When it passes a place between two times, s; the later time where it does not. */
    double passesS(double place, double nowS, double untilS) {
        double before = at(nowS) - place;
        double after = at(untilS) - place;
        return before * after < 0 ? nowS + (untilS - nowS) * before / (before - after) : untilS;
    }
}
