package vastarc.web.shop;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.springframework.util.MultiValueMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.web.format.CoreJson;
import vastarc.web.layout.Choice;
import vastarc.web.shop.FormField.FieldKind;

/**
 * The form of a register's paper as it is filled in.
 *
 * @param fields in order
 * @param wrong  what does not fit, by field
 */
public record RegisterForm(List<FilledField> fields, Map<String, String> wrong) {

    private static final String LOW = ".low";
    private static final String HIGH = ".high";

    /**
     * A field as filled in.
     *
     * @param name    as the paper's JSON calls it
     * @param kind    how it is typed
     * @param text    as typed; of a range the lowest
     * @param high    of a range the highest
     * @param choices of a list
     */
    public record FilledField(String name, FieldKind kind, String text, String high, List<Choice> choices) {}

    /** An empty one. */
    static RegisterForm empty(List<FormField> fields) {
        return of(fields, CoreJson.kept().createObjectNode());
    }

    /** Of a paper that is kept, to be changed. */
    static RegisterForm of(List<FormField> fields, ObjectNode paper) {
        return new RegisterForm(
                fields.stream()
                        .map(field -> kept(field, paper.path(field.name())))
                        .toList(),
                Map.of());
    }

    private static FilledField kept(FormField field, JsonNode value) {
        boolean range = field.kind() == FieldKind.RANGE;
        List<String> several = range ? List.of() : value.isString() ? List.of(value.asString()) : texts(value);
        String text = switch (field.kind()) {
            case RANGE -> figure(value.path(0));
            case WORDS -> String.join(", ", several);
            case LIST -> "";
            default -> value.asString("");
        };
        return new FilledField(
                field.name(), field.kind(), text, range ? figure(value.path(1)) : "", field.choices(several));
    }

    private static List<String> texts(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(one -> one.asString(""))
                .toList();
    }

    private static String figure(JsonNode end) {
        return end.isNumber() ? String.valueOf(end.asDouble()).replaceAll("\\.0$", "") : "";
    }

    /** As it was sent. */
    static RegisterForm of(List<FormField> fields, MultiValueMap<String, String> sent, List<Problem> problems) {
        Map<String, String> wrong = new LinkedHashMap<>();
        problems.forEach(problem ->
                wrong.putIfAbsent(problem.field().replaceAll("\\[.*", ""), problem.message(UnitSystem.METRIC)));
        return new RegisterForm(fields.stream().map(field -> typed(field, sent)).toList(), wrong);
    }

    private static FilledField typed(FormField field, MultiValueMap<String, String> sent) {
        boolean range = field.kind() == FieldKind.RANGE;
        return new FilledField(
                field.name(),
                field.kind(),
                one(sent, range ? field.name() + LOW : field.name()),
                range ? one(sent, field.name() + HIGH) : "",
                field.choices(sent.getOrDefault(field.name(), List.of())));
    }

    private static String one(MultiValueMap<String, String> sent, String name) {
        return Optional.ofNullable(sent.getFirst(name)).orElse("").strip();
    }

    /** {@return what was sent as the JSON of a paper; what was left empty is left out} */
    static ObjectNode json(List<FormField> fields, MultiValueMap<String, String> sent) {
        ObjectNode json = CoreJson.kept().createObjectNode();
        fields.forEach(field -> put(json, field, sent));
        return json;
    }

    private static void put(ObjectNode json, FormField field, MultiValueMap<String, String> sent) {
        String name = field.name();
        String text = one(sent, name);
        switch (field.kind()) {
            case LIST -> list(json, name, sent.getOrDefault(name, List.of()));
            case WORDS ->
                list(
                        json,
                        name,
                        Arrays.stream(text.split(","))
                                .map(String::strip)
                                .filter(word -> !word.isEmpty())
                                .toList());
            case RANGE -> range(json, name, one(sent, name + LOW), one(sent, name + HIGH));
            case EITHER -> {
                if (!text.isEmpty()) {
                    json.put(name, Boolean.parseBoolean(text));
                }
            }
            case TEXT, DAY, CHOICE -> {
                if (!text.isEmpty()) {
                    json.put(name, text);
                }
            }
        }
    }

    private static void list(ObjectNode json, String name, List<String> values) {
        if (!values.isEmpty()) {
            values.forEach(json.putArray(name)::add);
        }
    }

    private static void range(ObjectNode json, String name, String low, String high) {
        if (!low.isEmpty() || !high.isEmpty()) {
            ArrayNode ends = json.putArray(name);
            List.of(low, high).forEach(text -> end(ends, text));
        }
    }

    /** What is no number stays text, so that its field is named. */
    private static void end(ArrayNode ends, String text) {
        if (text.isEmpty()) {
            ends.addNull();
            return;
        }
        NumberReader.read(text).ifPresentOrElse(ends::add, () -> ends.add(text));
    }

    /** {@return its fields of some kinds, in order} */
    public List<FilledField> of(FieldKind... kinds) {
        return fields.stream()
                .filter(field -> Arrays.asList(kinds).contains(field.kind()))
                .collect(Collectors.toList());
    }
}
