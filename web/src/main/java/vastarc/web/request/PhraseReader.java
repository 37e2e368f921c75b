package vastarc.web.request;

import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.input.JointPhrase;
import vastarc.core.input.JointReading;
import vastarc.web.format.CoreJson;

/** Joints said in one line, as calls send them. */
public final class PhraseReader {

    /** Name of the line in a call. */
    public static final String TEXT = "text";

    /** Name of the units of its bare numbers in a call. */
    public static final String UNITS = "units";

    private PhraseReader() {}

    /**
     * {@return what the line of a call says; a problem where there is none, or too long a one}
     *
     * @param body the body of the call
     */
    public static Outcome<JointReading> read(JsonNode body) {
        String line = body.path(TEXT).isString() ? body.path(TEXT).asString().strip() : "";
        if (line.isEmpty()) {
            return Outcome.failed(Problem.badValue(TEXT, "phrase.empty"));
        }
        if (line.length() > JointPhrase.MAX_CHARACTERS) {
            return Outcome.failed(Problem.badValue(TEXT, "phrase.tooLong", JointPhrase.MAX_CHARACTERS));
        }
        return Outcome.of(JointPhrase.read(line, units(body)));
    }

    /** Metric where nothing else is said. */
    private static UnitSystem units(JsonNode body) {
        boolean inch = UnitSystem.INCH.name().equals(body.path(UNITS).asString(""));
        return inch ? UnitSystem.INCH : UnitSystem.METRIC;
    }

    /**
     * {@return the body with what its line says put where it says nothing itself}
     *
     * @param body the body of the call
     * @param reading what its line says; empty where it has none
     */
    public static JsonNode filled(JsonNode body, Optional<JointReading> reading) {
        if (reading.isEmpty()) {
            return body;
        }
        ObjectNode filled = CoreJson.answers().valueToTree(reading.get().fields());
        body.propertyStream()
                .filter(entry -> !entry.getKey().equals(TEXT) && !entry.getKey().equals(UNITS))
                .forEach(entry -> filled.set(entry.getKey(), entry.getValue()));
        return filled;
    }
}
