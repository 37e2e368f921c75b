package vastarc.web.request;

import tools.jackson.core.JacksonException;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/** Reads a JSON object from bytes, whatever way they came. */
public final class JsonObjects {

    /** NaN and infinity are read as numbers, so that the answer can name the field instead of a place in the text. */
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
            .build();

    private JsonObjects() {}

    /**
     * {@return the object that the bytes are, or what is wrong with them}
     *
     * @param body the bytes, UTF-8
     * @param example what would be right, for the answer
     */
    public static Outcome<JsonNode> read(byte[] body, String example) {
        try {
            JsonNode node = JSON.readTree(body);
            return node.isObject()
                    ? Outcome.of(node)
                    : Outcome.failed(Problem.badValue("body", "json", "it is not an object", example));
        } catch (JacksonException e) {
            String place = e.getLocation() == null
                    ? "it is broken"
                    : "broken at line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr();
            return Outcome.failed(Problem.badValue("body", "json", place, example));
        }
    }
}
