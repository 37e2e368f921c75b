package vastarc.web.score;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.finding.Outcome;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.WeldFields;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Integrals;
import vastarc.core.score.Phase;
import vastarc.core.score.Reaction;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreComparison;
import vastarc.core.score.Touch;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointDrawing;
import vastarc.web.kept.job.History;
import vastarc.web.kept.job.Job;
import vastarc.web.request.JobPlan;
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

    /** What the page was asked to lay over, and how that is called. */
    record Other(String choice, String name, Outcome<Score> score) {}

    /** What the page is made from. */
    record Source(Job job, JobPlan plan, History history, Optional<Job> collidedWith, Optional<Other> other) {}

    static ScorePage of(Source source, UnitSystem units) {
        Job job = source.job();
        Outcome<Score> outcome = source.plan().score();
        return new ScorePage(
                job.id().toString(),
                job.version(),
                job.name(),
                source.history(),
                outcome.value().map(score -> view(source, score, units)),
                outcome.problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                source.collidedWith().map(met -> new Conflict(met.id().toString(), met.name())));
    }

    private static ScoreView view(Source source, Score score, UnitSystem units) {
        ScoreFigures figures = new ScoreFigures(
                source.job().content().own(), score, source.plan().ownProblems(), units);
        List<Group> groups = figures.groups();
        Optional<Other> other = source.other();
        Optional<Score> laidOver = other.flatMap(asked -> asked.score().value());
        return new ScoreView(
                Choice.of(
                        ControlLogic.Name.values(),
                        "logic",
                        score.logic().name().name()),
                Phrasebook.say(Phrase.of(score.logic().name().words() + ".how"), units),
                Choice.of(
                        PulsePurpose.values(),
                        "pulse",
                        source.job().content().joint().text(WeldFields.PULSE).orElse(PulsePurpose.NONE.name())),
                groups,
                figures.hidden(groups),
                warnings(score, units),
                score.notes().stream().map(note -> Phrasebook.say(note, units)).toList(),
                touches(score, units),
                sums(score, units),
                compared(score, other),
                laidOver.map(with -> comparison(score, with, other.orElseThrow().name(), units)),
                JointDrawing.of(score.sheet(), units),
                ScoreDrawing.of(
                        score,
                        HandlePlaces.of(score, source.plan().ownProblems(), units),
                        laidOver.orElse(null),
                        units));
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

    private static List<Choice> compared(Score score, Optional<Other> other) {
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
