package vastarc.web.store.procedure;

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
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.record.procedure.OpenRange;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.format.CoreJson;
import vastarc.web.request.JsonFields;
import vastarc.web.request.JsonInputs;
import vastarc.web.store.document.DocumentFormat;

/** A procedure as JSON: as a call sends it, as it is kept, as an archive holds it. Every fault is named; an absent key limits nothing. */
public final class ProcedureReader {

    /** How a procedure is kept. */
    public static final DocumentFormat<WeldProcedure> FORMAT = new DocumentFormat<>(
            "procedure", CoreJson.kept(), ProcedureReader::orThrow, ProcedureReader::document, List.of());

    /** Longest number of a procedure, characters. */
    public static final int MAX_NUMBER = 40;

    /** Longest name of who decided on it, characters. */
    public static final int MAX_NAME = 120;

    /** Most classes of filler. */
    public static final int MOST_FILLERS = 20;

    private static final Pattern NUMBER = Pattern.compile("[A-Za-z0-9][A-Za-z0-9 ._-]{0," + (MAX_NUMBER - 1) + "}");
    private static final Pattern FILLER = Pattern.compile("[A-Za-z0-9][A-Za-z0-9 ./-]{0,23}");

    private static final String NUMBER_FIELD = "number";
    private static final String MATERIALS = "materials";
    private static final String JOINTS = "joints";
    private static final String POSITIONS = "positions";
    private static final String FILLERS = "fillers";
    private static final String PURGED = "purged";
    private static final String QUALIFIED_BY = "qualifiedBy";
    private static final String FROM = "from";
    private static final String UNTIL = "until";
    private static final InputRange THICKNESS = new InputRange("thicknessMm", 0, 100, Unit.MILLIMETRE);
    private static final InputRange TUBE = new InputRange("tubeOdMm", 0, 10_000, Unit.MILLIMETRE);
    private static final InputRange CURRENT = new InputRange("currentA", 0, 1000, Unit.AMPERE);
    private static final InputRange HEAT = new InputRange("heatInputKjPerMm", 0, 20, Unit.KJ_PER_MM);
    private static final InputRange PREHEAT = new InputRange("preheatC", -50, 800, Unit.CELSIUS);
    private static final InputRange INTERPASS = new InputRange("interpassC", -50, 800, Unit.CELSIUS);

    private static final String[] FIELDS = {
        NUMBER_FIELD,
        MATERIALS,
        JOINTS,
        THICKNESS.field(),
        TUBE.field(),
        POSITIONS,
        CURRENT.field(),
        HEAT.field(),
        PREHEAT.field(),
        INTERPASS.field(),
        FILLERS,
        PURGED,
        QUALIFIED_BY,
        FROM,
        UNTIL
    };

    private final JsonNode body;
    private final List<Problem> problems = new ArrayList<>();

    private ProcedureReader(JsonNode body) {
        this.body = body;
    }

    /**
     * {@return a procedure, or every fault of it}
     *
     * @param body an object
     */
    public static Outcome<WeldProcedure> read(JsonNode body) {
        return new ProcedureReader(body).read();
    }

    private static WeldProcedure orThrow(JsonNode body) {
        Outcome<WeldProcedure> read = read(body);
        return read.value()
                .orElseThrow(() ->
                        new IllegalArgumentException(read.problems().get(0).field() + " of a procedure does not fit"));
    }

    private Outcome<WeldProcedure> read() {
        JsonFields fields = JsonFields.of(body, FIELDS);
        WeldProcedure read = new WeldProcedure(
                number(),
                choices(MATERIALS, Material.class),
                choices(JOINTS, JointForm.class),
                range(THICKNESS),
                range(TUBE),
                choices(POSITIONS, Position.class),
                range(CURRENT),
                range(HEAT),
                range(PREHEAT),
                range(INTERPASS),
                fillers(),
                purged(),
                fields.text(QUALIFIED_BY, MAX_NAME).strip(),
                day(FROM),
                day(UNTIL));
        if (read.from().isPresent()
                && read.until().isPresent()
                && read.from().get().compareTo(read.until().get()) > 0) {
            problems.add(Problem.badValue(UNTIL, "procedure.days", read.from().get()));
        }
        List<Problem> all = new ArrayList<>(fields.problems());
        all.addAll(problems);
        return all.isEmpty() ? Outcome.of(read) : Outcome.failed(all);
    }

    private Optional<JsonNode> given(String name) {
        return Optional.ofNullable(body.get(name)).filter(node -> !node.isNull());
    }

    private String number() {
        String number = given(NUMBER_FIELD)
                .filter(JsonNode::isString)
                .map(node -> node.asString().strip())
                .orElse("");
        if (!NUMBER.matcher(number).matches()) {
            problems.add(Problem.badValue(NUMBER_FIELD, "procedure.number", MAX_NUMBER));
        }
        return number;
    }

    private Optional<JsonNode> list(String name, int most) {
        return given(name).filter(node -> {
            boolean fits = node.isArray() && !node.isEmpty() && node.size() <= most;
            if (!fits) {
                problems.add(Problem.badValue(name, "procedure.list", most));
            }
            return fits;
        });
    }

    private <E extends Enum<E>> List<E> choices(String name, Class<E> type) {
        List<E> chosen = new ArrayList<>();
        list(name, type.getEnumConstants().length).ifPresent(nodes -> {
            for (int i = 0; i < nodes.size(); i++) {
                JsonInputs.choice(name + "[" + i + "]", nodes.get(i), type, problems)
                        .ifPresent(chosen::add);
            }
        });
        return chosen.stream().distinct().toList();
    }

    private List<String> fillers() {
        List<String> fillers = new ArrayList<>();
        list(FILLERS, MOST_FILLERS).ifPresent(nodes -> {
            for (int i = 0; i < nodes.size(); i++) {
                String filler =
                        nodes.get(i).isString() ? nodes.get(i).asString().strip() : "";
                if (FILLER.matcher(filler).matches()) {
                    fillers.add(filler);
                } else {
                    problems.add(Problem.badValue(FILLERS + "[" + i + "]", "procedure.filler"));
                }
            }
        });
        return fillers.stream().distinct().toList();
    }

    private Optional<Boolean> purged() {
        return given(PURGED).flatMap(node -> {
            if (!node.isBoolean()) {
                problems.add(JsonInputs.wrongType(PURGED, node, "true or false, or leave it out"));
                return Optional.empty();
            }
            return Optional.of(node.booleanValue());
        });
    }

    private OpenRange range(InputRange of) {
        Optional<JsonNode> node = given(of.field());
        if (node.isEmpty()) {
            return OpenRange.ALL;
        }
        JsonNode ends = node.get();
        if (!ends.isArray() || ends.size() != 2) {
            problems.add(Problem.badValue(of.field(), "procedure.range"));
            return OpenRange.ALL;
        }
        OpenRange range = new OpenRange(end(ends.get(0), of, 0), end(ends.get(1), of, 1));
        if (range.low().orElse(of.low()) > range.high().orElse(of.high())) {
            problems.add(Problem.badValue(of.field(), "procedure.range"));
        }
        return range;
    }

    private OptionalDouble end(JsonNode node, InputRange of, int place) {
        return node.isNull()
                ? OptionalDouble.empty()
                : JsonInputs.number(node, of.inField(of.field() + "[" + place + "]"), problems);
    }

    private Optional<String> day(String name) {
        return given(name).flatMap(node -> {
            Optional<String> day = Optional.of(node)
                    .filter(JsonNode::isString)
                    .map(JsonNode::asString)
                    .filter(ProcedureReader::isDay);
            if (day.isEmpty()) {
                problems.add(Problem.badValue(name, "procedure.day"));
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

    /**
     * {@return a procedure as JSON; what limits nothing is left out}
     *
     * @param procedure the procedure
     */
    public static ObjectNode document(WeldProcedure procedure) {
        ObjectNode json = CoreJson.kept().createObjectNode();
        json.put(NUMBER_FIELD, procedure.number());
        put(json, MATERIALS, procedure.materials());
        put(json, JOINTS, procedure.joints());
        put(json, THICKNESS, procedure.thicknessMm());
        put(json, TUBE, procedure.tubeOdMm());
        put(json, POSITIONS, procedure.positions());
        put(json, CURRENT, procedure.currentA());
        put(json, HEAT, procedure.heatInputKjPerMm());
        put(json, PREHEAT, procedure.preheatC());
        put(json, INTERPASS, procedure.interpassC());
        put(json, FILLERS, procedure.fillers());
        procedure.purged().ifPresent(purged -> json.put(PURGED, purged));
        if (!procedure.qualifiedBy().isEmpty()) {
            json.put(QUALIFIED_BY, procedure.qualifiedBy());
        }
        procedure.from().ifPresent(day -> json.put(FROM, day));
        procedure.until().ifPresent(day -> json.put(UNTIL, day));
        return json;
    }

    private static void put(ObjectNode json, String name, List<?> values) {
        if (!values.isEmpty()) {
            ArrayNode list = json.putArray(name);
            values.forEach(value -> list.add(value instanceof Enum<?> choice ? choice.name() : value.toString()));
        }
    }

    private static void put(ObjectNode json, InputRange of, OpenRange range) {
        if (range.limits()) {
            json.putArray(of.field()).add(boxed(range.low())).add(boxed(range.high()));
        }
    }

    private static @Nullable Double boxed(OptionalDouble end) {
        return end.isPresent() ? end.getAsDouble() : null;
    }
}
