package vastarc.core.score;

import java.util.Optional;
import vastarc.core.quantity.Quantity;
import vastarc.core.sheet.Setting.Standing;
import vastarc.core.sheet.SettingKey;
import vastarc.core.wording.Phrase;

/** What a figure outside its window does to the bead, with this score's own numbers. */
final class ScoreWarnings {

    private final Score score;
    private final double leastA;

    ScoreWarnings(Score score) {
        this.score = score;
        this.leastA = score.values().leastA();
    }

    Optional<Phrase> of(Handle handle) {
        if (handle.isIdle()) {
            return Optional.empty();
        }
        Optional<Phrase> arc = unstable(handle);
        if (arc.isPresent()) {
            return arc;
        }
        Standing standing = handle.standing();
        return standing == Standing.INSIDE ? Optional.empty() : Optional.of(passed(handle, standing == Standing.BELOW));
    }

    private Phrase passed(Handle handle, boolean below) {
        double bound = below ? handle.window().low() : handle.window().high();
        double poolAtOut = score.pool().widthAt(score.timeline().arcOutS());
        return Phrase.of(
                "score." + (below ? "below." : "above.") + handle.key().apiName(),
                handle.quantity(),
                Quantity.of(bound, handle.key().unit()),
                Quantity.millimetres(poolAtOut),
                Quantity.millimetres(
                        score.sheet().setting(SettingKey.POOL_WIDTH).engineValue()));
    }

    /** A current the tungsten does not hold. */
    private Optional<Phrase> unstable(Handle handle) {
        double current = switch (handle.key()) {
            case START_CURRENT, END_CURRENT, SECOND_CURRENT, WORKING_CURRENT -> handle.value();
            case PULSE_BACKGROUND ->
                handle.value() / 100 * score.bare(ScoreKey.WORKING_CURRENT).value();
            default -> leastA;
        };
        return current < leastA - 0.05
                ? Optional.of(Phrase.of("score.unstable", Quantity.amperes(current), Quantity.amperes(leastA)))
                : Optional.empty();
    }
}
