package vastarc.web.request;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.record.diagnosis.DiagnosisRequest;
import vastarc.core.record.diagnosis.Symptom;

/**
 * What a call says of a bead: figures as they were, symptoms seen and not seen, answers.
 *
 * @param set      by setting
 * @param seen     ids of signs
 * @param notSeen  likewise
 * @param answers  answers by question
 * @param problems what is wrong
 */
public record DiagnosisReader(
        Map<ParameterKey, Double> set,
        Set<String> seen,
        Set<String> notSeen,
        Map<String, String> answers,
        List<Problem> problems) {

    private static final double MOST = 100_000;
    private static final int MOST_SIGNS = 60;

    /**
     * Reads what a call says of a bead.
     *
     * @param body the document
     * @return the diagnosis reader
     */
    public static DiagnosisReader read(JsonNode body) {
        List<Problem> problems = new ArrayList<>();
        return new DiagnosisReader(
                set(body, problems),
                signs(body, "seen", problems),
                signs(body, "notSeen", problems),
                answers(body, problems),
                problems);
    }

    private static Optional<JsonNode> object(JsonNode body, String name, List<Problem> problems) {
        if (body.hasNonNull(name) && !body.get(name).isObject()) {
            problems.add(JsonInputs.wrongType(name, body.get(name), "an object"));
            return Optional.empty();
        }
        return body.hasNonNull(name) ? Optional.of(body.get(name)) : Optional.empty();
    }

    private static Map<ParameterKey, Double> set(JsonNode body, List<Problem> problems) {
        Map<ParameterKey, Double> set = new HashMap<>();
        object(body, "set", problems)
                .ifPresent(figures -> figures.properties().forEach(entry -> {
                    Optional<ParameterKey> key = ParameterKey.named(entry.getKey());
                    if (key.isEmpty()) {
                        problems.add(Problem.badValue("set." + ApiNames.shortened(entry.getKey()), "reading.setting"));
                        return;
                    }
                    InputRange range = new InputRange(
                            "set." + entry.getKey(), 0, MOST, key.get().unit());
                    JsonInputs.number(entry.getValue(), range, problems).ifPresent(value -> set.put(key.get(), value));
                }));
        return set;
    }

    private static Set<String> signs(JsonNode body, String name, List<Problem> problems) {
        Set<String> symptoms = new TreeSet<>();
        if (!body.hasNonNull(name)) {
            return symptoms;
        }
        JsonNode list = body.get(name);
        if (!list.isArray() || list.size() > MOST_SIGNS) {
            problems.add(Problem.badValue(name, "reading.signs", MOST_SIGNS));
            return symptoms;
        }
        for (int i = 0; i < list.size(); i++) {
            String id = list.get(i).isString() ? list.get(i).asString() : "";
            if (Symptom.named(id).isPresent()) {
                symptoms.add(id);
            } else {
                problems.add(Problem.badValue(name + "[" + i + "]", "reading.sign", ApiNames.shortened(id)));
            }
        }
        return symptoms;
    }

    private static Map<String, String> answers(JsonNode body, List<Problem> problems) {
        Map<String, String> given = new HashMap<>();
        object(body, "told", problems)
                .ifPresent(answers -> answers.properties().forEach(entry -> {
                    if (entry.getValue().isNull()) {
                        return;
                    }
                    List<String> known = DiagnosisRequest.QUESTIONS.get(entry.getKey());
                    String answer = entry.getValue().isBoolean()
                            ? String.valueOf(entry.getValue().booleanValue())
                            : entry.getValue().isString() ? entry.getValue().asString() : "";
                    if (known == null) {
                        problems.add(Problem.badValue(
                                "told." + ApiNames.shortened(entry.getKey()),
                                "unknownField",
                                String.join(", ", new TreeSet<>(DiagnosisRequest.QUESTIONS.keySet()))));
                    } else if (!known.contains(answer)) {
                        problems.add(Problem.badValue(
                                "told." + entry.getKey(),
                                "type",
                                "“" + ApiNames.shortened(answer) + "”",
                                "one of " + String.join(", ", known)));
                    } else {
                        given.put(entry.getKey(), answer);
                    }
                }));
        return given;
    }
}
