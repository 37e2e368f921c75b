package vastarc.web.score;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Handle;
import vastarc.core.score.Integrals;
import vastarc.core.score.Phase;
import vastarc.core.score.Reaction;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreComparison;
import vastarc.core.score.ScoreKey;
import vastarc.core.score.Touch;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointDrawing;
import vastarc.web.job.History;
import vastarc.web.job.Job;
import vastarc.web.request.JobPlan;
import vastarc.web.request.JobReader;
import vastarc.web.request.OwnReader;
import vastarc.web.ui.Choice;
import vastarc.web.ui.FigureView;

/**
 * The Score place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param history  whether there is a step to undo or do again
 * @param score    the score; empty where the joint has no sheet
 * @param problems why there is none
 * @param conflict the other job, where this edit met one
 */
public record ScorePage(
        String id,
        long version,
        String name,
        History history,
        Optional<ScoreView> score,
        List<String> problems,
        Optional<Conflict> conflict) {

    /** The job that an edit would have overwritten. */
    public record Conflict(String id, String name) {}

    /**
     * A score finished for display.
     *
     * @param logics     control logics to choose from
     * @param how        the chosen one in a sentence
     * @param pulses     what a pulse may be wanted for
     * @param groups     figures in the order of the weld
     * @param hidden     own values that have no field here now, kept
     * @param warnings   what figures outside their windows do, each with the figure's name
     * @param notes      what to know of the weld as a whole
     * @param touches    what the hand does, a line each
     * @param sums       what it adds up to
     * @param compared   what it can be compared with
     * @param comparison the comparison asked for
     * @param drawing    the joint in section
     * @param data       what the browser draws from
     */
    public record ScoreView(
            List<Choice> logics,
            String how,
            List<Choice> pulses,
            List<Group> groups,
            Map<String, String> hidden,
            List<FigureView.Line> warnings,
            List<String> notes,
            List<FigureView.Line> touches,
            List<FigureView.Line> sums,
            List<Choice> compared,
            Optional<Comparison> comparison,
            Drawing drawing,
            ScoreDrawing data) {}

    /** Figures that belong together. */
    public record Group(String name, List<FigureField> figures) {}

    /** Two scores compared, in words and figures. */
    public record Comparison(
            String with,
            List<String> sentences,
            List<ScoreDrawing.DifferenceLine> figures,
            List<ScoreDrawing.DifferenceLine> sums) {}

    /**
     * A figure to type into.
     *
     * @param field   the form's field
     * @param name    what it is called
     * @param text    its figure; as typed where it cannot stand
     * @param unit    its unit
     * @param low     low end of the window, empty where there is no choice
     * @param high    high end of the window
     * @param own     the hand's own
     * @param engine  what the engine would set, with its unit
     * @param idle    why it does nothing here; empty where it does something
     * @param message why what was typed cannot stand
     * @param passed  which bracket it has passed
     */
    public record FigureField(
            String field,
            String name,
            String text,
            String unit,
            String low,
            String high,
            boolean own,
            String engine,
            String idle,
            String message,
            String passed) {}

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

    /** What the page was asked to lay over, and how that is called. */
    record Other(String choice, String name, Outcome<JobPlan.Scored> score) {}

    static ScorePage of(
            Job job,
            History history,
            Optional<Job> collidedWith,
            Optional<Other> other,
            ShopWays ways,
            UnitSystem units) {
        Outcome<JobPlan.Scored> outcome = JobPlan.score(job.form(), ways);
        return new ScorePage(
                job.id().toString(),
                job.version(),
                job.name(),
                history,
                outcome.value().map(scored -> view(job, scored, other, units)),
                outcome.problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                collidedWith.map(met -> new Conflict(met.id().toString(), met.name())));
    }

    private static ScoreView view(Job job, JobPlan.Scored scored, Optional<Other> other, UnitSystem units) {
        Score score = scored.score();
        List<Group> groups = groups(job, scored, units);
        Optional<Score> laidOver = other.flatMap(asked -> asked.score().value().map(JobPlan.Scored::score));
        return new ScoreView(
                Choice.of(
                        ControlLogic.Name.values(),
                        "logic",
                        score.logic().name().name()),
                Phrasebook.say(Phrase.of(score.logic().name().words() + ".how"), units),
                Choice.of(
                        PulsePurpose.values(),
                        "pulse",
                        job.form().text(JobReader.PULSE).orElse(PulsePurpose.NONE.name())),
                groups,
                hidden(job, groups),
                warnings(score, units),
                score.notes().stream().map(note -> Phrasebook.say(note, units)).toList(),
                touches(score, units),
                sums(score, units),
                compared(job, score, other),
                laidOver.map(with -> comparison(score, with, other.orElseThrow().name(), units)),
                JointDrawing.of(score.sheet(), units),
                ScoreDrawing.of(score, HandlePlaces.of(score, scored.problems(), units), laidOver.orElse(null), units));
    }

    /** Own values of figures that are idle or not shown under this logic: sent along, so that they are there when it changes back. */
    private static Map<String, String> hidden(Job job, List<Group> groups) {
        Set<String> shown = groups.stream()
                .flatMap(group -> group.figures().stream())
                .filter(figure -> figure.idle().isEmpty())
                .map(FigureField::field)
                .collect(Collectors.toSet());
        Map<String, String> kept = new TreeMap<>();
        OwnReader.FIELDS.stream()
                .filter(field -> !shown.contains(field))
                .forEach(field -> job.form().text(field).ifPresent(text -> kept.put(field, text)));
        return kept;
    }

    private static List<Group> groups(Job job, JobPlan.Scored scored, UnitSystem units) {
        if (scored.score().logic().isTack()) {
            return List.of(group("tack", TACK, job, scored, units), group("gas", TACK_GAS, job, scored, units));
        }
        return List.of(
                group("start", START, job, scored, units),
                group("weld", WELD, job, scored, units),
                group("end", END, job, scored, units));
    }

    private static Group group(String name, List<ScoreKey> keys, Job job, JobPlan.Scored scored, UnitSystem units) {
        return new Group(
                name, keys.stream().map(key -> figure(key, job, scored, units)).toList());
    }

    private static FigureField figure(ScoreKey key, Job job, JobPlan.Scored scored, UnitSystem units) {
        Handle handle = scored.score().handle(key);
        String message = scored.problems().stream()
                .filter(problem -> named(problem, key))
                .map(problem -> problem.message(units))
                .findFirst()
                .orElse("");
        String typed = job.form().text(OwnReader.field(key)).orElse("");
        boolean choice = key != ScoreKey.SEAM_LENGTH
                && handle.window().low() < handle.window().high();
        return new FigureField(
                OwnReader.field(key),
                Phrasebook.say(Phrase.of(key.words()), units),
                message.isEmpty() ? units.show(handle.quantity()).figure() : typed,
                units.show(handle.quantity()).unit(),
                choice ? bound(key, handle.window().low(), units) : "",
                choice ? bound(key, handle.window().high(), units) : "",
                handle.own().isPresent() || !message.isEmpty(),
                units.show(Quantity.of(handle.window().value(), key.unit())).line(),
                handle.idle().map(why -> Phrasebook.say(why, units)).orElse(""),
                message,
                handle.isIdle() || handle.own().isEmpty() ? "" : HandlePlaces.passed(handle));
    }

    private static boolean named(Problem problem, ScoreKey key) {
        return problem.field().equals(OwnReader.field(key)) || problem.field().equals(key.apiName());
    }

    private static String bound(ScoreKey key, double value, UnitSystem units) {
        return units.show(Quantity.of(value, key.unit())).figure();
    }

    private static List<FigureView.Line> warnings(Score score, UnitSystem units) {
        return score.handles().values().stream()
                .filter(handle -> handle.warning().isPresent())
                .map(handle -> new FigureView.Line(
                        Phrasebook.say(Phrase.of(handle.key().words()), units),
                        Phrasebook.say(handle.warning().get(), units)))
                .toList();
    }

    private static List<FigureView.Line> touches(Score score, UnitSystem units) {
        return score.touches().stream()
                .filter(touch -> touch.kind() != Touch.Kind.FOOT || touch.foot() > 0)
                .map(touch -> new FigureView.Line(
                        units.show(Quantity.seconds(touch.atS())).line(), touched(score, touch, units)))
                .toList();
    }

    private static String touched(Score score, Touch touch, UnitSystem units) {
        String input = score.logic().input().name();
        return switch (touch.kind()) {
            case PRESS -> does("touch.press." + input, score, touch, true, units);
            case RELEASE -> does("touch.release." + input, score, touch, false, units);
            case VALVE_OPEN -> Phrasebook.say(Phrase.of("touch.valve.open"), units);
            case VALVE_CLOSE -> Phrasebook.say(Phrase.of("touch.valve.close"), units);
            case FOOT -> Phrasebook.say(Phrase.of("touch.footAt", Quantity.percent(100 * touch.foot())), units);
        };
    }

    private static String does(String words, Score score, Touch touch, boolean press, UnitSystem units) {
        Phase before = touch.atS() == 0
                ? Phase.IDLE
                : score.timeline().at(touch.atS() - 1e-6).phase();
        Reaction reaction = score.logic().reaction(before, press);
        return Phrasebook.say(Phrase.of(words), units) + ": " + Phrasebook.say(Phrase.of(reaction.words()), units);
    }

    private static List<FigureView.Line> sums(Score score, UnitSystem units) {
        List<FigureView.Line> lines = new ArrayList<>();
        if (score.logic().isTack()) {
            lines.add(sum("spots", Quantity.number(score.values().spots()), units));
        }
        lines.addAll(sums(score.integrals(), units));
        return lines;
    }

    private static List<FigureView.Line> sums(Integrals sums, UnitSystem units) {
        return List.of(
                sum("arcS", Quantity.seconds(sums.arcS()), units),
                sum("lengthS", Quantity.seconds(sums.lengthS()), units),
                sum("averageA", Quantity.amperes(sums.averageA()), units),
                sum("rmsA", Quantity.amperes(sums.rmsA()), units),
                sum("energyKj", Quantity.of(sums.energyKj(), Unit.KILOJOULE), units),
                sum("gasL", Quantity.of(sums.gasL(), Unit.LITRE), units),
                sum("peakPercent", Quantity.percent(sums.peakPercent()), units),
                sum("dutyPercent", Quantity.percent(sums.dutyPercent()), units),
                sum("repeatedPercent", Quantity.percent(sums.repeatedPercent()), units));
    }

    private static FigureView.Line sum(String name, Quantity value, UnitSystem units) {
        return new FigureView.Line(
                Phrasebook.say(Phrase.of("integral." + name), units),
                units.show(value).line());
    }

    private static List<Choice> compared(Job job, Score score, Optional<Other> other) {
        String chosen = other.map(Other::choice).orElse("");
        List<Choice> choices = new ArrayList<>();
        choices.add(new Choice("", "nothing", chosen.isEmpty()));
        choices.add(new Choice("engine", "the engine's own figures", chosen.equals("engine")));
        Arrays.stream(ControlLogic.Name.values())
                .filter(name -> name != score.logic().name())
                .forEach(name -> choices.add(new Choice(
                        name.name(),
                        Phrasebook.say(Phrase.of(name.words()), UnitSystem.METRIC),
                        chosen.equals(name.name()))));
        other.filter(asked ->
                        choices.stream().noneMatch(choice -> choice.value().equals(asked.choice())))
                .ifPresent(asked -> choices.add(new Choice(asked.choice(), asked.name(), true)));
        return choices;
    }

    private static Comparison comparison(Score score, Score with, String name, UnitSystem units) {
        ScoreComparison comparison = ScoreComparison.of(score, with);
        return new Comparison(
                name,
                comparison.sentences().stream()
                        .map(text -> Phrasebook.say(text, units))
                        .toList(),
                lines(comparison.figures(), units),
                lines(comparison.sums(), units));
    }

    private static List<ScoreDrawing.DifferenceLine> lines(
            List<ScoreComparison.Difference> differences, UnitSystem units) {
        return differences.stream()
                .map(difference -> ScoreDrawing.DifferenceLine.of(difference, units))
                .toList();
    }
}
