package vastarc.web.request;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import vastarc.core.finding.Problem;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.ScoreChoices;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.SettingKey;

/** Reads the hand's own values and the control logic: what stands over the engine's sheet. */
public final class OwnReader {

    /** Own values stand under this name, followed by the setting's. */
    public static final String OWN = "own.";

    public static final String LOGIC = "logic";

    /** Names of all own values. */
    public static final Set<String> FIELDS =
            Arrays.stream(ScoreKey.values()).map(OwnReader::field).collect(Collectors.toUnmodifiableSet());

    private OwnReader() {}

    /**
     * Own values as far as they can be read.
     *
     * @param settings own values of the sheet's settings
     * @param choices  the logic, and own values that only a score has
     * @param problems what could not be read, by field
     */
    public record Own(OwnValues settings, ScoreChoices choices, List<Problem> problems) {}

    public static String field(ScoreKey key) {
        return OWN + key.apiName();
    }

    public static Own read(Fields fields) {
        Map<SettingKey, Double> settings = new EnumMap<>(SettingKey.class);
        Map<ScoreKey, Double> scores = new EnumMap<>(ScoreKey.class);
        for (ScoreKey key : ScoreKey.values()) {
            OptionalDouble value = fields.number(key.range().inField(field(key)));
            if (value.isPresent()) {
                key.setting()
                        .ifPresentOrElse(
                                setting -> settings.put(setting, value.getAsDouble()),
                                () -> scores.put(key, value.getAsDouble()));
            }
        }
        Optional<ControlLogic> logic =
                fields.choice(LOGIC, ControlLogic.Name.class).map(ControlLogic::of);
        return new Own(new OwnValues(settings), new ScoreChoices(logic, scores), fields.problems());
    }
}
