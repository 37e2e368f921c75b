package vastarc.web.machines;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.CRC32;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Short marks of the parts of a machine's document, to tell whether each is still what a page showed. */
final class PartMark {

    /** Under this name a form sends the mark of what it showed. */
    static final String SEEN = "seen";

    /** What is on the plate, beside the controls by their ids. */
    static final String PLATE = "";

    private static final String ELEMENTS = "elements";

    private PartMark() {}

    /** The mark of each part of a document. */
    static Map<String, String> all(ObjectNode document) {
        Map<String, String> marks = new TreeMap<>();
        document.path(ELEMENTS).forEach(element -> marks.put(element.path("id").asString(), of(element)));
        ObjectNode plate = document.deepCopy();
        plate.remove(ELEMENTS);
        marks.put(PLATE, of(plate));
        return marks;
    }

    private static String of(JsonNode part) {
        CRC32 sum = new CRC32();
        sum.update(part.toString().getBytes(StandardCharsets.UTF_8));
        return Long.toHexString(sum.getValue());
    }
}
