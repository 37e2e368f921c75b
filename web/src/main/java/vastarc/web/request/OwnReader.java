package vastarc.web.request;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import vastarc.core.finding.Problem;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.ScoreChoices;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.SettingKey;
import vastarc.web.kept.job.OwnFigures;

/** The hand's own values and the control logic: what stands over the engine's sheet. */
public final class OwnReader {

    public static final String OWN = "own";
    public static final String LOGIC = "logic";

    private static final Set<String> NAMES =
            Arrays.stream(ScoreKey.values()).map(ScoreKey::apiName).collect(Collectors.toCollection(TreeSet::new));

    private OwnReader() {}

    /**
     * Own values as far as they can be read.
     *
     * @param settings own values of the sheet's settings
     * @param choices  the logic, and own values that only a score has
     * @param problems what could not be read, by field
     */
    public record Own(OwnValues settings, ScoreChoices choices, List<Problem> problems) {}

    /** Own values of a call: an object by setting, and the name of a logic beside it. */
    public static Own read(JsonNode body) {
        List<Problem> problems = new ArrayList<>();
        Map<ScoreKey, Double> figures = new EnumMap<>(ScoreKey.class);
        Optional<JsonNode> own = Optional.ofNullable(body.get(OWN)).filter(node -> !node.isNull());
        if (own.isPresent() && own.get().isObject()) {
            figures.putAll(figures(own.get(), problems));
        } else if (own.isPresent()) {
            problems.add(JsonInputs.wrongType(
                    OWN, own.get(), "an object of own values by setting, such as {\"downSlope\": 3}"));
        }
        Optional<ControlLogic.Name> logic = Optional.ofNullable(body.get(LOGIC))
                .filter(node -> !node.isNull())
                .flatMap(node -> JsonInputs.choice(LOGIC, node, ControlLogic.Name.class, problems));
        return own(figures, logic, problems);
    }

    private static Map<ScoreKey, Double> figures(JsonNode own, List<Problem> problems) {
        for (String name : own.propertyNames()) {
            if (!NAMES.contains(name)) {
                problems.add(Problem.badValue(
                        OwnFigures.PREFIX + Choices.shortened(name), "unknownField", String.join(", ", NAMES)));
            }
        }
        Map<ScoreKey, Double> figures = new EnumMap<>(ScoreKey.class);
        for (ScoreKey key : ScoreKey.values()) {
            JsonNode node = own.get(key.apiName());
            if (node != null && !node.isNull()) {
                OptionalDouble figure = JsonInputs.number(node, key.range().inField(OwnFigures.field(key)), problems);
                figure.ifPresent(value -> figures.put(key, value));
            }
        }
        return figures;
    }

    /** Own values of a job: figures out of range are problems, as are texts that are none. */
    public static Own of(OwnFigures kept, Optional<ControlLogic.Name> logic) {
        List<Problem> problems = new ArrayList<>();
        Map<ScoreKey, Double> figures = new EnumMap<>(ScoreKey.class);
        kept.values()
                .forEach((key, value) -> key.range()
                        .inField(OwnFigures.field(key))
                        .check(value)
                        .ifPresentOrElse(problems::add, () -> figures.put(key, value)));
        kept.unread()
                .forEach((key, text) -> problems.add(Problem.badValue(
                        OwnFigures.field(key),
                        "type",
                        "“" + Choices.shortened(text.strip()) + "”",
                        "a number in " + key.unit().symbol())));
        return own(figures, logic, problems);
    }

    private static Own own(Map<ScoreKey, Double> figures, Optional<ControlLogic.Name> logic, List<Problem> problems) {
        Map<SettingKey, Double> settings = new EnumMap<>(SettingKey.class);
        Map<ScoreKey, Double> scores = new EnumMap<>(ScoreKey.class);
        figures.forEach((key, value) ->
                key.setting().ifPresentOrElse(setting -> settings.put(setting, value), () -> scores.put(key, value)));
        return new Own(
                new OwnValues(settings), new ScoreChoices(logic.map(ControlLogic::of), scores), List.copyOf(problems));
    }
}
