package vastarc.web.store.register;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.record.procedure.OpenRange;
import vastarc.web.request.JsonFields;
import vastarc.web.request.JsonInputs;

/** Reads what entries of registers have in common: numbers, lists, ranges and days. Every fault is noted. */
public final class RegisterFields {

    /** Longest number of an entry, characters. */
    public static final int MAX_NUMBER = 40;

    private static final Pattern NUMBER =
            Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N} ._-]{0," + (MAX_NUMBER - 1) + "}");
    private static final String FROM = "from";
    private static final String UNTIL = "until";

    private final JsonNode body;
    private final JsonFields fields;
    private final List<Problem> problems = new ArrayList<>();

    /** The days an entry holds. */
    record Days(Optional<String> from, Optional<String> until) {}

    RegisterFields(JsonNode body, String... names) {
        this.body = body;
        this.fields = JsonFields.of(body, names);
    }

    /** {@return what was read, or every fault} */
    <T> Outcome<T> outcome(T read) {
        List<Problem> all = new ArrayList<>(fields.problems());
        all.addAll(problems);
        return all.isEmpty() ? Outcome.of(read) : Outcome.failed(all);
    }

    void note(Problem problem) {
        problems.add(problem);
    }

    private Optional<JsonNode> given(String name) {
        return Optional.ofNullable(body.get(name)).filter(node -> !node.isNull());
    }

    /** A name by which the shop calls something; {@code example} is shown where it is none. */
    String number(String name, String example) {
        String number = given(name)
                .filter(JsonNode::isString)
                .map(node -> node.asString().strip())
                .orElse("");
        if (!isNumber(number)) {
            problems.add(Problem.badValue(name, "register.number", MAX_NUMBER, example));
        }
        return number;
    }

    /**
     * {@return whether a text may be the number of something: letters, digits, spaces, points, hyphens, underscores, a letter or digit first}
     *
     * @param text the text
     */
    public static boolean isNumber(String text) {
        return NUMBER.matcher(text).matches();
    }

    String text(String name, int most) {
        return fields.text(name, most).strip();
    }

    private Optional<JsonNode> list(String name, int most) {
        return given(name).filter(node -> {
            boolean fits = node.isArray() && !node.isEmpty() && node.size() <= most;
            if (!fits) {
                problems.add(Problem.badValue(name, "register.list", most));
            }
            return fits;
        });
    }

    /** One of what there is; {@code usual} stands in where it is missing or none, which is a problem. */
    <E extends Enum<E>> E choice(String name, E usual) {
        return given(name)
                .flatMap(node -> JsonInputs.choice(name, node, usual.getDeclaringClass(), problems))
                .orElseGet(() -> {
                    if (given(name).isEmpty()) {
                        problems.add(Problem.badValue(name, "register.choice"));
                    }
                    return usual;
                });
    }

    <E extends Enum<E>> List<E> choices(String name, Class<E> type) {
        List<E> chosen = new ArrayList<>();
        list(name, type.getEnumConstants().length).ifPresent(nodes -> {
            for (int i = 0; i < nodes.size(); i++) {
                JsonInputs.choice(name + "[" + i + "]", nodes.get(i), type, problems)
                        .ifPresent(chosen::add);
            }
        });
        return chosen.stream().distinct().toList();
    }

    /** Texts of a form, at most so many; another is a problem by its key. */
    List<String> texts(String name, Pattern form, int most, String problem) {
        List<String> texts = new ArrayList<>();
        list(name, most).ifPresent(nodes -> {
            for (int i = 0; i < nodes.size(); i++) {
                String text = nodes.get(i).isString() ? nodes.get(i).asString().strip() : "";
                if (form.matcher(text).matches()) {
                    texts.add(text);
                } else {
                    problems.add(Problem.badValue(name + "[" + i + "]", problem));
                }
            }
        });
        return texts.stream().distinct().toList();
    }

    Optional<Boolean> flag(String name) {
        return given(name).flatMap(node -> {
            if (!node.isBoolean()) {
                problems.add(JsonInputs.wrongType(name, node, "true or false, or leave it out"));
                return Optional.empty();
            }
            return Optional.of(node.booleanValue());
        });
    }

    OpenRange range(InputRange of) {
        Optional<JsonNode> node = given(of.field());
        if (node.isEmpty()) {
            return OpenRange.ALL;
        }
        JsonNode ends = node.get();
        if (!ends.isArray() || ends.size() != 2) {
            problems.add(Problem.badValue(of.field(), "register.range"));
            return OpenRange.ALL;
        }
        OpenRange range = new OpenRange(end(ends.get(0), of, 0), end(ends.get(1), of, 1));
        if (range.low().orElse(of.low()) > range.high().orElse(of.high())) {
            problems.add(Problem.badValue(of.field(), "register.range"));
        }
        return range;
    }

    private OptionalDouble end(JsonNode node, InputRange of, int place) {
        return node.isNull()
                ? OptionalDouble.empty()
                : JsonInputs.number(node, of.inField(of.field() + "[" + place + "]"), problems);
    }

    /** From when until when it holds. */
    Days days() {
        Days days = new Days(day(FROM), day(UNTIL));
        if (days.from().isPresent()
                && days.until().isPresent()
                && days.from().get().compareTo(days.until().get()) > 0) {
            problems.add(Problem.badValue(UNTIL, "register.days", days.from().get()));
        }
        return days;
    }

    Optional<String> day(String name) {
        return given(name).flatMap(node -> {
            Optional<String> day = Optional.of(node)
                    .filter(JsonNode::isString)
                    .map(JsonNode::asString)
                    .filter(RegisterFields::isDay);
            if (day.isEmpty()) {
                problems.add(Problem.badValue(name, "register.day"));
            }
            return day;
        });
    }

    /**
     * {@return whether a text is a day that there is}
     *
     * @param text such as 2026-05-04
     */
    public static boolean isDay(String text) {
        try {
            return text.length() == 10 && LocalDate.parse(text).toString().equals(text);
        } catch (DateTimeException none) {
            return false;
        }
    }

    static void put(ObjectNode json, String name, List<?> values) {
        if (!values.isEmpty()) {
            ArrayNode list = json.putArray(name);
            values.forEach(value -> list.add(value instanceof Enum<?> choice ? choice.name() : value.toString()));
        }
    }

    static void put(ObjectNode json, InputRange of, OpenRange range) {
        if (range.limits()) {
            json.putArray(of.field()).add(boxed(range.low())).add(boxed(range.high()));
        }
    }

    static void put(ObjectNode json, String name, String text) {
        if (!text.isEmpty()) {
            json.put(name, text);
        }
    }

    static void put(ObjectNode json, Optional<String> from, Optional<String> until) {
        from.ifPresent(day -> json.put(FROM, day));
        until.ifPresent(day -> json.put(UNTIL, day));
    }

    private static @Nullable Double boxed(OptionalDouble end) {
        return end.isPresent() ? end.getAsDouble() : null;
    }
}
