package vastarc.web.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.cycle.Phase;
import vastarc.core.advice.cycle.TriggerAction;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.FormattedQuantity;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.coach.CoachLevel;
import vastarc.core.equipment.PreWeldCheck.CheckItem;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.core.record.weldlog.SyntheticRecording.OperatorFault;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.run.BoothState.NextInputs;
import vastarc.web.service.RunSetups;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.run.WeldRun;

/**
 * The Run place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param history  whether there is a step to undo or do again
 * @param refusals why there is nothing to weld; empty where there is
 * @param view     the booth; empty likewise
 */
public record RunPage(
        String id, long version, String name, History history, List<String> refusals, Optional<BoothView> view) {

    /** How long after its last event a run is taken to have been interrupted, s. */
    private static final double INTERRUPTED_S = 900;

    private static final int PLANNED_POINTS = 240;

    /** What a page is made from. */
    record RunSource(
            Job job,
            History history,
            List<Problem> problems,
            Optional<RunSetups.Setup> setup,
            Optional<BoothState> state,
            Optional<WeldRun> under,
            List<String> meters,
            List<String> hands,
            String number) {}

    /**
     * The booth.
     *
     * @param run         which run is shown
     * @param where       machine and torch
     * @param current     working current
     * @param currentUnit its unit
     * @param travel      and travel
     * @param travelUnit  its unit
     * @param figures     the few others that are read from afar
     * @param state       state of the run
     * @param gates       what is not checked yet, the first few
     * @param moreGates   that are not listed
     * @param planned     current over time as the weld cycle has it, {@code s,a s,a …}
     * @param topA        of the strip
     * @param marks       to tap
     * @param meters      to listen to
     * @param faults      of the stand-in
     * @param coach       how much may be heard
     * @param verdicts    to choose from
     * @param seam        planned length, as it would be typed
     * @param hands       who has welded here
     * @param hand        who welded last
     * @param interrupted when a run was left open; empty where none was
     * @param number      of the run in the route; empty where none was named
     */
    public record BoothView(
            String run,
            String where,
            String current,
            String currentUnit,
            String travel,
            String travelUnit,
            List<FigureLine> figures,
            BoothState state,
            List<String> gates,
            int moreGates,
            String planned,
            double topA,
            List<Choice> marks,
            List<Choice> meters,
            List<Choice> faults,
            List<Choice> coach,
            List<Choice> verdicts,
            String seam,
            List<String> hands,
            String hand,
            String interrupted,
            String number) {}

    static RunPage of(RunSource source, UnitSystem units) {
        return new RunPage(
                source.job().id().toString(),
                source.job().version(),
                source.job().name(),
                source.history(),
                source.problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                source.setup().map(setup -> view(source, setup, units)));
    }

    private static BoothView view(RunSource source, RunSetups.Setup setup, UnitSystem units) {
        WeldCycle cycle = setup.score();
        FormattedQuantity current =
                units.show(Quantity.amperes(setup.plan().working().value()));
        FormattedQuantity travel =
                units.show(Quantity.mmPerMin(setup.plan().travel().value()));
        BoothState state = source.state().orElseThrow();
        return new BoothView(
                run(setup, units),
                setup.machine().map(Machine::name).orElse("no machine in the shop")
                        + setup.torch().map(torch -> ", " + torch.name()).orElse(""),
                current.figure(),
                current.unit(),
                travel.figure(),
                travel.unit(),
                figures(setup, units),
                state,
                setup.gates().stream()
                        .limit(4)
                        .map(CheckItem::text)
                        .map(text -> Phrasebook.say(text, units))
                        .toList(),
                Math.max(0, setup.gates().size() - 4),
                planned(cycle),
                1.25 * setup.plan().working().value(),
                Arrays.stream(EventKind.values())
                        .filter(EventKind::isMark)
                        .map(kind -> Choice.labelled(kind.name(), say(kind.words()), false))
                        .toList(),
                meters(source, state),
                Choice.of(OperatorFault.values(), "run.fault", OperatorFault.NONE.name()),
                Choice.of(CoachLevel.values(), "coach.level", ""),
                Choice.of(RunVerdict.values(), "run.verdict", RunVerdict.UNJUDGED.name()),
                units.show(Quantity.millimetres(setup.plannedMm())).line(),
                source.hands(),
                source.hands().stream().findFirst().orElse(""),
                interrupted(source, state),
                source.number());
    }

    private static String interrupted(RunSource source, BoothState state) {
        return source.under()
                .filter(run -> !state.playing() && state.sinceS() > INTERRUPTED_S)
                .map(run -> run.startedAt().toString().substring(0, 16).replace('T', ' '))
                .orElse("");
    }

    private static String run(RunSetups.Setup setup, UnitSystem units) {
        Optional<WeldSegment> segment = setup.run();
        String length = units.show(Quantity.millimetres(setup.plannedMm())).line();
        String pass = setup.score().sheet().passes().isPresent() ? ", pass " + setup.pass() : "";
        return segment.map(weldSegment -> (weldSegment.kind() == SegmentKind.TACK ? "Tack " : "Run ") + weldSegment.n()
                        + ", seam " + weldSegment.seam() + pass + ", " + length)
                .orElse("A run of " + length + pass);
    }

    private static List<FigureLine> figures(RunSetups.Setup setup, UnitSystem units) {
        List<FigureLine> lines = new ArrayList<>();
        for (ParameterKey key : List.of(ParameterKey.GAS_FLOW, ParameterKey.STICK_OUT, ParameterKey.WIRE_DIAMETER)) {
            setup.score()
                    .sheet()
                    .find(key)
                    .filter(parameter -> parameter.window().isPresent() && parameter.value() > 0)
                    .map(Parameter::quantity)
                    .ifPresent(quantity -> lines.add(new FigureLine(
                            say(key.words()), units.show(quantity).line())));
        }
        return lines;
    }

    private static List<Choice> meters(RunSource source, BoothState state) {
        List<Choice> choices = new ArrayList<>();
        choices.add(Choice.labelled(
                "", "no meter: start and stop yourself", state.meter().isEmpty()));
        source.meters()
                .forEach(name -> choices.add(Choice.labelled(name, "meter " + name, name.equals(state.meter()))));
        return choices;
    }

    /** The weld cycle's current, thinned so that every corner stays. */
    private static String planned(WeldCycle cycle) {
        CycleTimeline timeline = cycle.timeline();
        double length = timeline.lengthS();
        StringBuilder points = new StringBuilder();
        for (int i = 0; i <= PLANNED_POINTS; i++) {
            double s = length * i / PLANNED_POINTS;
            points.append(
                    String.format(Locale.ROOT, "%.2f,%.1f ", s, timeline.at(s).currentA()));
        }
        return points.toString().strip();
    }

    /** What the welder touches to strike, and to end the weld. */
    static NextInputs touches(WeldCycle cycle) {
        CycleTimeline timeline = cycle.timeline();
        TimelineSpan weld = timeline.spans().stream()
                .filter(span -> span.phase() == Phase.WELD)
                .findFirst()
                .orElse(new TimelineSpan(Phase.WELD, 0, 0, 0, 0));
        MachineState middle = timeline.at((weld.startS() + weld.endS()) / 2);
        String input = cycle.logic().input().name();
        return switch (cycle.logic().input()) {
            case FOOT -> new NextInputs(say("booth.foot.before"), say("booth.foot.during"));
            case TOUCH -> new NextInputs(say("booth.touch.before"), say("booth.touch.during"));
            case SWITCH ->
                new NextInputs(
                        does("touch.press." + input, cycle.logic().reaction(Phase.IDLE, true)),
                        does((middle.held() ? "touch.release." : "touch.press.") + input, middle.next()));
        };
    }

    private static String does(String touch, TriggerAction reaction) {
        return Labels.of(say(touch)) + ": " + say(reaction.words());
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
