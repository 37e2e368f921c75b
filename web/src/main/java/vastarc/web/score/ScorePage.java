package vastarc.web.score;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleComparison;
import vastarc.core.advice.cycle.CycleTotals;
import vastarc.core.advice.cycle.OperatorInput;
import vastarc.core.advice.cycle.OperatorInput.InputAction;
import vastarc.core.advice.cycle.Phase;
import vastarc.core.advice.cycle.TriggerAction;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.input.WeldFields;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointDrawing;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.service.JobPlan;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;

/**
 * The Score place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param history  whether there is a step to undo or do again
 * @param score    the weld cycle; empty where the joint has no sheet
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
        Optional<CycleConflict> conflict) {

    /** The job that an edit would have overwritten. */
    public record CycleConflict(String id, String name) {}

    /**
     * A weld cycle finished for display.
     *
     * @param logics     control logics to choose from
     * @param how        the chosen one in a sentence
     * @param pulses     what a pulse may be wanted for
     * @param groups     figures in the order of the weld
     * @param hidden     own values that have no field here now, kept
     * @param warnings   what figures outside their windows do, each with the figure's name
     * @param notes      what to know of the weld as a whole
     * @param touches    what the welder does, a line each
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
            List<FigureGroup> groups,
            Map<String, String> hidden,
            List<FigureLine> warnings,
            List<String> notes,
            List<FigureLine> touches,
            List<FigureLine> sums,
            List<Choice> compared,
            Optional<Comparison> comparison,
            Drawing drawing,
            ScoreDrawing data) {}

    /** Figures that belong together. */
    public record FigureGroup(String name, List<FigureField> figures) {
        public FigureGroup {
            name = Labels.of(name);
        }
    }

    /** Two weld cycles compared, in words and figures. */
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
     * @param own     the welder's own
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
            String passed) {
        public FigureField {
            name = Labels.of(name);
        }
    }

    /** What the page was asked to lay over, and how that is called. */
    record ComparedWith(String choice, String name, Outcome<WeldCycle> score) {}

    /** What the page is made from. */
    record ScoreSource(
            Job job, JobPlan plan, History history, Optional<Job> collidedWith, Optional<ComparedWith> other) {}

    static ScorePage of(ScoreSource source, UnitSystem units) {
        Job job = source.job();
        Outcome<WeldCycle> outcome = source.plan().score();
        return new ScorePage(
                job.id().toString(),
                job.version(),
                job.name(),
                source.history(),
                outcome.value().map(cycle -> view(source, cycle, units)),
                outcome.problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                source.collidedWith().map(met -> new CycleConflict(met.id().toString(), met.name())));
    }

    private static ScoreView view(ScoreSource source, WeldCycle cycle, UnitSystem units) {
        ScoreFigures figures = new ScoreFigures(
                source.job().content().own(), cycle, source.plan().ownProblems(), units);
        List<FigureGroup> groups = figures.groups();
        Optional<ComparedWith> other = source.other();
        Optional<WeldCycle> laidOver = other.flatMap(asked -> asked.score().value());
        return new ScoreView(
                Choice.of(
                        TriggerModeName.values(), "logic", cycle.logic().name().name()),
                Phrasebook.say(Phrase.of(cycle.logic().name().words() + ".how"), units),
                Choice.of(
                        PulsePurpose.values(),
                        "pulse",
                        source.job().content().joint().text(WeldFields.PULSE).orElse(PulsePurpose.NONE.name())),
                groups,
                figures.hidden(groups),
                warnings(cycle, units),
                cycle.notes().stream().map(note -> Phrasebook.say(note, units)).toList(),
                touches(cycle, units),
                sums(cycle, units),
                compared(cycle, other),
                laidOver.map(with -> comparison(cycle, with, other.orElseThrow().name(), units)),
                JointDrawing.of(cycle.sheet(), units),
                ScoreDrawing.of(
                        cycle,
                        HandlePlaces.of(cycle, source.plan().ownProblems(), units),
                        laidOver.orElse(null),
                        units));
    }

    private static List<FigureLine> warnings(WeldCycle cycle, UnitSystem units) {
        return cycle.handles().values().stream()
                .filter(handle -> handle.warning().isPresent())
                .map(handle -> new FigureLine(
                        Phrasebook.say(Phrase.of(handle.key().words()), units),
                        Phrasebook.say(handle.warning().get(), units)))
                .toList();
    }

    private static List<FigureLine> touches(WeldCycle cycle, UnitSystem units) {
        return cycle.touches().stream()
                .filter(input -> input.kind() != InputAction.FOOT || input.foot() > 0)
                .map(input ->
                        new FigureLine(units.show(Quantity.seconds(input.atS())).line(), touched(cycle, input, units)))
                .toList();
    }

    private static String touched(WeldCycle cycle, OperatorInput touch, UnitSystem units) {
        String input = cycle.logic().input().name();
        return switch (touch.kind()) {
            case PRESS -> does("touch.press." + input, cycle, touch, true, units);
            case RELEASE -> does("touch.release." + input, cycle, touch, false, units);
            case VALVE_OPEN -> Phrasebook.say(Phrase.of("touch.valve.open"), units);
            case VALVE_CLOSE -> Phrasebook.say(Phrase.of("touch.valve.close"), units);
            case FOOT -> Phrasebook.say(Phrase.of("touch.footAt", Quantity.percent(100 * touch.foot())), units);
        };
    }

    private static String does(String words, WeldCycle cycle, OperatorInput input, boolean press, UnitSystem units) {
        Phase before = input.atS() == 0
                ? Phase.IDLE
                : cycle.timeline().at(input.atS() - 1e-6).phase();
        TriggerAction reaction = cycle.logic().reaction(before, press);
        return Phrasebook.say(Phrase.of(words), units) + ": " + Phrasebook.say(Phrase.of(reaction.words()), units);
    }

    private static List<FigureLine> sums(WeldCycle cycle, UnitSystem units) {
        List<FigureLine> lines = new ArrayList<>();
        if (cycle.logic().isTack()) {
            lines.add(sum("spots", Quantity.number(cycle.values().spots()), units));
        }
        lines.addAll(sums(cycle.integrals(), units));
        return lines;
    }

    private static List<FigureLine> sums(CycleTotals sums, UnitSystem units) {
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

    private static FigureLine sum(String name, Quantity value, UnitSystem units) {
        return new FigureLine(
                Phrasebook.say(Phrase.of("integral." + name), units),
                units.show(value).line());
    }

    private static List<Choice> compared(WeldCycle cycle, Optional<ComparedWith> other) {
        String chosen = other.map(ComparedWith::choice).orElse("");
        List<Choice> choices = new ArrayList<>();
        choices.add(Choice.labelled("", "nothing", chosen.isEmpty()));
        choices.add(Choice.labelled("engine", "the calculated values", chosen.equals("engine")));
        Arrays.stream(TriggerModeName.values())
                .filter(name -> name != cycle.logic().name())
                .forEach(name -> choices.add(Choice.labelled(
                        name.name(),
                        Phrasebook.say(Phrase.of(name.words()), UnitSystem.METRIC),
                        chosen.equals(name.name()))));
        other.filter(asked ->
                        choices.stream().noneMatch(choice -> choice.value().equals(asked.choice())))
                .ifPresent(asked -> choices.add(new Choice(asked.choice(), asked.name(), true)));
        return choices;
    }

    private static Comparison comparison(WeldCycle cycle, WeldCycle with, String name, UnitSystem units) {
        CycleComparison comparison = CycleComparison.of(cycle, with);
        return new Comparison(
                name,
                comparison.sentences().stream()
                        .map(text -> Phrasebook.say(text, units))
                        .toList(),
                lines(comparison.figures(), units),
                lines(comparison.sums(), units));
    }

    private static List<ScoreDrawing.DifferenceLine> lines(
            List<CycleComparison.Difference> differences, UnitSystem units) {
        return differences.stream()
                .map(difference -> ScoreDrawing.DifferenceLine.of(difference, units))
                .toList();
    }
}
