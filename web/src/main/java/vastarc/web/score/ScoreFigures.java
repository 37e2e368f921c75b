package vastarc.web.score;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.web.score.ScorePage.FigureField;
import vastarc.web.score.ScorePage.FigureGroup;
import vastarc.web.store.job.OwnValuesText;

/** The figures of a weld cycle that can be typed, in the order of the weld, as they are. */
final class ScoreFigures {

    private static final List<CycleKey> START = List.of(
            CycleKey.PRE_FLOW, CycleKey.START_CURRENT, CycleKey.START_HOLD, CycleKey.UP_SLOPE, CycleKey.FOOT_IN);
    private static final List<CycleKey> WELD = List.of(
            CycleKey.WORKING_CURRENT,
            CycleKey.SEAM_LENGTH,
            CycleKey.SECOND_CURRENT,
            CycleKey.PEDAL_CEILING,
            CycleKey.PULSE_RATE,
            CycleKey.PULSE_ON_TIME,
            CycleKey.PULSE_BACKGROUND);
    private static final List<CycleKey> END = List.of(
            CycleKey.DOWN_SLOPE, CycleKey.FOOT_OUT, CycleKey.END_CURRENT, CycleKey.END_HOLD, CycleKey.POST_FLOW);
    private static final List<CycleKey> TACK =
            List.of(CycleKey.SPOT_CURRENT, CycleKey.SPOT_TIME, CycleKey.SPOT_PAUSE, CycleKey.SEAM_LENGTH);
    private static final List<CycleKey> TACK_GAS = List.of(CycleKey.PRE_FLOW, CycleKey.POST_FLOW);

    private final OwnValuesText own;
    private final WeldCycle score;
    private final List<Problem> problems;
    private final UnitSystem units;

    ScoreFigures(OwnValuesText own, WeldCycle cycle, List<Problem> problems, UnitSystem units) {
        this.own = own;
        this.score = cycle;
        this.problems = problems;
        this.units = units;
    }

    /** Own values of figures that are idle or not shown under this logic: sent along, so that they are there when it changes back. */
    Map<String, String> hidden(List<FigureGroup> groups) {
        Set<String> shown = groups.stream()
                .flatMap(group -> group.figures().stream())
                .filter(figure -> figure.idle().isEmpty())
                .map(FigureField::field)
                .collect(Collectors.toSet());
        Map<String, String> stored = new TreeMap<>();
        for (CycleKey key : CycleKey.values()) {
            if (!shown.contains(OwnValuesText.field(key))) {
                typed(key).ifPresent(text -> stored.put(OwnValuesText.field(key), text));
            }
        }
        return stored;
    }

    /** An own value as it is typed back: its figure as shown, or the text that is none. */
    private Optional<String> typed(CycleKey key) {
        return own.of(key).stream()
                .mapToObj(value -> units.show(Quantity.of(value, key.unit())).figure())
                .findFirst()
                .or(() -> Optional.ofNullable(own.unread().get(key)));
    }

    List<FigureGroup> groups() {
        return score.logic().isTack()
                ? List.of(group("tack", TACK), group("gas", TACK_GAS))
                : List.of(group("start", START), group("weld", WELD), group("end", END));
    }

    private FigureGroup group(String name, List<CycleKey> keys) {
        return new FigureGroup(name, keys.stream().map(this::figure).toList());
    }

    private FigureField figure(CycleKey key) {
        CycleHandle handle = score.handle(key);
        String message = problems.stream()
                .filter(problem -> named(problem, key))
                .map(problem -> problem.message(units))
                .findFirst()
                .orElse("");
        boolean choice = key != CycleKey.SEAM_LENGTH
                && handle.window().low() < handle.window().high();
        return new FigureField(
                OwnValuesText.field(key),
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

    private static boolean named(Problem problem, CycleKey key) {
        return problem.field().equals(OwnValuesText.field(key))
                || problem.field().equals(key.apiName());
    }

    private String bound(CycleKey key, double value) {
        return units.show(Quantity.of(value, key.unit())).figure();
    }
}
