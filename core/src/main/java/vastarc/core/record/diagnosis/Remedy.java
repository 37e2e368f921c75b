package vastarc.core.record.diagnosis;

import java.util.Optional;
import java.util.Set;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.record.diagnosis.Cause.RangeSide;

/**
 * What to change for a cause, and how to see whether it was that.
 *
 * @param move  a figure to set otherwise; empty where something is to be done
 * @param act   what to do, in words
 * @param check how to check
 */
public record Remedy(Optional<FigureChange> move, Phrase act, Phrase check) {

    /** Large enough to be seen on the next bead. */
    private static final double STEP = 0.2;

    private static final double SLOPE_STEP = 0.35;

    /** Sizes that are bought, not dialled. */
    private static final Set<ParameterKey> BOUGHT = Set.of(
            ParameterKey.TUNGSTEN_DIAMETER, ParameterKey.WIRE_DIAMETER, ParameterKey.CUP_SIZE, ParameterKey.TIP_ANGLE);

    private static final Set<ParameterKey> TIMES =
            Set.of(ParameterKey.UP_SLOPE, ParameterKey.DOWN_SLOPE, ParameterKey.PRE_FLOW, ParameterKey.POST_FLOW);

    /** The change of a value. */
    public record FigureChange(ParameterKey key, double from, double to) {}

    static Remedy of(Cause cause, DiagnosisRequest request) {
        return new Remedy(
                cause.figure().flatMap(key -> move(cause, key, request)),
                Phrase.of(cause.words() + ".do"),
                Phrase.of(cause.words() + ".check"));
    }

    /** Back into the range where it was outside; one step further where it was inside and still seems wrong. */
    private static Optional<FigureChange> move(Cause cause, ParameterKey key, DiagnosisRequest request) {
        SetupSheet sheet = request.sheet();
        Optional<Parameter> parameter = sheet.find(key);
        Optional<Range> range = parameter.flatMap(Parameter::window);
        if (parameter.isEmpty() || range.isEmpty()) {
            return Optional.empty();
        }
        double engine = parameter.get().engineValue();
        Double entered = request.set().get(key);
        double from = entered != null ? entered : parameter.get().value();
        boolean inside = from >= range.get().low() && from <= range.get().high();
        if (inside && (BOUGHT.contains(key) || parameter.get().idle() || from == 0)) {
            return Optional.empty();
        }
        double step = (TIMES.contains(key) ? SLOPE_STEP : STEP) * (cause.side() == RangeSide.LOW ? 1 : -1);
        double to = rounded(key, inside ? from * (1 + step) : engine);
        double used = entered != null ? from : rounded(key, from);
        return to == used ? Optional.empty() : Optional.of(new FigureChange(key, used, to));
    }

    /** To what the welder can set. */
    private static double rounded(ParameterKey key, double value) {
        double step = switch (key.unit()) {
            case AMPERE -> value < 10 ? 0.1 : 1;
            case LITRE_PER_MIN -> 0.5;
            case SECOND, STOCK_MILLIMETRE, RULED_MILLIMETRE, MILLIMETRE -> 0.1;
            default -> 1;
        };
        return Math.round(value / step) * step;
    }

    /**
     * In words: the figure with its amount, or what to do.
     *
     * @return the phrase
     */
    public Phrase says() {
        return move.map(change -> Phrase.of(
                        "reading.move",
                        Phrase.of(change.key().words()),
                        Quantity.of(change.from(), change.key().unit()),
                        Quantity.of(change.to(), change.key().unit())))
                .orElse(act);
    }
}
