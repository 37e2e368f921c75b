package vastarc.web.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import vastarc.core.finding.Outcome;
import vastarc.core.machine.LeakCheck;
import vastarc.core.machine.Limit;
import vastarc.core.machine.MachineChoice;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelPlan;
import vastarc.core.machine.PreStrike;
import vastarc.core.machine.Scale;
import vastarc.core.machine.TorchProfile;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.Score;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.PanelFront;
import vastarc.web.job.History;
import vastarc.web.job.Job;
import vastarc.web.machine.JobPanel;
import vastarc.web.machine.Machine;
import vastarc.web.machine.MemorySlot;
import vastarc.web.machine.Torch;
import vastarc.web.request.JobPlan;
import vastarc.web.ui.Choice;

/**
 * The Panel place, finished for display.
 *
 * @param panel    empty where there is no sheet, or no machine in the shop
 * @param problems why there is none
 */
public record PanelPage(
        String id,
        long version,
        String name,
        History history,
        Optional<PanelView> panel,
        List<String> problems,
        boolean noMachines) {

    /**
     * A job on a machine.
     *
     * @param machines  of the shop
     * @param torches   of the shop
     * @param front     the drawn panel
     * @param controls  what each control must be, in the panel's order
     * @param idle      what does nothing here, in a line
     * @param changes   what to change, in order
     * @param told      something was told of how the machine stands
     * @param missing   what the panel has no control for
     * @param limits    where machine or torch do not reach
     * @param ranking   the shop's machines by suitability
     * @param slots     the machine's memory
     * @param check     the check before the strike
     * @param leak      volume between cylinder and torch, L
     */
    public record PanelView(
            String machineId,
            String machineName,
            List<Choice> machines,
            List<Choice> torches,
            PanelFront front,
            List<ControlLine> controls,
            String idle,
            List<ChangeLine> changes,
            boolean told,
            List<String> missing,
            List<LimitLine> limits,
            List<RankLine> ranking,
            Optional<SlotView> slots,
            CheckView check,
            String leak) {}

    /**
     * A control to be set.
     *
     * @param setting what it sets
     * @param label   the panel's own word
     * @param words   where it must stand
     * @param note    what that really gives, or where a figure comes from
     * @param options of a switch; empty where it is typed
     * @param stands  how it stands, as typed
     * @param unit    what is typed
     * @param refusal why what was typed is no place; empty if it is
     * @param differs it is known to stand elsewhere
     */
    public record ControlLine(
            String id,
            String field,
            String setting,
            String label,
            String words,
            String note,
            List<Choice> options,
            String stands,
            String unit,
            String refusal,
            boolean differs) {}

    /** One thing to change. */
    public record ChangeLine(String id, String label, String from, String to) {}

    /** A limit and its ways out. */
    public record LimitLine(String text, List<String> ways) {}

    /** A machine and how it suits. */
    public record RankLine(String id, String name, boolean chosen, String reasons) {}

    /** Memory of the machine. */
    public record SlotView(List<SlotLine> used, List<Choice> free) {}

    /** A slot in use; {@code stale} where the sheet has moved since. */
    public record SlotLine(int slot, String job, boolean own, String stale) {}

    /** The check; {@code stopped} says what a wrong answer would have done. */
    public record CheckView(List<CheckLine> items, int done, int all, String stopped) {}

    /** An item of the check. */
    public record CheckLine(
            int number, String code, String text, List<AnswerLine> answers, String state, String stops) {}

    /** An answer to tap. */
    public record AnswerLine(String name, String text, boolean given, boolean right) {}

    /** What the page is made from. */
    record Source(
            Job job,
            ShopWays ways,
            History history,
            List<Machine> machines,
            List<Torch> torches,
            Optional<Machine> machine,
            Optional<Torch> torch,
            Optional<PanelPlan> plan,
            Optional<JobPanel> stands,
            List<MemorySlot> slots,
            Map<String, String> jobNames,
            Map<String, String> refused) {}

    static PanelPage of(Source source, UnitSystem units) {
        Outcome<JobPlan.Scored> outcome = JobPlan.score(source.job().form(), source.ways());
        return new PanelPage(
                source.job().id().toString(),
                source.job().version(),
                source.job().name(),
                source.history(),
                outcome.value()
                        .filter(scored -> source.machine().isPresent())
                        .map(scored -> view(source, scored.score(), units)),
                outcome.problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                source.machines().isEmpty());
    }

    private static PanelView view(Source source, Score score, UnitSystem units) {
        Machine machine = source.machine().orElseThrow();
        PanelPlan plan = source.plan().orElseThrow();
        Optional<TorchProfile> torch = source.torch().map(Torch::profile);
        JobPanel panel = source.stands().orElseThrow();
        return new PanelView(
                machine.id().toString(),
                machine.name(),
                source.machines().stream()
                        .map(one -> new Choice(
                                one.id().toString(), one.name(), one.id().equals(machine.id())))
                        .toList(),
                torches(source),
                PanelFront.of(machine.profile(), plan, units),
                plan.controls().stream()
                        .filter(control -> control.idle().isEmpty())
                        .map(control -> line(control, source.refused(), units))
                        .toList(),
                idle(plan, units),
                plan.changes().stream()
                        .map(change -> new ChangeLine(
                                change.elementId(),
                                label(machine.profile()
                                        .element(change.elementId())
                                        .orElseThrow()),
                                say(change.from(), units),
                                say(change.to(), units)))
                        .toList(),
                !panel.stands().isEmpty(),
                plan.missing().stream().map(text -> say(text, units)).toList(),
                plan.limits().stream().map(limit -> limit(limit, units)).toList(),
                ranking(source, score, machine, units),
                machine.profile().slots() > 0 ? Optional.of(slots(source, machine, plan)) : Optional.empty(),
                check(PreStrike.of(score, machine.profile(), torch), panel.answers(), units),
                String.format(
                        Locale.ROOT,
                        "%.2f",
                        torch.map(own -> LeakCheck.hoseVolumeL(own.leadM(), own.boreMm()))
                                .orElse(LeakCheck.hoseVolumeL(4, 4))));
    }

    private static List<Choice> torches(Source source) {
        List<Choice> choices = new ArrayList<>();
        choices.add(new Choice("", "not told", source.torch().isEmpty()));
        source.torches()
                .forEach(torch -> choices.add(new Choice(
                        torch.id().toString(),
                        torch.name(),
                        source.torch()
                                .filter(own -> own.id().equals(torch.id()))
                                .isPresent())));
        return choices;
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }

    private static String label(PanelElement element) {
        return element.label().isBlank()
                ? say(Phrase.of(element.setting().words()), UnitSystem.METRIC)
                : element.label();
    }

    private static ControlLine line(PanelPlan.Placed control, Map<String, String> refused, UnitSystem units) {
        PanelElement element = control.element();
        String setting = say(Phrase.of(element.setting().words()), units);
        return new ControlLine(
                element.id(),
                StandReader.PREFIX + element.id(),
                setting.equals(element.label()) ? "" : setting,
                label(element),
                say(control.words(), units),
                note(control, units),
                options(control),
                refused.getOrDefault(element.id(), stands(control)),
                element.scale().map(scale -> StandReader.unit(element, scale)).orElse(""),
                Optional.ofNullable(refused.get(element.id()))
                        .map(typed ->
                                say(StandReader.refusal(element, element.scale().orElseThrow(), typed), units))
                        .orElse(""),
                control.differs());
    }

    /** What was wanted, where the words do not tell it already, and what the control really gives. */
    private static String note(PanelPlan.Placed control, UnitSystem units) {
        boolean unfigured = control.element().kind() == PanelElement.Kind.KNOB
                && control.element().scale().filter(Scale::figures).isEmpty();
        List<String> parts = new ArrayList<>();
        if (unfigured || control.gives().isPresent()) {
            control.figure()
                    .ifPresent(figure -> parts.add("for " + units.show(figure).line()));
        }
        control.gives().ifPresent(gives -> parts.add(say(gives, units)));
        return String.join("; ", parts);
    }

    private static List<Choice> options(PanelPlan.Placed control) {
        if (!control.element().kind().isSwitched()) {
            return List.of();
        }
        List<Choice> options = new ArrayList<>();
        options.add(new Choice("", "not told", control.now().isEmpty()));
        IntStream.range(0, control.element().stops().size())
                .forEach(stop -> options.add(new Choice(
                        String.valueOf(stop),
                        control.element().stops().get(stop).label(),
                        control.now().filter(now -> Math.round(now) == stop).isPresent())));
        return options;
    }

    private static String stands(PanelPlan.Placed control) {
        PanelElement element = control.element();
        if (control.now().isEmpty() || element.scale().isEmpty()) {
            return "";
        }
        double figure =
                StandReader.figure(element, element.scale().get(), control.now().get());
        String text = String.format(Locale.ROOT, "%.2f", figure);
        return text.replaceFirst("\\.?0+$", "");
    }

    private static String idle(PanelPlan plan, UnitSystem units) {
        return String.join(
                ", ",
                plan.controls().stream()
                        .filter(control -> control.idle().isPresent())
                        .map(control -> label(control.element()))
                        .toList());
    }

    private static LimitLine limit(Limit limit, UnitSystem units) {
        return new LimitLine(
                say(limit.text(), units),
                limit.ways().stream().map(way -> say(way, units)).toList());
    }

    private static List<RankLine> ranking(Source source, Score score, Machine chosen, UnitSystem units) {
        List<Machine> machines = source.machines();
        return MachineChoice.ranked(
                        score, machines.stream().map(Machine::profile).toList())
                .stream()
                .map(choice -> {
                    Machine machine = machines.get(choice.index());
                    return new RankLine(
                            machine.id().toString(),
                            machine.name(),
                            machine.id().equals(chosen.id()),
                            String.join(
                                    " · ",
                                    choice.reasons().stream()
                                            .map(reason -> say(reason, units).replaceFirst("\\.$", ""))
                                            .toList()));
                })
                .toList();
    }

    private static SlotView slots(Source source, Machine machine, PanelPlan plan) {
        List<SlotLine> used = source.slots().stream()
                .map(slot -> {
                    boolean own = slot.jobId().equals(source.job().id());
                    return new SlotLine(
                            slot.slot(),
                            source.jobNames().getOrDefault(slot.jobId().toString(), "a job off the bench"),
                            own,
                            own ? String.join(", ", Slots.moved(slot, plan)) : "");
                })
                .toList();
        List<Choice> free = IntStream.rangeClosed(1, machine.profile().slots())
                .mapToObj(number -> new Choice(
                        String.valueOf(number),
                        number
                                + used.stream()
                                        .filter(line -> line.slot() == number)
                                        .map(line -> " · " + line.job())
                                        .findFirst()
                                        .orElse(" · empty"),
                        false))
                .toList();
        return new SlotView(used, free);
    }

    /** Items up to the first wrong or open one can be answered; a wrong one stops those after it. */
    private static CheckView check(List<PreStrike.Item> items, Map<String, String> answers, UnitSystem units) {
        List<CheckLine> lines = new ArrayList<>();
        int done = 0;
        String stopped = "";
        for (PreStrike.Item item : items) {
            String given = answers.getOrDefault(item.code(), "");
            Optional<PreStrike.Answer> answer = item.answers().stream()
                    .filter(one -> one.name().equals(given))
                    .findFirst();
            boolean right = answer.filter(PreStrike.Answer::isRight).isPresent();
            String stops = answer.flatMap(PreStrike.Answer::stops)
                    .map(text -> say(text, units))
                    .orElse("");
            String state = !stopped.isEmpty() ? "waits" : right ? "done" : answer.isPresent() ? "wrong" : "open";
            lines.add(new CheckLine(
                    lines.size() + 1,
                    item.code(),
                    say(item.text(), units),
                    item.answers().stream()
                            .map(one -> new AnswerLine(
                                    one.name(),
                                    say(one.text(), units),
                                    one.name().equals(given),
                                    one.isRight()))
                            .toList(),
                    state,
                    stopped.isEmpty() ? stops : ""));
            done += right && stopped.isEmpty() ? 1 : 0;
            stopped = stopped.isEmpty() ? stops : stopped;
        }
        return new CheckView(lines, done, lines.size(), stopped);
    }
}
