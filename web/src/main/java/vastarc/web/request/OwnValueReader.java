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
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.validation.Problem;
import vastarc.web.store.job.OwnValuesText;

/** The welder's own values and the control logic: what overrides the engine's sheet. */
public final class OwnValueReader {

    /** Field of the person's own values. */
    public static final String OWN = "own";
    /** Field of the trigger mode. */
    public static final String LOGIC = "logic";

    private static final Set<String> NAMES =
            Arrays.stream(CycleKey.values()).map(CycleKey::apiName).collect(Collectors.toCollection(TreeSet::new));

    private OwnValueReader() {}

    /**
     * Own values as far as they can be read.
     *
     * @param settings own values of the sheet's settings
     * @param choices  the logic, and own values that only a weld cycle has
     * @param problems what could not be read, by field
     */
    public record OwnInput(OwnValues settings, CycleChoices choices, List<Problem> problems) {}

    /**
     * {@return own values of a call: an object by setting, and the name of a logic beside it}
     *
     * @param body the document
     */
    public static OwnInput read(JsonNode body) {
        List<Problem> problems = new ArrayList<>();
        Map<CycleKey, Double> figures = new EnumMap<>(CycleKey.class);
        Optional<JsonNode> own = Optional.ofNullable(body.get(OWN)).filter(node -> !node.isNull());
        if (own.isPresent() && own.get().isObject()) {
            figures.putAll(figures(own.get(), problems));
        } else if (own.isPresent()) {
            problems.add(JsonInputs.wrongType(
                    OWN, own.get(), "an object of own values by setting, such as {\"downSlope\": 3}"));
        }
        Optional<TriggerModeName> mode = Optional.ofNullable(body.get(LOGIC))
                .filter(node -> !node.isNull())
                .flatMap(node -> JsonInputs.choice(LOGIC, node, TriggerModeName.class, problems));
        return own(figures, mode, problems);
    }

    private static Map<CycleKey, Double> figures(JsonNode own, List<Problem> problems) {
        for (String name : own.propertyNames()) {
            if (!NAMES.contains(name)) {
                problems.add(Problem.badValue(
                        OwnValuesText.PREFIX + ApiNames.shortened(name), "unknownField", String.join(", ", NAMES)));
            }
        }
        Map<CycleKey, Double> figures = new EnumMap<>(CycleKey.class);
        for (CycleKey key : CycleKey.values()) {
            JsonNode node = own.get(key.apiName());
            if (node != null && !node.isNull()) {
                OptionalDouble figure =
                        JsonInputs.number(node, key.range().inField(OwnValuesText.field(key)), problems);
                figure.ifPresent(value -> figures.put(key, value));
            }
        }
        return figures;
    }

    /**
     * {@return own values of a job: figures out of range are problems, as are texts that are none}
     *
     * @param kept the own values as stored
     * @param mode the trigger mode
     */
    public static OwnInput of(OwnValuesText kept, Optional<TriggerModeName> mode) {
        List<Problem> problems = new ArrayList<>();
        Map<CycleKey, Double> figures = new EnumMap<>(CycleKey.class);
        kept.values()
                .forEach((key, value) -> key.range()
                        .inField(OwnValuesText.field(key))
                        .check(value)
                        .ifPresentOrElse(problems::add, () -> figures.put(key, value)));
        kept.unread()
                .forEach((key, text) -> problems.add(Problem.badValue(
                        OwnValuesText.field(key),
                        "type",
                        "“" + ApiNames.shortened(text.strip()) + "”",
                        "a number in " + key.unit().symbol())));
        return own(figures, mode, problems);
    }

    private static OwnInput own(Map<CycleKey, Double> figures, Optional<TriggerModeName> mode, List<Problem> problems) {
        Map<ParameterKey, Double> settings = new EnumMap<>(ParameterKey.class);
        Map<CycleKey, Double> scores = new EnumMap<>(CycleKey.class);
        figures.forEach((key, value) ->
                key.setting().ifPresentOrElse(setting -> settings.put(setting, value), () -> scores.put(key, value)));
        return new OwnInput(
                new OwnValues(settings), new CycleChoices(mode.map(TriggerMode::of), scores), List.copyOf(problems));
    }
}
