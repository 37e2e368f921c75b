package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleSupplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.rehearsal.Hand;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.RehearsalAsk;

/**
 * What a call for a rehearsal says besides joint and own values.
 *
 * @param hand    that leads the torch
 * @param quality how finely the joint is cut
 * @param legMm   how far the members reach from the seam, mm
 * @param wireMm  another wire at the same feed, mm; empty for the sheet's
 */
public record RehearsalReader(Hand hand, Quality quality, double legMm, OptionalDouble wireMm) {

    private static final String SCORE = "score";
    private static final String HAND = "hand";
    private static final String QUALITY = "quality";
    private static final String STEADINESS = "steadiness";
    private static final String SEAM = RehearsalAsk.SEAM.field();

    /** Names a rehearsal takes besides a sheet request's. */
    public static final Set<String> FIELDS =
            Set.of(OwnReader.LOGIC, HAND, QUALITY, RehearsalAsk.LEG.field(), RehearsalAsk.WIRE.field());

    /** How a hand goes. */
    private enum Steadiness {
        STEADY,
        UNSTEADY
    }

    /** The body with {@code score} and {@code seamMm} put where the sheet's own values are. */
    public static Outcome<JsonNode> flat(JsonNode body) {
        ObjectNode flat = ((ObjectNode) body).deepCopy();
        JsonNode score = flat.remove(SCORE);
        JsonNode seam = flat.remove(SEAM);
        List<Problem> problems = new ArrayList<>();
        if (score != null && !score.isNull()) {
            if (!score.isObject()) {
                problems.add(JsonInputs.wrongType(
                        SCORE, score, "an object such as {\"logic\": \"TRIGGER_4T\", \"own\": {}}"));
            } else {
                score.properties().forEach(entry -> flat.set(entry.getKey(), entry.getValue()));
            }
        }
        if (seam != null && !seam.isNull()) {
            JsonInputs.number(seam, RehearsalAsk.SEAM, problems)
                    .ifPresent(mm -> own(flat).put(SEAM, mm));
        }
        return problems.isEmpty() ? Outcome.of(flat) : Outcome.failed(problems);
    }

    private static ObjectNode own(ObjectNode body) {
        return body.get(OwnReader.OWN) instanceof ObjectNode own ? own : body.putObject(OwnReader.OWN);
    }

    /** What is told, or everything that is wrong with it. */
    public static Outcome<RehearsalReader> read(JsonNode body) {
        JsonFields fields = JsonFields.within(body);
        JsonFields hand = fields.object(
                HAND,
                STEADINESS,
                Hand.TRAVEL.field(),
                Hand.ARC.field(),
                Hand.LEAN.field(),
                Hand.SCATTER.field(),
                Hand.SEED.field());
        Steadiness steady = hand.choice(STEADINESS, Steadiness.class, Optional.of(Steadiness.STEADY));
        double usual = steady == Steadiness.STEADY ? 0 : Hand.USUAL_SCATTER;
        double scatter = hand.number(Hand.SCATTER, usual);
        RehearsalReader read = new RehearsalReader(
                new Hand(
                        told(hand, Hand.TRAVEL.field(), () -> hand.number(Hand.TRAVEL)),
                        told(hand, Hand.ARC.field(), () -> hand.number(Hand.ARC)),
                        hand.number(Hand.LEAN, 0),
                        steady == Steadiness.STEADY ? 0 : scatter,
                        (long) hand.number(Hand.SEED, 1)),
                fields.choice(QUALITY, Quality.class, Optional.of(Quality.LIVE)),
                fields.number(RehearsalAsk.LEG, RehearsalAsk.LEG_MM),
                told(fields, RehearsalAsk.WIRE.field(), () -> fields.number(RehearsalAsk.WIRE)));
        return fields.problems().isEmpty() ? Outcome.of(read) : Outcome.failed(fields.problems());
    }

    private static OptionalDouble told(JsonFields fields, String name, DoubleSupplier number) {
        return fields.has(name) ? OptionalDouble.of(number.getAsDouble()) : OptionalDouble.empty();
    }
}
