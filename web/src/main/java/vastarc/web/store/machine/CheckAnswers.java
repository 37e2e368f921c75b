package vastarc.web.store.machine;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.document.DocumentFormat;

/**
 * What has been answered of a check.
 *
 * @param byItem name of the answer, by the item's code
 */
public record CheckAnswers(Map<String, String> byItem) {

    /** Format 1 was the bare map. */
    public static final DocumentFormat<CheckAnswers> FORMAT =
            DocumentFormat.of("answers of a check", CoreJson.kept(), CheckAnswers.class, List.of(CheckAnswers::named));

    public CheckAnswers {
        byItem = new TreeMap<>(byItem);
    }

    private static JsonNode named(JsonNode bare) {
        ObjectNode named = JsonNodeFactory.instance.objectNode();
        named.set("byItem", bare);
        return named;
    }
}
