package vastarc.web.store.machine;

import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.ProfileRules;
import vastarc.web.format.Format;
import vastarc.web.store.document.DocumentFormat;

/** From a document of the published format to a profile: schema first, then what a schema cannot say. */
public final class ProfileReader {

    /** Largest document read, bytes. */
    public static final int MAX_BYTES = 256 * 1024;

    private static final double USUAL_ASPECT = 1.6;
    private static final double USUAL_SIZE = 12;
    private static final Map<String, Object> USUAL_SCALE = Map.of(
            "step",
            0,
            "ticks",
            0,
            "figures",
            true,
            "startDeg",
            -150,
            "sweepDeg",
            300,
            "clockwise",
            true,
            "taper",
            "LINEAR",
            "auto",
            false);
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    /** How a profile is stored: the content is a document of the published format, read without its schema and its rules. */
    public static final DocumentFormat<MachineProfile> FORMAT = new DocumentFormat<>(
            "machine", JSON, node -> profile((ObjectNode) node), ProfileReader::document, List.of());

    private ProfileReader() {}

    /**
     * {@return a document as text}
     *
     * @param text the text
     */
    public static Outcome<MachineProfile> read(String text) {
        if (text.length() > MAX_BYTES) {
            return Outcome.failed(Problem.badValue("body", "textTooLong", text.length(), MAX_BYTES));
        }
        try {
            return read(JSON.readTree(text));
        } catch (JacksonException e) {
            String place = e.getLocation() == null
                    ? "it is broken"
                    : "broken at line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr();
            return Outcome.failed(Problem.badValue("body", "json", place, "an exported machine"));
        }
    }

    /**
     * {@return a parsed document}
     *
     * @param document the document
     */
    public static Outcome<MachineProfile> read(JsonNode document) {
        List<Problem> faults = Format.MACHINE.faults(document);
        if (!faults.isEmpty()) {
            return Outcome.failed(faults);
        }
        MachineProfile profile = profile((ObjectNode) document);
        List<Problem> problems = ProfileRules.problems(profile);
        return problems.isEmpty() ? Outcome.of(profile) : Outcome.failed(problems);
    }

    private static MachineProfile profile(ObjectNode document) {
        return JSON.treeToValue(completed(document.deepCopy()), MachineProfile.class);
    }

    /** What a document may leave out, put in. */
    private static ObjectNode completed(ObjectNode profile) {
        fill(
                profile,
                Map.of("alternating", false, "remote", false, "cooler", false, "slots", 0, "aspect", USUAL_ASPECT));
        fillArray(profile, "plate");
        profile.path("logics").forEach(offer -> supporting((ObjectNode) offer));
        profile.path("elements").forEach(element -> completedControl((ObjectNode) element));
        return profile;
    }

    private static void supporting(ObjectNode offer) {
        if (!offer.has("honours")) {
            ArrayNode honours = offer.putArray("honours");
            TriggerMode.of(TriggerModeName.valueOf(offer.path("logic").asString("")))
                    .honours()
                    .forEach(honour -> honours.add(honour.name()));
        }
    }

    private static void completedControl(ObjectNode element) {
        fill(element, Map.of("size", USUAL_SIZE));
        fillArray(element, "stops");
        fillArray(element, "menuPath");
        if (element.has("scale")) {
            fill((ObjectNode) element.get("scale"), USUAL_SCALE);
        }
    }

    private static void fill(ObjectNode node, Map<String, Object> usual) {
        usual.forEach((name, value) -> {
            if (!node.has(name)) {
                node.set(name, JSON.valueToTree(value));
            }
        });
    }

    private static void fillArray(ObjectNode node, String name) {
        if (!node.has(name)) {
            node.set(name, JsonNodeFactory.instance.arrayNode());
        }
    }

    /**
     * {@return a profile as a document of the published format}
     *
     * @param profile the profile
     */
    public static ObjectNode document(MachineProfile profile) {
        ObjectNode document = JSON.createObjectNode();
        document.put("format", "vast-arc-machine");
        document.put("version", 1);
        document.setAll((ObjectNode) withoutNothing(JSON.valueToTree(profile)));
        return document;
    }

    /** Absent values are left out of a document rather than written as null. */
    private static JsonNode withoutNothing(JsonNode node) {
        if (node.isObject()) {
            ObjectNode object = (ObjectNode) node;
            List<String> names = List.copyOf(object.propertyNames());
            names.stream().filter(name -> object.get(name).isNull()).forEach(object::remove);
        }
        node.forEach(ProfileReader::withoutNothing);
        return node;
    }

    /**
     * {@return a profile as a document of the published format}
     *
     * @param profile the profile
     */
    public static String text(MachineProfile profile) {
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(document(profile));
    }
}
