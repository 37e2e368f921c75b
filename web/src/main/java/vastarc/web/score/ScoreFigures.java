package vastarc.web.score;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import vastarc.core.finding.Problem;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.Handle;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreKey;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.kept.job.OwnFigures;
import vastarc.web.score.ScorePage.FigureField;
import vastarc.web.score.ScorePage.Group;

/** The figures of a score that can be typed, in the order of the weld, as they stand. */
final class ScoreFigures {

    private static final List<ScoreKey> START = List.of(
            ScoreKey.PRE_FLOW, ScoreKey.START_CURRENT, ScoreKey.START_HOLD, ScoreKey.UP_SLOPE, ScoreKey.FOOT_IN);
    private static final List<ScoreKey> WELD = List.of(
            ScoreKey.WORKING_CURRENT,
            ScoreKey.SEAM_LENGTH,
            ScoreKey.SECOND_CURRENT,
            ScoreKey.PEDAL_CEILING,
            ScoreKey.PULSE_RATE,
            ScoreKey.PULSE_ON_TIME,
            ScoreKey.PULSE_BACKGROUND);
    private static final List<ScoreKey> END = List.of(
            ScoreKey.DOWN_SLOPE, ScoreKey.FOOT_OUT, ScoreKey.END_CURRENT, ScoreKey.END_HOLD, ScoreKey.POST_FLOW);
    private static final List<ScoreKey> TACK =
            List.of(ScoreKey.SPOT_CURRENT, ScoreKey.SPOT_TIME, ScoreKey.SPOT_PAUSE, ScoreKey.SEAM_LENGTH);
    private static final List<ScoreKey> TACK_GAS = List.of(ScoreKey.PRE_FLOW, ScoreKey.POST_FLOW);

    private final OwnFigures own;
    private final Score score;
    private final List<Problem> problems;
    private final UnitSystem units;

    ScoreFigures(OwnFigures own, Score score, List<Problem> problems, UnitSystem units) {
        this.own = own;
        this.score = score;
        this.problems = problems;
        this.units = units;
    }

    /** Own values of figures that are idle or not shown under this logic: sent along, so that they are there when it changes back. */
    Map<String, String> hidden(List<Group> groups) {
        Set<String> shown = groups.stream()
                .flatMap(group -> group.figures().stream())
                .filter(figure -> figure.idle().isEmpty())
                .map(FigureField::field)
                .collect(Collectors.toSet());
        Map<String, String> kept = new TreeMap<>();
        for (ScoreKey key : ScoreKey.values()) {
            if (!shown.contains(OwnFigures.field(key))) {
                typed(key).ifPresent(text -> kept.put(OwnFigures.field(key), text));
            }
        }
        return kept;
    }

    /** An own value as it is typed back: its figure as shown, or the text that is none. */
    private Optional<String> typed(ScoreKey key) {
        return own.of(key).stream()
                .mapToObj(value -> units.show(Quantity.of(value, key.unit())).figure())
                .findFirst()
                .or(() -> Optional.ofNullable(own.unread().get(key)));
    }

    List<Group> groups() {
        return score.logic().isTack()
                ? List.of(group("tack", TACK), group("gas", TACK_GAS))
                : List.of(group("start", START), group("weld", WELD), group("end", END));
    }

    private Group group(String name, List<ScoreKey> keys) {
        return new Group(name, keys.stream().map(this::figure).toList());
    }

    private FigureField figure(ScoreKey key) {
        Handle handle = score.handle(key);
        String message = problems.stream()
                .filter(problem -> named(problem, key))
                .map(problem -> problem.message(units))
                .findFirst()
                .orElse("");
        boolean choice = key != ScoreKey.SEAM_LENGTH
                && handle.window().low() < handle.window().high();
        return new FigureField(
                OwnFigures.field(key),
                Phrasebook.say(Phrase.of(key.words()), units),
                message.isEmpty()
                        ? units.show(handle.quantity()).figure()
                        : typed(key).orElse(""),
                units.show(handle.quantity()).unit(),
                choice ? bound(key, handle.window().low()) : "",
                choice ? bound(key, handle.window().high()) : "",
                handle.own().isPresent() || !message.isEmpty(),
                units.show(Quantity.of(handle.window().value(), key.unit())).line(),
                handle.idle().map(why -> Phrasebook.say(why, units)).orElse(""),
                message,
                handle.isIdle() || handle.own().isEmpty() ? "" : HandlePlaces.passed(handle));
    }

    private static boolean named(Problem problem, ScoreKey key) {
        return problem.field().equals(OwnFigures.field(key)) || problem.field().equals(key.apiName());
    }

    private String bound(ScoreKey key, double value) {
        return units.show(Quantity.of(value, key.unit())).figure();
    }
}
