package vastarc.core.simulation;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;

/** Two simulations, figure beside figure. */
public final class SimulationComparison {

    private SimulationComparison() {}

    /**
     * One figure of both.
     *
     * @param name  its words: {@code rehearsal.figure.<name>}
     * @param one   of the first; empty where it has none
     * @param other of the second
     */
    public record ComparedFigure(String name, Optional<Quantity> one, Optional<Quantity> other) {

        /** {@return second less first, in the unit of both; empty where one of them lacks it} */
        public OptionalDouble difference() {
            return one.isPresent() && other.isPresent()
                    ? OptionalDouble.of(other.get().value() - one.get().value())
                    : OptionalDouble.empty();
        }
    }

    /**
     * {@return the figures of one simulation, in the order they are shown}
     *
     * @param made the simulation
     */
    public static List<ComparedFigure> figures(SimulationResult made) {
        return of(made, made);
    }

    /**
     * {@return the figures of two simulations side by side, in the order they are shown}
     *
     * @param result the result
     * @param other the other one
     */
    public static List<ComparedFigure> of(SimulationResult result, SimulationResult other) {
        return Stream.concat(bead(result, other), heat(result, other)).toList();
    }

    /**
     * {@return how far current and travel of two welds may slip before the weld is no longer right, by their maps: none of one that is not right}
     *
     * @param one   what was simulated
     * @param other the other one
     */
    public static List<ComparedFigure> slips(SimulationRequest one, SimulationRequest other) {
        SettingTolerance first = one.tolerance();
        SettingTolerance second = other.tolerance();
        return List.of(
                line("currentSlip", first.currentA(), second.currentA(), Unit.AMPERE),
                line("travelSlip", first.travelPercent(), second.travelPercent(), Unit.PERCENT));
    }

    private static Stream<ComparedFigure> bead(SimulationResult result, SimulationResult other) {
        return Stream.of(
                line("front", result.widths().frontMm(), other.widths().frontMm(), Unit.RULED_MILLIMETRE),
                line("back", result.widths().backMm(), other.widths().backMm(), Unit.RULED_MILLIMETRE),
                line("spread", result.widths().frontSpread(), other.widths().frontSpread(), Unit.PERCENT),
                line("through", result.throughPercent(), other.throughPercent(), Unit.PERCENT),
                line("start", result.ends().startMm(), other.ends().startMm(), Unit.RULED_MILLIMETRE),
                line("end", result.ends().endMm(), other.ends().endMm(), Unit.RULED_MILLIMETRE),
                line("crater", result.crater().depthMm(), other.crater().depthMm(), Unit.MILLIMETRE),
                new ComparedFigure("ripple", quantity(result.rippleMm()), quantity(other.rippleMm())));
    }

    private static Stream<ComparedFigure> heat(SimulationResult result, SimulationResult other) {
        return Stream.of(
                line("buildUp", result.buildUpK(), other.buildUpK(), Unit.KELVIN),
                line("meanRise", result.meanRiseK(), other.meanRiseK(), Unit.KELVIN),
                line("arc", result.arcS(), other.arcS(), Unit.SECOND),
                line("touch", result.touchS() / 60, other.touchS() / 60, Unit.MINUTE),
                line(
                        "heat",
                        result.warping().heatJPerMm() / 1000,
                        other.warping().heatJPerMm() / 1000,
                        Unit.KJ_PER_MM),
                line("warping", result.warping().index(), other.warping().index(), Unit.NUMBER));
    }

    private static Optional<Quantity> quantity(OptionalDouble mm) {
        return mm.isPresent() ? Optional.of(Quantity.millimetres(mm.getAsDouble())) : Optional.empty();
    }

    private static ComparedFigure line(String name, double value, double other, Unit unit) {
        return new ComparedFigure(name, Optional.of(Quantity.of(value, unit)), Optional.of(Quantity.of(other, unit)));
    }
}
