package vastarc.web.store.document;

import jakarta.persistence.Converter;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.web.format.CoreJson;

/** How a sheet is stored wherever it is stored alone; published as {@code sheet.schema.json}. */
public final class SheetDocuments {

    /** The document of a setup sheet. */
    public static final DocumentFormat<SheetDocument> FORMAT =
            DocumentFormat.of("sheet", CoreJson.kept(), SheetDocument.class, List.of(SheetDocuments::deep));

    /** What a pass of format 1 says no more than: zero, until it is calculated again. */
    private static final List<String> FIGURES_OF_A_PASS = List.of(
            "lowA", "highA", "travelMmPerMin", "gasLPerMin", "heatInputKjPerMm", "shade", "reachFactor", "arcSPerM");

    private SheetDocuments() {}

    /**
     * Format 1 knew one preparation for each form, both sides as a yes or no, and of a pass its kind, current,
     * section and wire.
     *
     * @param node the node
     * @return the content
     */
    public static JsonNode deep(JsonNode node) {
        ObjectNode sheet = ((ObjectNode) node).deepCopy();
        ObjectNode joint = (ObjectNode) sheet.path("weld").path("joint");
        joint.put("preparation", joint.path("groove").isObject() ? "V" : "SQUARE");
        joint.putNull("leg");
        ObjectNode practice = (ObjectNode) sheet.path("weld").path("practice");
        boolean both = practice.path("bothSides").asBoolean(false);
        practice.remove("bothSides");
        if (both) {
            practice.put("penetration", "BOTH_SIDES");
        } else {
            practice.putNull("penetration");
        }
        practice.putNull("depth");
        if (sheet.path("passes") instanceof ObjectNode passes) {
            passes.putArray("clock");
            passes.path("passes").forEach(SheetDocuments::deepPass);
        }
        return sheet;
    }

    private static void deepPass(JsonNode pass) {
        FIGURES_OF_A_PASS.forEach(figure -> ((ObjectNode) pass).put(figure, 0));
        ((ObjectNode) pass).put("tungstenHolds", true);
    }

    /** A sheet in one column. */
    @Converter
    public static class SheetColumn extends DocumentConverter<SheetDocument> {

        /** Writes and reads the format of today. */
        public SheetColumn() {
            super(FORMAT);
        }
    }
}
