package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.units.Length;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.input.InputField;
import vastarc.core.input.InputSource;
import vastarc.core.input.WeldFields;

/** Inputs of an API call: a JSON object, figures in the units its names carry. */
public final class JsonInputs implements InputSource {

    private static final String ONE_OR_TWO = "one or two numbers in mm, such as [1.5]";

    /** Names of the API: the two thicknesses are in one list. */
    private static final Set<String> NAMES = WeldFields.ALL.stream()
            .map(field -> isThickness(field) ? WeldFields.THICKNESSES : field.name())
            .collect(Collectors.toCollection(TreeSet::new));

    private final JsonNode body;
    private final List<Problem> problems = new ArrayList<>();

    /**
     * Fields of an object; unknown names are problems at once.
     *
     * @param body the document
     * @param others names this call takes besides the joint's
     */
    public JsonInputs(JsonNode body, Set<String> others) {
        this.body = body;
        Set<String> known = new TreeSet<>(NAMES);
        known.addAll(others);
        for (String name : body.propertyNames()) {
            if (!known.contains(name)) {
                note(unknown(name, known));
            }
        }
        checkThicknesses();
    }

    private static boolean isThickness(InputField<?> field) {
        return field == WeldFields.BASE || field == WeldFields.ABUTTING;
    }

    private static Problem unknown(String name, Set<String> known) {
        return WeldFields.called(name)
                .map(field -> Problem.badValue(ApiNames.shortened(name), "calledOtherwise", field.name()))
                .orElseGet(() -> Problem.badValue(ApiNames.shortened(name), "unknownField", String.join(", ", known)));
    }

    /** What is wrong with the list itself; its figures are read as the two fields they are. */
    private void checkThicknesses() {
        Optional<JsonNode> list = given(WeldFields.THICKNESSES);
        if (list.isPresent() && !list.get().isArray()) {
            note(wrongType(WeldFields.THICKNESSES, list.get(), "a list of " + ONE_OR_TWO));
        } else if (list.map(JsonNode::size).orElse(0) == 0) {
            note(Problem.badValue(WeldFields.THICKNESSES, "missing", ONE_OR_TWO));
        } else if (list.get().size() > 2) {
            note(Problem.badValue(
                    WeldFields.THICKNESSES, "tooManyThicknesses", list.get().size()));
        }
    }

    private Optional<JsonNode> given(String name) {
        return Optional.ofNullable(body.get(name)).filter(node -> !node.isNull());
    }

    private Optional<JsonNode> given(InputField<?> field) {
        if (!isThickness(field)) {
            return given(field.name());
        }
        int place = field == WeldFields.BASE ? 0 : 1;
        return given(WeldFields.THICKNESSES)
                .filter(list -> list.isArray() && list.size() <= 2)
                .flatMap(list -> Optional.ofNullable(list.get(place)));
    }

    @Override
    public <E extends Enum<E>> Optional<E> choice(InputField<E> field, Class<E> type) {
        Optional<JsonNode> node = given(field);
        if (node.isEmpty() && field.isRequired()) {
            note(Problem.badValue(field.name(), "missing", "one of " + ApiNames.names(type)));
        }
        return node.flatMap(value -> choice(field.name(), value, type, problems));
    }

    /**
     * A choice from an enumeration by its name.
     *
     * @param <E> the enumeration
     * @param name the field, for what is said where it does not fit
     * @param node what was sent
     * @param type the enumeration
     * @param problems takes what does not fit
     * @return the choice, or empty
     */
    public static <E extends Enum<E>> Optional<E> choice(
            String name, JsonNode node, Class<E> type, List<Problem> problems) {
        if (!node.isString()) {
            problems.add(wrongType(name, node, "one of " + ApiNames.names(type)));
            return Optional.empty();
        }
        return ApiNames.read(node.asString(), name, type, problems::add);
    }

    @Override
    public Optional<Boolean> flag(InputField<Boolean> field) {
        Optional<JsonNode> node = given(field);
        if (node.isPresent() && !node.get().isBoolean()) {
            note(wrongType(field.name(), node.get(), "true or false"));
            return Optional.empty();
        }
        return node.map(JsonNode::booleanValue);
    }

    @Override
    public Optional<Length> length(InputField<Length> field) {
        return number(field).stream().mapToObj(Length::ofMillimetres).findFirst();
    }

    @Override
    public Optional<Double> figure(InputField<Double> field) {
        return number(field).stream().boxed().findFirst();
    }

    private OptionalDouble number(InputField<?> field) {
        return given(field)
                .map(node -> number(node, field.range().orElseThrow(), problems))
                .orElse(OptionalDouble.empty());
    }

    /**
     * {@return a finite number; empty where a node is none}
     *
     * @param node the node
     */
    public static OptionalDouble finite(JsonNode node) {
        double figure = node.isNumber() ? node.asDouble(Double.NaN) : Double.NaN;
        return Double.isFinite(figure) ? OptionalDouble.of(figure) : OptionalDouble.empty();
    }

    /**
     * {@return a number within a range; empty, with the problem noted, where it is none}
     *
     * @param node the node
     * @param range the range it must be in
     * @param problems where problems are added
     */
    public static OptionalDouble number(JsonNode node, InputRange range, List<Problem> problems) {
        if (!node.isNumber()) {
            problems.add(
                    wrongType(range.field(), node, "a number in " + range.unit().symbol()));
            return OptionalDouble.empty();
        }
        double figure = finite(node).orElse(Double.NaN);
        Optional<Problem> outside = range.check(figure);
        outside.ifPresent(problems::add);
        return outside.isPresent() ? OptionalDouble.empty() : OptionalDouble.of(figure);
    }

    /**
     * {@return the problem of a value of the wrong JSON type}
     *
     * @param field name of the input that problems belong to
     * @param node the node
     * @param wanted what it should be
     */
    public static Problem wrongType(String field, JsonNode node, String wanted) {
        String kind = switch (node.getNodeType()) {
            case STRING -> "text";
            case NUMBER -> "a number";
            case BOOLEAN -> "true or false";
            case ARRAY -> "a list";
            case OBJECT -> "an object";
            default -> "nothing usable";
        };
        return Problem.badValue(field, "type", kind, wanted);
    }

    @Override
    public void note(Problem problem) {
        problems.add(problem);
    }

    @Override
    public List<Problem> problems() {
        return List.copyOf(problems);
    }
}
