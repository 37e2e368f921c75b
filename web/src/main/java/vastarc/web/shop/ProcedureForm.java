package vastarc.web.shop;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.util.MultiValueMap;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.record.procedure.OpenRange;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.format.CoreJson;
import vastarc.web.layout.Choice;
import vastarc.web.store.procedure.ProcedureReader;

/**
 * The form of a procedure as it is filled in.
 *
 * @param number      its number
 * @param qualifiedBy who decided on it
 * @param from        first day
 * @param until       last day
 * @param fillers     classes, with commas between them
 * @param purged      true, false, or empty where either will do
 * @param chosen      metals, forms and positions, by their list
 * @param ranges      lowest and highest as typed, by their field
 * @param wrong       what does not fit, by field
 */
public record ProcedureForm(
        String number,
        String qualifiedBy,
        String from,
        String until,
        String fillers,
        String purged,
        Map<String, List<Choice>> chosen,
        Map<String, TypedRange> ranges,
        Map<String, String> wrong) {

    private static final List<String> RANGES =
            List.of("thicknessMm", "tubeOdMm", "currentA", "heatInputKjPerMm", "preheatC", "interpassC");

    /** Both ends of a range as typed. */
    public record TypedRange(String low, String high) {}

    static ProcedureForm empty() {
        return new ProcedureForm("", "", "", "", "", "", choices(Map.of()), ranges(Map.of()), Map.of());
    }

    /** A procedure that is kept, to be changed. */
    static ProcedureForm of(WeldProcedure kept) {
        return new ProcedureForm(
                kept.number(),
                kept.qualifiedBy(),
                kept.from().orElse(""),
                kept.until().orElse(""),
                String.join(", ", kept.fillers()),
                kept.purged().map(String::valueOf).orElse(""),
                choices(Map.of(
                        "materials", names(kept.materials()),
                        "joints", names(kept.joints()),
                        "positions", names(kept.positions()))),
                ranges(Map.of(
                        "thicknessMm", typed(kept.thicknessMm()),
                        "tubeOdMm", typed(kept.tubeOdMm()),
                        "currentA", typed(kept.currentA()),
                        "heatInputKjPerMm", typed(kept.heatInputKjPerMm()),
                        "preheatC", typed(kept.preheatC()),
                        "interpassC", typed(kept.interpassC()))),
                Map.of());
    }

    private static List<String> names(List<? extends Enum<?>> values) {
        return values.stream().map(Enum::name).toList();
    }

    private static TypedRange typed(OpenRange range) {
        return new TypedRange(text(range.low()), text(range.high()));
    }

    private static String text(OptionalDouble end) {
        return end.isPresent() ? String.valueOf(end.getAsDouble()).replaceAll("\\.0$", "") : "";
    }

    /** As it was sent. */
    static ProcedureForm of(MultiValueMap<String, String> sent, List<Problem> problems) {
        Map<String, TypedRange> ranges = new LinkedHashMap<>();
        RANGES.forEach(name -> ranges.put(name, sent(sent, name)));
        Map<String, String> wrong = new LinkedHashMap<>();
        problems.forEach(problem ->
                wrong.putIfAbsent(problem.field().replaceAll("\\[.*", ""), problem.message(UnitSystem.METRIC)));
        return new ProcedureForm(
                one(sent, "number"),
                one(sent, "qualifiedBy"),
                one(sent, "from"),
                one(sent, "until"),
                one(sent, "fillers"),
                one(sent, "purged"),
                choices(Map.of(
                        "materials", sent.getOrDefault("materials", List.of()),
                        "joints", sent.getOrDefault("joints", List.of()),
                        "positions", sent.getOrDefault("positions", List.of()))),
                ranges,
                wrong);
    }

    private static TypedRange sent(MultiValueMap<String, String> sent, String name) {
        return new TypedRange(one(sent, name + ".low"), one(sent, name + ".high"));
    }

    private static String one(MultiValueMap<String, String> sent, String name) {
        return Optional.ofNullable(sent.getFirst(name)).orElse("").strip();
    }

    /** What was sent, read by the rules of the call. */
    static Outcome<WeldProcedure> read(MultiValueMap<String, String> sent) {
        ObjectNode json = CoreJson.kept().createObjectNode();
        json.put("number", one(sent, "number"));
        List.of("qualifiedBy", "from", "until").forEach(name -> {
            if (!one(sent, name).isEmpty()) {
                json.put(name, one(sent, name));
            }
        });
        List.of("materials", "joints", "positions")
                .forEach(name -> list(json, name, sent.getOrDefault(name, List.of())));
        list(
                json,
                "fillers",
                Arrays.stream(one(sent, "fillers").split(","))
                        .map(String::strip)
                        .filter(filler -> !filler.isEmpty())
                        .toList());
        if (!one(sent, "purged").isEmpty()) {
            json.put("purged", Boolean.parseBoolean(one(sent, "purged")));
        }
        RANGES.forEach(name -> range(json, name, sent(sent, name)));
        return ProcedureReader.read(json);
    }

    private static void list(ObjectNode json, String name, List<String> values) {
        if (!values.isEmpty()) {
            ArrayNode list = json.putArray(name);
            values.forEach(list::add);
        }
    }

    private static void range(ObjectNode json, String name, TypedRange typed) {
        if (!typed.low().isEmpty() || !typed.high().isEmpty()) {
            ArrayNode ends = json.putArray(name);
            List.of(typed.low(), typed.high()).forEach(text -> end(ends, text));
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

    private static Map<String, TypedRange> ranges(Map<String, TypedRange> known) {
        Map<String, TypedRange> all = new LinkedHashMap<>();
        RANGES.forEach(name -> all.put(name, known.getOrDefault(name, new TypedRange("", ""))));
        return all;
    }

    private static Map<String, List<Choice>> choices(Map<String, List<String>> chosen) {
        Map<String, List<Choice>> all = new LinkedHashMap<>();
        all.put("materials", ticked(Material.values(), "material", chosen.getOrDefault("materials", List.of())));
        all.put("joints", ticked(JointForm.values(), "joint", chosen.getOrDefault("joints", List.of())));
        all.put(
                "positions",
                ticked(Position.values(), "position", chosen.getOrDefault("positions", List.of())).stream()
                        .map(choice ->
                                new Choice(choice.value(), choice.value() + " · " + choice.label(), choice.selected()))
                        .toList());
        return all;
    }

    private static List<Choice> ticked(Enum<?>[] values, String words, List<String> chosen) {
        return Choice.of(values, words, "").stream()
                .map(choice -> new Choice(choice.value(), choice.label(), chosen.contains(choice.value())))
                .toList();
    }
}
