package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.score.Touch;

/** Reads what a hand touched and when. */
public final class TouchReader {

    public static final String TOUCHES = "touches";
    public static final String AWAY = "awayS";

    /** Latest time a touch may have, s. */
    public static final double LATEST_S = 7200;

    private static final int MOST = 500;

    private TouchReader() {}

    /** The touches of an object; empty where it has none. */
    public static Outcome<Optional<List<Touch>>> read(JsonNode body) {
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
        List<Touch> touches = new ArrayList<>();
        for (JsonNode node : list) {
            Optional<Touch> touch = touch(node);
            if (touch.isEmpty()) {
                return refused("number " + (touches.size() + 1) + " cannot be read");
            }
            if (!touches.isEmpty()
                    && touches.get(touches.size() - 1).atS() > touch.get().atS()) {
                return refused("number " + (touches.size() + 1) + " comes before the one before it");
            }
            touches.add(touch.get());
        }
        return Outcome.of(Optional.of(touches));
    }

    private static Optional<Touch> touch(JsonNode node) {
        OptionalDouble at = number(node, "atS", LATEST_S);
        OptionalDouble foot = number(node, "foot", 1);
        JsonNode kind = node.get("kind");
        if (at.isEmpty() || kind == null || !kind.isString()) {
            return Optional.empty();
        }
        return Choices.read(kind.asString(), TOUCHES, Touch.Kind.class, problem -> {})
                .filter(read -> read != Touch.Kind.FOOT || foot.isPresent())
                .map(read -> new Touch(at.getAsDouble(), read, foot.orElse(0)));
    }

    private static OptionalDouble number(JsonNode node, String name, double most) {
        OptionalDouble figure = node.has(name) ? JsonInputs.finite(node.get(name)) : OptionalDouble.empty();
        return figure.orElse(-1) >= 0 && figure.orElse(-1) <= most ? figure : OptionalDouble.empty();
    }

    /** When the torch was taken away; empty where it was left, and a problem where the figure cannot be used. */
    public static Outcome<OptionalDouble> away(JsonNode body) {
        OptionalDouble away = number(body, AWAY, LATEST_S);
        boolean told = body.has(AWAY) && !body.get(AWAY).isNull();
        return told && away.isEmpty()
                ? Outcome.failed(Problem.badValue(
                        AWAY, "type", "nothing usable", "a number in s, 0 to " + (int) LATEST_S + ", or leave it out"))
                : Outcome.of(away);
    }

    private static Outcome<Optional<List<Touch>>> refused(String why) {
        return Outcome.failed(
                Problem.badValue(TOUCHES, "touches", why, MOST, Choices.names(Touch.Kind.class), (int) LATEST_S));
    }
}
