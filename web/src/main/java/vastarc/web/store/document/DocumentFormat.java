package vastarc.web.store.document;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * One kind of document: how it is written today, and how each older format becomes the next.
 *
 * <p>A kept document is {@code {"format": n, "content": …}}.
 *
 * @param <T> what it holds
 */
public final class DocumentFormat<T> {

    private static final String FORMAT = "format";
    private static final String CONTENT = "content";

    private final String name;
    private final JsonMapper json;
    private final Function<JsonNode, T> reading;
    private final Function<T, JsonNode> writing;
    private final List<UnaryOperator<JsonNode>> upgrades;

    /**
     * A format.
     *
     * @param name     what it is called where it cannot be read
     * @param reading  from content of today's format; may throw
     * @param writing  to content of today's format
     * @param upgrades the first makes format 2 of format 1, and so on; today's format is one more than there are upgrades
     */
    public DocumentFormat(
            String name,
            JsonMapper json,
            Function<JsonNode, T> reading,
            Function<T, JsonNode> writing,
            List<UnaryOperator<JsonNode>> upgrades) {
        this.name = name;
        this.json = json;
        this.reading = reading;
        this.writing = writing;
        this.upgrades = List.copyOf(upgrades);
    }

    /** A format of a type that the mapper reads and writes by itself. */
    public static <T> DocumentFormat<T> of(
            String name, JsonMapper json, Class<T> type, List<UnaryOperator<JsonNode>> upgrades) {
        return new DocumentFormat<>(
                name, json, node -> json.treeToValue(node, type), json::<JsonNode>valueToTree, upgrades);
    }

    /** {@return the name of the format} */
    public String name() {
        return name;
    }

    /** The number of the format that is written today. */
    public int today() {
        return upgrades.size() + 1;
    }

    /** A value as it is stored. */
    public String write(T value) {
        ObjectNode document = json.createObjectNode();
        document.put(FORMAT, today());
        document.set(CONTENT, writing.apply(value));
        return json.writeValueAsString(document);
    }

    /** What is stored, in whatever format it was written; a text that cannot be read stays one, with what is wrong. */
    public Document<T> read(String text) {
        return new Document<>(this, text);
    }

    Document.Content<T> content(String text) {
        try {
            JsonNode document = json.readTree(text);
            int format = document.path(FORMAT).asInt(0);
            if (format > today()) {
                return unreadable("It was written by a later program (format " + format + "; this one reads up to "
                        + today() + ").");
            }
            if (format < 1 || !document.has(CONTENT)) {
                return unreadable("It does not say which format it is written in.");
            }
            return new Document.Content<>(Optional.of(read(document.get(CONTENT), format)), "");
        } catch (JacksonException e) {
            String place = e.getLocation() == null
                    ? "It is not whole: it breaks off or is garbled."
                    : "It is not whole: it breaks off or is garbled at line "
                            + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr() + ".";
            return unreadable(place);
        } catch (RuntimeException e) {
            return unreadable("It does not fit: " + e.getMessage());
        }
    }

    /** Content of a format that was once written, brought to today's and read; may throw. */
    public T read(JsonNode content, int format) {
        JsonNode upgraded = content;
        for (UnaryOperator<JsonNode> upgrade : upgrades.subList(format - 1, upgrades.size())) {
            upgraded = upgrade.apply(upgraded);
        }
        return reading.apply(upgraded);
    }

    /** Content of today's format. */
    public JsonNode content(T value) {
        return writing.apply(value);
    }

    private Document.Content<T> unreadable(String fault) {
        return new Document.Content<>(Optional.empty(), fault);
    }
}
