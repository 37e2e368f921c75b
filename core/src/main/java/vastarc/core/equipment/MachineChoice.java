package vastarc.core.equipment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;

/**
 * One of the shop's machines held against a job.
 *
 * @param index   of the machine in the list that was given
 * @param marks   counted against it: a limit counts ten, a setting it cannot make counts two, a dial without figures one. Judgement
 * @param reasons what was counted
 */
public record MachineChoice(int index, int marks, List<Phrase> reasons) {

    private static final int LIMIT = 10;
    private static final int MISSING = 2;
    private static final int BLIND = 1;

    /**
     * {@return the machines, the most suitable first; alike ones stay in their order}
     *
     * @param cycle the weld cycle
     * @param machines the machine profiles
     */
    public static List<MachineChoice> ranked(WeldCycle cycle, List<MachineProfile> machines) {
        List<MachineChoice> choices = new ArrayList<>();
        for (int i = 0; i < machines.size(); i++) {
            choices.add(of(cycle, machines.get(i), i));
        }
        choices.sort(Comparator.comparingInt(MachineChoice::marks));
        return choices;
    }

    private static MachineChoice of(WeldCycle cycle, MachineProfile machine, int index) {
        List<Phrase> reasons = new ArrayList<>();
        int marks = 0;
        for (CapabilityGap limit : MachineLimits.of(cycle, machine, Optional.empty())) {
            marks += LIMIT;
            reasons.add(limit.text());
        }
        for (PanelSetting setting : PanelTargets.of(cycle, machine).missing()) {
            marks += MISSING;
            reasons.add(Phrase.of("suits.missing", Phrase.of(setting.words())));
        }
        Optional<Scale> main = machine.control(PanelSetting.MAIN_CURRENT).flatMap(PanelElement::scale);
        if (main.filter(scale -> !scale.figures()).isPresent()) {
            marks += BLIND;
            reasons.add(Phrase.of("suits.blind"));
        }
        boolean spark = machine.starts().contains("HF");
        if (!spark && cycle.logic().input() != TriggerInput.TOUCH) {
            marks += MISSING;
            reasons.add(Phrase.of("suits.noSpark"));
        }
        if (reasons.isEmpty()) {
            reasons.add(Phrase.of("suits.all"));
        }
        return new MachineChoice(index, marks, List.copyOf(reasons));
    }
}
