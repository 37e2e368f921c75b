package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleSupplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.source.TorchOperator;

/**
 * What a call for a simulation says besides joint and own values.
 *
 * @param operator who moves the torch
 * @param quality how finely the joint is cut
 * @param legMm   how far the members reach from the seam, mm
 * @param wireMm  another wire at the same feed, mm; empty for the sheet's
 */
public record SimulationReader(TorchOperator operator, MeshDetail quality, double legMm, OptionalDouble wireMm) {

    private static final String SCORE = "score";
    private static final String OPERATOR = "hand";
    private static final String QUALITY = "quality";
    private static final String STEADINESS = "steadiness";

    /** Names a simulation takes besides a sheet request's. */
    public static final Set<String> FIELDS = Set.of(
            OwnValueReader.LOGIC, OPERATOR, QUALITY, SimulationRequest.LEG.field(), SimulationRequest.WIRE.field());

    /** How a welder goes. */
    private enum Steadiness {
        STEADY,
        UNSTEADY
    }

    /**
     * {@return the body with {@code score} and {@code seamMm} put where the sheet's own values are}
     *
     * @param body the document
     */
    public static Outcome<JsonNode> flat(JsonNode body) {
        ObjectNode flat = ((ObjectNode) body).deepCopy();
        JsonNode score = flat.remove(SCORE);
        List<Problem> problems = new ArrayList<>();
        if (score != null && !score.isNull()) {
            if (!score.isObject()) {
                problems.add(JsonInputs.wrongType(
                        SCORE, score, "an object such as {\"logic\": \"TRIGGER_4T\", \"own\": {}}"));
            } else {
                score.properties().forEach(entry -> flat.set(entry.getKey(), entry.getValue()));
            }
        }
        Outcome<JsonNode> whole = withSeam(flat, SimulationRequest.SEAM);
        problems.addAll(whole.problems());
        return problems.isEmpty() ? whole : Outcome.failed(problems);
    }

    /**
     * {@return the body with the length of the seam put where the sheet's own values are}
     *
     * @param body  the document, an object
     * @param range the name of the field, and what it may be
     */
    public static Outcome<JsonNode> withSeam(JsonNode body, InputRange range) {
        ObjectNode flat = ((ObjectNode) body).deepCopy();
        JsonNode seam = flat.remove(range.field());
        List<Problem> problems = new ArrayList<>();
        if (seam != null && !seam.isNull()) {
            JsonInputs.number(seam, range, problems).ifPresent(mm -> own(flat).put(CycleKey.SEAM_LENGTH.apiName(), mm));
        }
        return problems.isEmpty() ? Outcome.of(flat) : Outcome.failed(problems);
    }

    private static ObjectNode own(ObjectNode body) {
        return body.get(OwnValueReader.OWN) instanceof ObjectNode own ? own : body.putObject(OwnValueReader.OWN);
    }

    /**
     * {@return what is given, or everything that is wrong with it}
     *
     * @param body the document
     */
    public static Outcome<SimulationReader> read(JsonNode body) {
        JsonFields fields = JsonFields.within(body);
        JsonFields operator = fields.object(
                OPERATOR,
                STEADINESS,
                TorchOperator.TRAVEL.field(),
                TorchOperator.ARC.field(),
                TorchOperator.LEAN.field(),
                TorchOperator.SCATTER.field(),
                TorchOperator.SEED.field());
        Steadiness steady = operator.choice(STEADINESS, Steadiness.class, Optional.of(Steadiness.STEADY));
        double usual = steady == Steadiness.STEADY ? 0 : TorchOperator.USUAL_SCATTER;
        double scatter = operator.number(TorchOperator.SCATTER, usual);
        SimulationReader read = new SimulationReader(
                new TorchOperator(
                        numberOr(operator, TorchOperator.TRAVEL.field(), () -> operator.number(TorchOperator.TRAVEL)),
                        numberOr(operator, TorchOperator.ARC.field(), () -> operator.number(TorchOperator.ARC)),
                        operator.number(TorchOperator.LEAN, 0),
                        steady == Steadiness.STEADY ? 0 : scatter,
                        (long) operator.number(TorchOperator.SEED, 1)),
                fields.choice(QUALITY, MeshDetail.class, Optional.of(MeshDetail.LIVE)),
                fields.number(SimulationRequest.LEG, SimulationRequest.LEG_MM),
                numberOr(fields, SimulationRequest.WIRE.field(), () -> fields.number(SimulationRequest.WIRE)));
        return fields.problems().isEmpty() ? Outcome.of(read) : Outcome.failed(fields.problems());
    }

    private static OptionalDouble numberOr(JsonFields fields, String name, DoubleSupplier number) {
        return fields.has(name) ? OptionalDouble.of(number.getAsDouble()) : OptionalDouble.empty();
    }
}
