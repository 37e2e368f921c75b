package vastarc.web.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.CapabilityGap;
import vastarc.core.equipment.LeakCheck;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PreWeldCheck;
import vastarc.core.equipment.TorchProfile;
import vastarc.web.drawing.PanelDrawing;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Labels;
import vastarc.web.panel.SlotSheets.UsedSlot;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;
import vastarc.web.store.machine.JobPanel;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.Torch;

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
     * @param told      whether any current setting is known
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
            PanelDrawing front,
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
     * @param words   where it must be set
     * @param note    what that really gives, or where a figure comes from
     * @param options of a switch; empty where it is typed
     * @param stands  current setting, as typed
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
    public record AnswerLine(String name, String text, boolean given, boolean right) {
        public AnswerLine {
            text = Labels.of(text);
        }
    }

    /** What the page is made from. */
    record PanelSource(
            Job job,
            JobOnPanel on,
            History history,
            List<UsedSlot> slots,
            List<Torch> torches,
            Map<String, String> refused) {}

    static PanelPage of(PanelSource source, UnitSystem units) {
        JobOnPanel on = source.on();
        return new PanelPage(
                source.job().id().toString(),
                source.job().version(),
                source.job().name(),
                source.history(),
                on.score().value().filter(cycle -> on.machine().isPresent()).map(cycle -> view(source, cycle, units)),
                on.score().problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                on.machines().isEmpty());
    }

    private static PanelView view(PanelSource source, WeldCycle cycle, UnitSystem units) {
        JobOnPanel on = source.on();
        Machine machine = on.machine().orElseThrow();
        PanelPlan plan = on.plan().orElseThrow();
        Optional<TorchProfile> torch = on.torch().map(Torch::profile);
        JobPanel panel = on.current().orElseThrow();
        ControlLines controls = new ControlLines(source.refused(), units);
        return new PanelView(
                machine.id().toString(),
                machine.name(),
                on.machines().stream()
                        .map(one -> new Choice(
                                one.id().toString(), one.name(), one.id().equals(machine.id())))
                        .toList(),
                torches(source),
                PanelDrawing.of(machine.profile(), plan, units),
                plan.controls().stream()
                        .filter(control -> control.idle().isEmpty())
                        .map(controls::line)
                        .toList(),
                ControlLines.idle(plan),
                plan.changes().stream()
                        .map(change -> new ChangeLine(
                                change.elementId(),
                                ControlLines.label(machine.profile()
                                        .element(change.elementId())
                                        .orElseThrow()),
                                say(change.from(), units),
                                say(change.to(), units)))
                        .toList(),
                !panel.stands().isEmpty(),
                plan.missing().stream().map(text -> say(text, units)).toList(),
                plan.limits().stream().map(limit -> limit(limit, units)).toList(),
                ranking(on, machine, units),
                machine.profile().slots() > 0 ? Optional.of(slots(source, cycle.sheet(), units)) : Optional.empty(),
                CheckLines.of(PreWeldCheck.of(cycle, machine.profile(), torch), panel.answers(), units),
                hoseVolume(torch));
    }

    /** Volume between cylinder and torch, L; of the usual hose where no torch is given. */
    private static String hoseVolume(Optional<TorchProfile> torch) {
        double litres = torch.map(own -> LeakCheck.hoseVolumeL(own.leadM(), own.boreMm()))
                .orElse(LeakCheck.hoseVolumeL(4, 4));
        return String.format(Locale.ROOT, "%.2f", litres);
    }

    private static List<Choice> torches(PanelSource source) {
        List<Choice> choices = new ArrayList<>();
        choices.add(Choice.labelled("", "unknown", source.on().torch().isEmpty()));
        source.torches()
                .forEach(torch -> choices.add(new Choice(
                        torch.id().toString(),
                        torch.name(),
                        source.on()
                                .torch()
                                .filter(own -> own.id().equals(torch.id()))
                                .isPresent())));
        return choices;
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }

    private static LimitLine limit(CapabilityGap limit, UnitSystem units) {
        return new LimitLine(
                say(limit.text(), units),
                limit.options().stream().map(option -> say(option, units)).toList());
    }

    private static List<RankLine> ranking(JobOnPanel on, Machine chosen, UnitSystem units) {
        return on.ranking().stream()
                .map(choice -> {
                    Machine machine = on.machines().get(choice.index());
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

    private static SlotView slots(PanelSource source, SetupSheet sheet, UnitSystem units) {
        PanelPlan plan = source.on().plan().orElseThrow();
        List<SlotLine> used = source.slots().stream()
                .map(slot -> {
                    boolean own = slot.slot().jobId().equals(source.job().id());
                    String stale = own ? String.join("; ", SlotSheets.moved(slot.slot(), plan, sheet, units)) : "";
                    return new SlotLine(slot.slot().slot(), slot.job(), own, stale);
                })
                .toList();
        int count = source.on().machine().orElseThrow().profile().slots();
        List<Choice> free = IntStream.rangeClosed(1, count)
                .mapToObj(
                        number -> Choice.labelled(String.valueOf(number), number + " · " + holds(number, used), false))
                .toList();
        return new SlotView(used, free);
    }

    private static String holds(int number, List<SlotLine> used) {
        return used.stream()
                .filter(line -> line.slot() == number)
                .map(SlotLine::job)
                .findFirst()
                .orElse("empty");
    }
}
