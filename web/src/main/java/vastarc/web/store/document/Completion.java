package vastarc.web.store.document;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Fields that an older document lacks, filled with what means nothing, so that the rest of it can be read. */
public final class Completion {

    private Completion() {}

    /**
     * Puts what is missing into a document, at every depth.
     *
     * @param document changed
     * @param nothing  a document with every field there is, each with a value that says nothing
     * @return the names of what was put in, such as {@code outcome.touchS}
     */
    public static List<String> fill(ObjectNode document, JsonNode nothing) {
        List<String> missing = new ArrayList<>();
        fill(document, nothing, "", missing);
        return missing;
    }

    private static void fill(ObjectNode document, JsonNode nothing, String path, List<String> missing) {
        nothing.properties().forEach(field -> {
            String name = field.getKey();
            JsonNode there = document.get(name);
            if (there == null || there.isNull() && field.getValue().isObject()) {
                document.set(name, field.getValue().deepCopy());
                missing.add(path + name);
            } else if (there instanceof ObjectNode object && field.getValue().isObject()) {
                fill(object, field.getValue(), path + name + ".", missing);
            }
        });
    }
}
