package vastarc.core.score;

import java.util.Map;
import java.util.Optional;
import vastarc.core.quantity.Quantity;
import vastarc.core.sheet.Setting.Standing;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;

/** What a figure outside its window does to the bead, with this score's own numbers. */
final class ScoreWarnings {

    private ScoreWarnings() {}

    static Optional<Phrase> of(
            Handle handle, Map<ScoreKey, Handle> all, Timeline timeline, PoolTrack pool, Sheet sheet, double leastA) {
        if (handle.isIdle()) {
            return Optional.empty();
        }
        Optional<Phrase> arc = unstable(handle, all, leastA);
        if (arc.isPresent()) {
            return arc;
        }
        Standing standing = handle.standing();
        if (standing == Standing.INSIDE) {
            return Optional.empty();
        }
        boolean below = standing == Standing.BELOW;
        double bound = below ? handle.window().low() : handle.window().high();
        double poolAtOut = pool.widthAt(timeline.arcOutS());
        return Optional.of(Phrase.of(
                "score." + (below ? "below." : "above.") + handle.key().apiName(),
                handle.quantity(),
                Quantity.of(bound, handle.key().unit()),
                Quantity.millimetres(poolAtOut),
                Quantity.millimetres(sheet.setting(SettingKey.POOL_WIDTH).engineValue())));
    }

    /** A current the tungsten does not hold. */
    private static Optional<Phrase> unstable(Handle handle, Map<ScoreKey, Handle> all, double leastA) {
        double current = switch (handle.key()) {
            case START_CURRENT, END_CURRENT, SECOND_CURRENT, WORKING_CURRENT -> handle.value();
            case PULSE_BACKGROUND ->
                handle.value() / 100 * all.get(ScoreKey.WORKING_CURRENT).value();
            default -> leastA;
        };
        return current < leastA - 0.05
                ? Optional.of(Phrase.of("score.unstable", Quantity.amperes(current), Quantity.amperes(leastA)))
                : Optional.empty();
    }
}
