package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;

/** Reads the fields of one JSON object; every fault is noted by its path and answered by a stand-in, so that all are found at once. */
public final class JsonFields {

    private final JsonNode node;
    private final String path;
    private final List<Problem> problems;

    private JsonFields(JsonNode node, String path, List<Problem> problems) {
        this.node = node;
        this.path = path;
        this.problems = problems;
    }

    /**
     * {@return the whole of a call; a name it does not take is a fault}
     *
     * @param body the document
     * @param names the names
     */
    public static JsonFields of(JsonNode body, String... names) {
        JsonFields fields = new JsonFields(body, "", new ArrayList<>());
        fields.only(names);
        return fields;
    }

    /**
     * {@return some fields of a call that others read besides}
     *
     * @param body the document
     */
    public static JsonFields within(JsonNode body) {
        return new JsonFields(body, "", new ArrayList<>());
    }

    private void only(String... names) {
        Set<String> known = new TreeSet<>(List.of(names));
        for (String name : node.propertyNames()) {
            if (!known.contains(name)) {
                note(name, "unknownField", String.join(", ", known));
            }
        }
    }

    /** {@return every problem noted so far} */
    public List<Problem> problems() {
        return problems;
    }

    private void note(String name, String code, Object... arguments) {
        problems.add(Problem.badValue(path + ApiNames.shortened(name), code, arguments));
    }

    /**
     * {@return a number that has to be there}
     *
     * @param range the range it must be in
     */
    public double number(InputRange range) {
        return number(range, OptionalDouble.empty());
    }

    /**
     * {@return a number, or what is used where it is not given}
     *
     * @param range the range it must be in
     * @param usual the value where none is given
     */
    public double number(InputRange range, double usual) {
        return number(range, OptionalDouble.of(usual));
    }

    private double number(InputRange range, OptionalDouble usual) {
        JsonNode value = node.get(range.field());
        if (value == null || value.isNull()) {
            if (usual.isEmpty()) {
                note(range.field(), "missing", "a number in " + range.unit().symbol());
            }
            return usual.orElse(range.high());
        }
        return JsonInputs.number(value, range.inField(path + range.field()), problems)
                .orElse(range.high());
    }

    /**
     * {@return a choice that has to be there, unless one is used where it is not given}
     *
     * @param <E> the type of the elements
     * @param name the name
     * @param type the type
     * @param usual the value where none is given
     */
    public <E extends Enum<E>> E choice(String name, Class<E> type, Optional<E> usual) {
        JsonNode value = node.get(name);
        E first = usual.orElse(type.getEnumConstants()[0]);
        if (value == null || value.isNull()) {
            if (usual.isEmpty()) {
                note(name, "missing", "one of " + ApiNames.names(type));
            }
            return first;
        }
        return JsonInputs.choice(path + name, value, type, problems).orElse(first);
    }

    /**
     * {@return an object within; an empty one where it is not given}
     *
     * @param name the name
     * @param names the names
     */
    public JsonFields object(String name, String... names) {
        JsonNode value = node.get(name);
        boolean isSet = value != null && !value.isNull();
        if (isSet && !value.isObject()) {
            problems.add(JsonInputs.wrongType(path + name, value, "an object"));
        }
        JsonNode inside = isSet && value.isObject() ? value : JsonNodeFactory.instance.objectNode();
        JsonFields fields = new JsonFields(inside, path + name + ".", problems);
        fields.only(names);
        return fields;
    }

    /**
     * {@return a short text; empty where it is not given}
     *
     * @param name the name
     * @param most how many at most
     */
    public String text(String name, int most) {
        JsonNode value = node.get(name);
        if (value == null || value.isNull()) {
            return "";
        }
        if (!value.isString() || value.asString().length() > most) {
            problems.add(JsonInputs.wrongType(path + name, value, "a text of up to " + most + " characters"));
            return "";
        }
        return value.asString();
    }

    /**
     * {@return whether a field is given}
     *
     * @param name the name
     */
    public boolean has(String name) {
        return node.hasNonNull(name);
    }

    /**
     * {@return the elements of a list that are objects; a field that is no list, or one that holds anything else, is
     * a fault}
     *
     * @param name the name
     * @param most how many at most
     * @param code end of the keys of what is said where it does not fit
     */
    public List<JsonFields> list(String name, int most, String code) {
        JsonNode value = node.get(name);
        int size = value != null && value.isArray() ? value.size() : 0;
        if (size == 0 || size > most) {
            note(name, code, size, most);
            return List.of();
        }
        List<JsonFields> elements = new ArrayList<>(size);
        for (int i = 0; i < size; i++) {
            String at = path + name + "[" + i + "]";
            if (value.get(i).isObject()) {
                elements.add(new JsonFields(value.get(i), at + ".", problems));
            } else {
                problems.add(JsonInputs.wrongType(at, value.get(i), "an object"));
            }
        }
        return elements;
    }

    /**
     * As {@link #list}; none where it is empty or not given.
     *
     * @param name the name
     * @param most how many at most
     * @param code end of the keys of what is said where it does not fit
     * @return the json fields
     */
    public List<JsonFields> listOrNone(String name, int most, String code) {
        JsonNode value = node.get(name);
        boolean none = value == null || value.isNull() || value.isArray() && value.isEmpty();
        return none ? List.of() : list(name, most, code);
    }

    /**
     * {@return the numbers of a list, at most so many; none where the list is not given}
     *
     * @param name the name
     * @param range the range it must be in
     * @param most how many at most
     */
    public List<Double> numbers(String name, InputRange range, int most) {
        JsonNode value = node.get(name);
        if (value == null || value.isNull()) {
            return List.of();
        }
        if (!value.isArray() || value.size() > most) {
            note(name, "listOfNumbers", most);
            return List.of();
        }
        List<Double> numbers = new ArrayList<>(value.size());
        for (int i = 0; i < value.size(); i++) {
            JsonInputs.number(value.get(i), range.inField(path + name + "[" + i + "]"), problems)
                    .ifPresent(numbers::add);
        }
        return numbers;
    }

    /**
     * {@return notes a name that an element of a list does not take}
     *
     * @param names the names
     */
    public JsonFields taking(String... names) {
        only(names);
        return this;
    }
}
