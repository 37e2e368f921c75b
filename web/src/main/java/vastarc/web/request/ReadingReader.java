package vastarc.web.request;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.reading.ReadingAsk;
import vastarc.core.reading.Sign;
import vastarc.core.sheet.SettingKey;

/**
 * What a call says of a bead: figures as they stood, signs seen and not seen, answers told.
 *
 * @param set      by setting
 * @param seen     ids of signs
 * @param notSeen  likewise
 * @param told     answers by question
 * @param problems what is wrong
 */
public record ReadingReader(
        Map<SettingKey, Double> set,
        Set<String> seen,
        Set<String> notSeen,
        Map<String, String> told,
        List<Problem> problems) {

    private static final double MOST = 100_000;
    private static final int MOST_SIGNS = 60;

    public static ReadingReader read(JsonNode body) {
        List<Problem> problems = new ArrayList<>();
        return new ReadingReader(
                set(body, problems),
                signs(body, "seen", problems),
                signs(body, "notSeen", problems),
                told(body, problems),
                problems);
    }

    private static Optional<JsonNode> object(JsonNode body, String name, List<Problem> problems) {
        if (body.hasNonNull(name) && !body.get(name).isObject()) {
            problems.add(JsonInputs.wrongType(name, body.get(name), "an object"));
            return Optional.empty();
        }
        return body.hasNonNull(name) ? Optional.of(body.get(name)) : Optional.empty();
    }

    private static Map<SettingKey, Double> set(JsonNode body, List<Problem> problems) {
        Map<SettingKey, Double> set = new HashMap<>();
        object(body, "set", problems)
                .ifPresent(figures -> figures.properties().forEach(one -> {
                    Optional<SettingKey> key = SettingKey.named(one.getKey());
                    if (key.isEmpty()) {
                        problems.add(Problem.badValue("set." + Choices.shortened(one.getKey()), "reading.setting"));
                        return;
                    }
                    Range range =
                            new Range("set." + one.getKey(), 0, MOST, key.get().unit());
                    JsonInputs.number(one.getValue(), range, problems).ifPresent(value -> set.put(key.get(), value));
                }));
        return set;
    }

    private static Set<String> signs(JsonNode body, String name, List<Problem> problems) {
        Set<String> signs = new TreeSet<>();
        if (!body.hasNonNull(name)) {
            return signs;
        }
        JsonNode list = body.get(name);
        if (!list.isArray() || list.size() > MOST_SIGNS) {
            problems.add(Problem.badValue(name, "reading.signs", MOST_SIGNS));
            return signs;
        }
        for (int i = 0; i < list.size(); i++) {
            String id = list.get(i).isString() ? list.get(i).asString() : "";
            if (Sign.named(id).isPresent()) {
                signs.add(id);
            } else {
                problems.add(Problem.badValue(name + "[" + i + "]", "reading.sign", Choices.shortened(id)));
            }
        }
        return signs;
    }

    private static Map<String, String> told(JsonNode body, List<Problem> problems) {
        Map<String, String> told = new HashMap<>();
        object(body, "told", problems)
                .ifPresent(answers -> answers.properties().forEach(one -> {
                    if (one.getValue().isNull()) {
                        return;
                    }
                    List<String> known = ReadingAsk.QUESTIONS.get(one.getKey());
                    String answer = one.getValue().isBoolean()
                            ? String.valueOf(one.getValue().booleanValue())
                            : one.getValue().isString() ? one.getValue().asString() : "";
                    if (known == null) {
                        problems.add(Problem.badValue(
                                "told." + Choices.shortened(one.getKey()),
                                "unknownField",
                                String.join(", ", new TreeSet<>(ReadingAsk.QUESTIONS.keySet()))));
                    } else if (!known.contains(answer)) {
                        problems.add(Problem.badValue(
                                "told." + one.getKey(),
                                "type",
                                "“" + Choices.shortened(answer) + "”",
                                "one of " + String.join(", ", known)));
                    } else {
                        told.put(one.getKey(), answer);
                    }
                }));
        return told;
    }
}
