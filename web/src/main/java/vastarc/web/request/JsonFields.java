package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.material.Material;
import vastarc.core.quantity.Length;

/** Inputs of an API call: a JSON object, figures in the units its names carry. */
public final class JsonFields implements Fields {

    private final JsonNode body;
    private final List<Problem> problems = new ArrayList<>();

    private static final String OWN_OBJECT = "own";

    /**
     * Fields of an object; unknown names are problems at once.
     *
     * @param others names this call takes besides the joint's and {@code own}
     */
    public JsonFields(JsonNode body, Set<String> others) {
        this.body = body;
        Set<String> known = new TreeSet<>(JobReader.FIELDS);
        known.addAll(others);
        known.add(OWN_OBJECT);
        refuseUnknown(body, "", known);
        JsonNode own = body.get(OWN_OBJECT);
        if (own != null && own.isObject()) {
            refuseUnknown(own, OwnReader.OWN, ownNames());
        } else if (own != null && !own.isNull()) {
            note(wrongType(OWN_OBJECT, own, "an object of own values by setting, such as {\"downSlope\": 3}"));
        }
    }

    private static Set<String> ownNames() {
        return OwnReader.FIELDS.stream()
                .map(name -> name.substring(OwnReader.OWN.length()))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private void refuseUnknown(JsonNode object, String prefix, Set<String> known) {
        for (String name : object.propertyNames()) {
            if (!known.contains(name)) {
                note(Problem.badValue(prefix + Choices.shortened(name), "unknownField", String.join(", ", known)));
            }
        }
    }

    private Optional<JsonNode> given(String field) {
        JsonNode holder = body;
        String name = field;
        if (field.startsWith(OwnReader.OWN)) {
            holder = body.get(OWN_OBJECT);
            name = field.substring(OwnReader.OWN.length());
        }
        return holder == null || !holder.isObject()
                ? Optional.empty()
                : Optional.ofNullable(holder.get(name)).filter(node -> !node.isNull());
    }

    @Override
    public <E extends Enum<E>> Optional<E> choice(String field, Class<E> type) {
        Optional<JsonNode> node = given(field);
        if (node.isEmpty()) {
            if (field.equals(JobReader.MATERIAL) || field.equals(JobReader.JOINT)) {
                note(Problem.badValue(field, "missing", "one of " + Choices.names(type)));
            }
            return Optional.empty();
        }
        if (!node.get().isString()) {
            note(wrongType(field, node.get(), "one of " + Choices.names(type)));
            return Optional.empty();
        }
        return Choices.read(node.get().asString(), field, type, this::note);
    }

    @Override
    public Optional<Boolean> flag(String field) {
        Optional<JsonNode> node = given(field);
        if (node.isPresent() && !node.get().isBoolean()) {
            note(wrongType(field, node.get(), "true or false"));
            return Optional.empty();
        }
        return node.map(JsonNode::booleanValue);
    }

    @Override
    public Optional<Length> length(Range range) {
        OptionalDouble figure = number(range);
        return figure.isPresent() ? Optional.of(Length.ofMillimetres(figure.getAsDouble())) : Optional.empty();
    }

    @Override
    public OptionalDouble number(Range range) {
        return given(range.field()).map(node -> figure(node, range)).orElse(OptionalDouble.empty());
    }

    private OptionalDouble figure(JsonNode node, Range range) {
        if (!node.isNumber()) {
            note(wrongType(range.field(), node, "a number in " + range.unit().symbol()));
            return OptionalDouble.empty();
        }
        Optional<Problem> outside = range.check(node.doubleValue());
        outside.ifPresent(this::note);
        return outside.isPresent() ? OptionalDouble.empty() : OptionalDouble.of(node.doubleValue());
    }

    @Override
    public List<Length> thicknesses(Optional<Material> base, Optional<Material> abutting) {
        String field = JobReader.THICKNESS;
        Optional<JsonNode> node = given(field);
        if (node.isEmpty()) {
            note(Problem.badValue(field, "missing", "one or two numbers in mm, such as [1.5]"));
            return List.of();
        }
        if (!node.get().isArray()) {
            note(wrongType(field, node.get(), "a list of one or two numbers in mm, such as [1.5]"));
            return List.of();
        }
        int size = node.get().size();
        if (size == 0) {
            note(Problem.badValue(field, "missing", "one or two numbers in mm, such as [1.5]"));
            return List.of();
        }
        if (size > 2) {
            note(Problem.badValue(field, "tooManyThicknesses", size));
            return List.of();
        }
        List<Length> lengths = new ArrayList<>(2);
        for (int i = 0; i < size; i++) {
            Range range = JointLimits.THICKNESS.inField(field + "[" + i + "]");
            OptionalDouble figure = figure(node.get().get(i), range);
            figure.ifPresent(mm -> lengths.add(Length.ofMillimetres(mm)));
        }
        return lengths.size() == size ? lengths : List.of();
    }

    private static Problem wrongType(String field, JsonNode node, String wanted) {
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
