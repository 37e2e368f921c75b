package vastarc.web.store.job;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.WeldFields;
import vastarc.web.format.CoreJson;
import vastarc.web.store.document.DocumentFormat;
import vastarc.web.store.document.SheetDocuments;

/**
 * How a job's content is stored. Format 1 held everything in one map of texts: joint, own values, methods, logic, machine, torch and proof.
 * Format 2 keeps the joint as typed, and the rest typed beside it. Format 3 says which pass is shown, holds the purge, and tells both sides as a way to
 * penetrate.
 */
public final class JobFormat {

    /** The document of a job. */
    public static final DocumentFormat<JobContent> FORMAT =
            DocumentFormat.of("job", CoreJson.kept(), JobContent.class, List.of(JobFormat::typed, JobFormat::passed));

    private static final String BOTH_SIDES = WeldFields.BOTH_SIDES.name();
    private static final String PROVEN = "proven";
    private static final String FROZEN = "proven.";
    private static final String FROZEN_STOCK = "proven.stock.";

    private JobFormat() {}

    private static JsonNode typed(JsonNode node) {
        JsonNode texts = node.path("texts");
        JsonNode bareIn = node.path("bareIn");
        ObjectNode two = JsonNodeFactory.instance.objectNode();
        ObjectNode joint = two.putObject("joint");
        joint.set("texts", picked(texts, JointText.FIELDS));
        joint.set("bareIn", picked(bareIn, JointText.FIELDS));
        two.set("schools", prefixed(texts, JobContent.SCHOOL));
        two.set("logic", nullable(texts, "logic"));
        own(two.putObject("own"), texts, bareIn);
        two.set("machine", nullable(texts, "machine"));
        two.set("torch", nullable(texts, "torch"));
        two.set("proof", texts.has(PROVEN) ? proof(texts) : JsonNodeFactory.instance.nullNode());
        return two;
    }

    private static JsonNode passed(JsonNode two) {
        ObjectNode three = ((ObjectNode) two).deepCopy();
        three.put("pass", 1);
        ObjectNode purge = three.putObject("purge");
        purge.putObject("texts");
        purge.putObject("bareIn");
        if (three.path("joint").path("texts") instanceof ObjectNode texts && texts.has(BOTH_SIDES)) {
            if (texts.remove(BOTH_SIDES).asString().equals("true")) {
                texts.put(WeldFields.PENETRATION.name(), "BOTH_SIDES");
            }
        }
        if (three.path("proof") instanceof ObjectNode proof
                && proof.path("sheet").isObject()) {
            proof.set("sheet", SheetDocuments.deep(proof.get("sheet")));
        }
        return three;
    }

    private static ObjectNode picked(JsonNode node, Set<String> names) {
        ObjectNode picked = JsonNodeFactory.instance.objectNode();
        node.propertyStream()
                .filter(entry -> names.contains(entry.getKey()))
                .forEach(entry -> picked.set(entry.getKey(), entry.getValue()));
        return picked;
    }

    private static ObjectNode prefixed(JsonNode texts, String prefix) {
        ObjectNode named = JsonNodeFactory.instance.objectNode();
        texts.propertyStream()
                .filter(entry -> entry.getKey().startsWith(prefix))
                .forEach(entry -> named.set(entry.getKey().substring(prefix.length()), entry.getValue()));
        return named;
    }

    private static JsonNode nullable(JsonNode texts, String name) {
        return texts.has(name) ? texts.get(name) : JsonNodeFactory.instance.nullNode();
    }

    private static void own(ObjectNode own, JsonNode texts, JsonNode bareIn) {
        ObjectNode values = own.putObject("values");
        ObjectNode unread = own.putObject("unread");
        Arrays.stream(CycleKey.values())
                .filter(key -> texts.has(OwnValuesText.field(key)))
                .forEach(key -> {
                    String text = texts.get(OwnValuesText.field(key)).asString();
                    boolean inch =
                            bareIn.path(OwnValuesText.field(key)).asString("").equals(UnitSystem.INCH.name());
                    OptionalDouble figure = OwnValuesText.read(key, text, inch ? UnitSystem.INCH : UnitSystem.METRIC);
                    figure.ifPresentOrElse(value -> values.put(key.name(), value), () -> unread.put(key.name(), text));
                });
    }

    private static ObjectNode proof(JsonNode texts) {
        ObjectNode proof = JsonNodeFactory.instance.objectNode();
        proof.set("day", texts.get(PROVEN));
        ObjectNode schools = prefixed(texts, FROZEN);
        schools.propertyNames().stream()
                .filter(name -> name.startsWith("stock."))
                .toList()
                .forEach(schools::remove);
        proof.set("schools", schools);
        proof.set("tungstensMm", numbers(texts, "tungstens"));
        proof.set("cups", numbers(texts, "cups"));
        proof.set("wiresMm", numbers(texts, "wires"));
        proof.putNull("sheet");
        return proof;
    }

    private static ArrayNode numbers(JsonNode texts, String name) {
        ArrayNode numbers = JsonNodeFactory.instance.arrayNode();
        for (String text : texts.path(FROZEN_STOCK + name).asString("").split(" ")) {
            if (!text.isEmpty()) {
                double number = NumberReader.read(text)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "“" + text + "” among the " + name + " it was proven with is no number"));
                if (name.equals("cups")) {
                    numbers.add((int) number);
                } else {
                    numbers.add(number);
                }
            }
        }
        return numbers;
    }
}
