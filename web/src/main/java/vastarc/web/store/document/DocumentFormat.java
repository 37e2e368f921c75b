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
     * @param name what it is called where it cannot be read
     * @param json reads and writes JSON
     * @param reading from content of today's format; may throw
     * @param writing to content of today's format
     * @param upgrades the first makes format 2 of format 1, and so on; today's format is one more than there are
     *     upgrades
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

    /**
     * {@return a format of a type that the mapper reads and writes by itself}
     *
     * @param <T> the type of the value
     * @param name the name
     * @param json reads and writes JSON
     * @param type the type
     * @param upgrades the steps from each format to the next
     */
    public static <T> DocumentFormat<T> of(
            String name, JsonMapper json, Class<T> type, List<UnaryOperator<JsonNode>> upgrades) {
        return new DocumentFormat<>(
                name, json, node -> json.treeToValue(node, type), json::<JsonNode>valueToTree, upgrades);
    }

    /** {@return the name of the format} */
    public String name() {
        return name;
    }

    /**
     * {@return content of the next format}
     *
     * @param content content of a format
     * @param format number of that format, from 1
     */
    public JsonNode next(JsonNode content, int format) {
        return upgrades.get(format - 1).apply(content);
    }

    /** {@return the number of the format that is written today} */
    public int today() {
        return upgrades.size() + 1;
    }

    /**
     * {@return a value as it is stored}
     *
     * @param value the value
     */
    public String write(T value) {
        ObjectNode document = json.createObjectNode();
        document.put(FORMAT, today());
        document.set(CONTENT, writing.apply(value));
        return json.writeValueAsString(document);
    }

    /**
     * {@return what is stored, in whatever format it was written; a text that cannot be read stays one, with what is
     * wrong}
     *
     * @param text the text
     */
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

    /**
     * {@return content of a format that was once written, brought to today's and read; may throw}
     *
     * @param content the document
     * @param format number of its format
     */
    public T read(JsonNode content, int format) {
        JsonNode upgraded = content;
        for (UnaryOperator<JsonNode> upgrade : upgrades.subList(format - 1, upgrades.size())) {
            upgraded = upgrade.apply(upgraded);
        }
        return reading.apply(upgraded);
    }

    /**
     * {@return content of today's format}
     *
     * @param value the value
     */
    public JsonNode content(T value) {
        return writing.apply(value);
    }

    private Document.Content<T> unreadable(String fault) {
        return new Document.Content<>(Optional.empty(), fault);
    }
}
