package vastarc.web.kept.machine;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.document.DocumentFormat;

/**
 * What has been answered of a check.
 *
 * @param byItem name of the answer, by the item's code
 */
public record Answers(Map<String, String> byItem) {

    /** Format 1 was the bare map. */
    public static final DocumentFormat<Answers> FORMAT =
            DocumentFormat.of("answers of a check", CoreJson.kept(), Answers.class, List.of(Answers::named));

    public Answers {
        byItem = new TreeMap<>(byItem);
    }

    private static JsonNode named(JsonNode bare) {
        ObjectNode named = JsonNodeFactory.instance.objectNode();
        named.set("byItem", bare);
        return named;
    }
}
