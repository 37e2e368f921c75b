package vastarc.core.reading;

import java.util.Optional;
import java.util.Set;
import vastarc.core.quantity.Quantity;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.Window;
import vastarc.core.wording.Phrase;

/**
 * What to change for a cause, and how to see whether it was that.
 *
 * @param move  a figure to set otherwise; empty where something is to be done
 * @param act   what to do, in words
 * @param check how to tell
 */
public record Remedy(Optional<Move> move, Phrase act, Phrase check) {

    /** Large enough to be seen on the next bead. */
    private static final double STEP = 0.2;

    private static final double SLOPE_STEP = 0.35;

    /** Sizes that are bought, not dialled. */
    private static final Set<SettingKey> BOUGHT =
            Set.of(SettingKey.TUNGSTEN_DIAMETER, SettingKey.WIRE_DIAMETER, SettingKey.CUP_SIZE, SettingKey.TIP_ANGLE);

    private static final Set<SettingKey> TIMES =
            Set.of(SettingKey.UP_SLOPE, SettingKey.DOWN_SLOPE, SettingKey.PRE_FLOW, SettingKey.POST_FLOW);

    /** A figure from where it stood to where it should. */
    public record Move(SettingKey key, double from, double to) {}

    static Remedy of(Cause cause, ReadingAsk ask) {
        return new Remedy(
                cause.figure().flatMap(key -> move(cause, key, ask)),
                Phrase.of(cause.words() + ".do"),
                Phrase.of(cause.words() + ".check"));
    }

    /** Back into the window where it stood outside; a step on where it stood well and still seems wrong. */
    private static Optional<Move> move(Cause cause, SettingKey key, ReadingAsk ask) {
        Sheet sheet = ask.sheet();
        Optional<Setting> setting = sheet.find(key);
        Optional<Window> window = setting.flatMap(Setting::window);
        if (setting.isEmpty() || window.isEmpty()) {
            return Optional.empty();
        }
        double engine = setting.get().engineValue();
        Double told = ask.set().get(key);
        double from = told != null ? told : setting.get().value();
        boolean inside = from >= window.get().low() && from <= window.get().high();
        if (inside && (BOUGHT.contains(key) || setting.get().idle() || from == 0)) {
            return Optional.empty();
        }
        double step = (TIMES.contains(key) ? SLOPE_STEP : STEP) * (cause.side() == Cause.Side.LOW ? 1 : -1);
        double to = rounded(key, inside ? from * (1 + step) : engine);
        double stood = told != null ? from : rounded(key, from);
        return to == stood ? Optional.empty() : Optional.of(new Move(key, stood, to));
    }

    /** To what a hand can set. */
    private static double rounded(SettingKey key, double value) {
        double step = switch (key.unit()) {
            case AMPERE -> value < 10 ? 0.1 : 1;
            case LITRE_PER_MIN -> 0.5;
            case SECOND, STOCK_MILLIMETRE, RULED_MILLIMETRE, MILLIMETRE -> 0.1;
            default -> 1;
        };
        return Math.round(value / step) * step;
    }

    /** In words: the figure with its amount, or what to do. */
    public Phrase says() {
        return move.map(one -> Phrase.of(
                        "reading.move",
                        Phrase.of(one.key().words()),
                        Quantity.of(one.from(), one.key().unit()),
                        Quantity.of(one.to(), one.key().unit())))
                .orElse(act);
    }
}
