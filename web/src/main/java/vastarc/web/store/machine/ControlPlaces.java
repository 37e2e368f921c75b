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
 * Where controls stand.
 *
 * @param byControl share of the sweep for a knob, number of the stop for a switch, figure for a display, by the control's id
 */
public record ControlPlaces(Map<String, Double> byControl) {

    /** Format 1 was the bare map. */
    public static final DocumentFormat<ControlPlaces> FORMAT = DocumentFormat.of(
            "places of controls", CoreJson.kept(), ControlPlaces.class, List.of(ControlPlaces::named));

    public ControlPlaces {
        byControl = new TreeMap<>(byControl);
    }

    /** From figures by control. */
    static ControlPlaces of(JsonNode figures) {
        Map<String, Double> byControl = new TreeMap<>();
        figures.properties()
                .forEach(entry -> byControl.put(entry.getKey(), entry.getValue().asDouble()));
        return new ControlPlaces(byControl);
    }

    private static JsonNode named(JsonNode bare) {
        ObjectNode named = JsonNodeFactory.instance.objectNode();
        named.set("byControl", bare);
        return named;
    }
}
