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
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.finding.Problem;

/** A published document format. Its schema is a file of {@code docs/formats}. */
public enum Format {
    MACHINE("machine"),
    SHOP("shop"),
    /** What archives of version 1 keep to; they are still taken. */
    SHOP_1("shop-1"),
    SHEET("sheet");

    private static final int FAULTS_NAMED = 12;

    private final String text;
    private final Schema schema;

    Format(String name) {
        String file = "/formats/" + name + ".schema.json";
        try (InputStream in = Format.class.getResourceAsStream(file)) {
            text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        schema = SchemaRegistry.withDefaultDialect(
                        SpecificationVersion.DRAFT_2020_12,
                        registry -> registry.schemaRegistryConfig(SchemaRegistryConfig.builder()
                                .locale(Locale.ENGLISH)
                                .build()))
                .getSchema(JsonMapper.shared().readTree(text));
    }

    /** The schema, as published. */
    public String text() {
        return text;
    }

    /** What is wrong with a document, at most twelve faults; empty when it fits. */
    public List<Problem> faults(JsonNode document) {
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
