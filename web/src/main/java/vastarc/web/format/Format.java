package vastarc.web.format;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SchemaRegistryConfig;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.validation.Problem;

/** A published document format. Its schema is a file of {@code docs/formats}. */
public enum Format {
    /** A machine and its torch. */
    MACHINE("machine"),
    /** A copy of the shop, as written today. */
    SHOP("shop"),
    /** A setup sheet. */
    SHEET("sheet"),
    /** A run. */
    RUN("run"),
    /** An exam. */
    EXAM("exam"),
    /** A job. */
    JOB("job"),
    /** A recording of meters. */
    TRACE("trace"),
    /** What a meter sends. */
    METER_READINGS("meter-readings"),
    /** A purge. */
    PURGE("purge"),
    /** A weld sequence. */
    ROUTE("route"),
    /** A preliminary procedure. */
    PROCEDURE_SHEET("procedure-sheet");

    private static final int FAULTS_NAMED = 12;

    private final String file;
    private final String text;
    private final Schema schema;
    private final Map<String, Schema> parts = new ConcurrentHashMap<>();

    Format(String name) {
        file = name + ".schema.json";
        try (InputStream in = Format.class.getResourceAsStream("/formats/" + file)) {
            text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        schema = schema(JsonMapper.shared().readTree(text));
    }

    private static Schema schema(JsonNode text) {
        return SchemaRegistry.withDefaultDialect(
                        SpecificationVersion.DRAFT_2020_12,
                        registry -> registry.schemaRegistryConfig(SchemaRegistryConfig.builder()
                                .locale(Locale.ENGLISH)
                                .build()))
                .getSchema(text);
    }

    /** What a property of this schema says of its value or, where that is a list, of one of its elements. */
    private Schema part(String property) {
        return parts.computeIfAbsent(property, name -> {
            JsonNode whole = JsonMapper.shared().readTree(text);
            JsonNode value = whole.path("properties").path(name);
            ObjectNode part = ((ObjectNode) (value.has("items") ? value.get("items") : value)).deepCopy();
            part.set("$schema", whole.get("$schema"));
            if (whole.has("$defs")) {
                part.set("$defs", whole.get("$defs"));
            }
            return schema(part);
        });
    }

    /** {@return name of its file, as it is published} */
    public String file() {
        return file;
    }

    /** {@return the schema, as published} */
    public String text() {
        return text;
    }

    /**
     * {@return what is wrong with a document, at most twelve faults; empty when it fits}
     *
     * @param document the document
     */
    public List<Problem> faults(JsonNode document) {
        return faults(schema, document);
    }

    /**
     * {@return what is wrong with the value of a property or, where that is a list, with one of its elements}
     *
     * @param property the property that holds the id
     * @param element the element as read
     */
    public List<Problem> faults(String property, JsonNode element) {
        return faults(part(property), element);
    }

    private static List<Problem> faults(Schema schema, JsonNode document) {
        try {
            return schema.validate(document).stream()
                    .limit(FAULTS_NAMED)
                    .map(Format::fault)
                    .toList();
        } catch (JacksonException | ArithmeticException e) {
            // The checker itself stumbles over whole numbers beyond 64 bits.
            return List.of(Problem.badValue("body", "schema", "it holds a number too large to be read"));
        }
    }

    private static Problem fault(Error error) {
        String place = error.getInstanceLocation().toString();
        String message = error.getMessage().replaceFirst("^" + Pattern.quote(place) + ":? *", "");
        return Problem.badValue(
                place.isEmpty() ? "body" : place, "schema", message.isEmpty() ? "it is wrong" : message);
    }
}
