package vastarc.core.rehearsal;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;

/** Two rehearsals, figure beside figure. */
public final class RehearsalComparison {

    private RehearsalComparison() {}

    /**
     * One figure of both.
     *
     * @param name  spoken by {@code rehearsal.figure.<name>}
     * @param one   of the first; empty where it has none
     * @param other of the second
     */
    public record Line(String name, Optional<Quantity> one, Optional<Quantity> other) {

        /** Second less first, in the unit of both; empty where one of them lacks it. */
        public OptionalDouble difference() {
            return one.isPresent() && other.isPresent()
                    ? OptionalDouble.of(other.get().value() - one.get().value())
                    : OptionalDouble.empty();
        }
    }

    /** The figures of one rehearsal, in the order they are told. */
    public static List<Line> figures(Rehearsal made) {
        return of(made, made);
    }

    public static List<Line> of(Rehearsal one, Rehearsal other) {
        return Stream.of(
                        line("front", one.widths().frontMm(), other.widths().frontMm(), Unit.RULED_MILLIMETRE),
                        line("back", one.widths().backMm(), other.widths().backMm(), Unit.RULED_MILLIMETRE),
                        line(
                                "spread",
                                one.widths().frontSpread(),
                                other.widths().frontSpread(),
                                Unit.PERCENT),
                        line("through", one.throughPercent(), other.throughPercent(), Unit.PERCENT),
                        line("start", one.ends().startMm(), other.ends().startMm(), Unit.RULED_MILLIMETRE),
                        line("end", one.ends().endMm(), other.ends().endMm(), Unit.RULED_MILLIMETRE),
                        line("crater", one.crater().depthMm(), other.crater().depthMm(), Unit.MILLIMETRE),
                        new Line("ripple", quantity(one.rippleMm()), quantity(other.rippleMm())),
                        line("buildUp", one.buildUpK(), other.buildUpK(), Unit.KELVIN),
                        line("meanRise", one.meanRiseK(), other.meanRiseK(), Unit.KELVIN),
                        line("arc", one.arcS(), other.arcS(), Unit.SECOND),
                        line("touch", one.touchS() / 60, other.touchS() / 60, Unit.MINUTE),
                        line(
                                "heat",
                                one.warping().heatJPerMm() / 1000,
                                other.warping().heatJPerMm() / 1000,
                                Unit.KJ_PER_MM),
                        line("warping", one.warping().index(), other.warping().index(), Unit.NUMBER))
                .toList();
    }

    private static Optional<Quantity> quantity(OptionalDouble mm) {
        return mm.isPresent() ? Optional.of(Quantity.millimetres(mm.getAsDouble())) : Optional.empty();
    }

    private static Line line(String name, double one, double other, Unit unit) {
        return new Line(name, Optional.of(Quantity.of(one, unit)), Optional.of(Quantity.of(other, unit)));
    }
}
