package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.cycle.OperatorInput;
import vastarc.core.advice.cycle.OperatorInput.InputAction;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/** Reads what the welder touched and when. */
public final class OperatorInputReader {

    /** Field of the touches. */
    public static final String TOUCHES = "touches";
    /** Field of the time at which the torch is taken away, s. */
    public static final String TORCH_AWAY = "awayS";

    /** Latest time a touch may have, s. */
    public static final double LATEST_S = 7200;

    private static final int MOST = 500;

    private OperatorInputReader() {}

    /**
     * {@return the inputs of an object; empty where it has none}
     *
     * @param body the document
     */
    public static Outcome<Optional<List<OperatorInput>>> read(JsonNode body) {
        JsonNode list = body.get(TOUCHES);
        if (list == null || list.isNull()) {
            return Outcome.of(Optional.empty());
        }
        if (!list.isArray()) {
            return refused("they are not a list");
        }
        if (list.size() > MOST) {
            return refused("there are " + list.size());
        }
        List<OperatorInput> inputs = new ArrayList<>();
        for (JsonNode node : list) {
            Optional<OperatorInput> touch = touch(node);
            if (touch.isEmpty()) {
                return refused("number " + (inputs.size() + 1) + " cannot be read");
            }
            if (!inputs.isEmpty()
                    && inputs.get(inputs.size() - 1).atS() > touch.get().atS()) {
                return refused("number " + (inputs.size() + 1) + " comes before the one before it");
            }
            inputs.add(touch.get());
        }
        return Outcome.of(Optional.of(inputs));
    }

    private static Optional<OperatorInput> touch(JsonNode node) {
        OptionalDouble at = number(node, "atS", LATEST_S);
        OptionalDouble foot = number(node, "foot", 1);
        JsonNode kind = node.get("kind");
        if (at.isEmpty() || kind == null || !kind.isString()) {
            return Optional.empty();
        }
        return ApiNames.read(kind.asString(), TOUCHES, InputAction.class, problem -> {})
                .filter(read -> read != InputAction.FOOT || foot.isPresent())
                .map(read -> new OperatorInput(at.getAsDouble(), read, foot.orElse(0)));
    }

    private static OptionalDouble number(JsonNode node, String name, double most) {
        OptionalDouble figure = node.has(name) ? JsonInputs.finite(node.get(name)) : OptionalDouble.empty();
        return figure.orElse(-1) >= 0 && figure.orElse(-1) <= most ? figure : OptionalDouble.empty();
    }

    /**
     * {@return when the torch was taken away; empty where it was left, and a problem where the figure cannot be used}
     *
     * @param body the document
     */
    public static Outcome<OptionalDouble> torchAway(JsonNode body) {
        OptionalDouble away = number(body, TORCH_AWAY, LATEST_S);
        boolean isSet = body.has(TORCH_AWAY) && !body.get(TORCH_AWAY).isNull();
        return isSet && away.isEmpty()
                ? Outcome.failed(Problem.badValue(
                        TORCH_AWAY,
                        "type",
                        "nothing usable",
                        "a number in s, 0 to " + (int) LATEST_S + ", or leave it out"))
                : Outcome.of(away);
    }

    private static Outcome<Optional<List<OperatorInput>>> refused(String why) {
        return Outcome.failed(
                Problem.badValue(TOUCHES, "touches", why, MOST, ApiNames.names(InputAction.class), (int) LATEST_S));
    }
}
