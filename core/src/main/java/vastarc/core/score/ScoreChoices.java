package vastarc.core.score;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the hand has chosen for a score.
 *
 * @param logic the control logic; the sheet's own control decides where it is empty
 * @param own   own values of figures that only a score has; those of the sheet's settings come with the sheet
 */
public record ScoreChoices(Optional<ControlLogic> logic, Map<ScoreKey, Double> own) {

    private static final ScoreChoices NONE = new ScoreChoices(Optional.empty(), Map.of());

    public ScoreChoices {
        Map<ScoreKey, Double> copy = new EnumMap<>(ScoreKey.class);
        copy.putAll(own);
        own = Collections.unmodifiableMap(copy);
    }

    public static ScoreChoices none() {
        return NONE;
    }

    OptionalDouble own(ScoreKey key) {
        Double value = own.get(key);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
