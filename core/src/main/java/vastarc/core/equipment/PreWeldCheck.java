package vastarc.core.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.TorchProfile.TorchCooling;

/** The check before the strike, made for one machine, torch and sheet, in the order of work. */
public final class PreWeldCheck {

    private static final int NEAR_EMPTY_BAR = 10;

    /**
     * One thing to look at.
     *
     * @param code    stable name, for keeping ticks
     * @param text    what to see to
     * @param answers possible answers; exactly one is right
     */
    public record CheckItem(String code, Phrase text, List<CheckAnswer> answers) {}

    /**
     * A possible answer.
     *
     * @param name  stable name
     * @param text  in words
     * @param stops what it would have done, where it is wrong; empty for the right one
     */
    public record CheckAnswer(String name, Phrase text, Optional<Phrase> stops) {

        /** {@return whether this answer lets the check go on} */
        public boolean isRight() {
            return stops.isEmpty();
        }
    }

    private final SetupSheet sheet;
    private final TriggerMode logic;
    private final MachineProfile machine;
    private final Optional<TorchProfile> torch;
    private final List<CheckItem> items = new ArrayList<>();

    private PreWeldCheck(WeldCycle cycle, MachineProfile machine, Optional<TorchProfile> torch) {
        this.sheet = cycle.sheet();
        this.logic = cycle.logic();
        this.machine = machine;
        this.torch = torch;
    }

    /**
     * {@return the check, in order}
     *
     * @param cycle the weld cycle
     * @param machine the machine
     * @param torch the torch; empty if none is chosen
     */
    public static List<CheckItem> of(WeldCycle cycle, MachineProfile machine, Optional<TorchProfile> torch) {
        PreWeldCheck check = new PreWeldCheck(cycle, machine, torch);
        check.leads();
        check.torchParts();
        check.gas();
        check.panelAndPurge();
        check.body();
        return List.copyOf(check.items);
    }

    /** The right answer, and the wrong ones, each with what it would have done. */
    private void item(String code, List<String> wrongs, Object... arguments) {
        List<CheckAnswer> answers = new ArrayList<>();
        String words = "check." + code;
        answers.add(new CheckAnswer("right", Phrase.of(words + ".right", arguments), Optional.empty()));
        for (String wrong : wrongs) {
            answers.add(new CheckAnswer(
                    wrong,
                    Phrase.of(words + "." + wrong, arguments),
                    Optional.of(Phrase.of(words + "." + wrong + ".stops", arguments))));
        }
        items.add(new CheckItem(code, Phrase.of(words, arguments), List.copyOf(answers)));
    }

    private void leads() {
        item("power", List.of("on"));
        item("polarity", List.of("positive"));
        if (machine.polarity() == MachineProfile.Polarity.INTERNAL_LINK) {
            item("link", List.of("stick"));
        }
        item("clamp", List.of("paint", "far"));
    }

    private String shown(ParameterKey key) {
        Parameter parameter = sheet.setting(key);
        return Phrasebook.say(
                parameter.text().orElseGet(() -> Phrase.of("plain", parameter.quantity())), UnitSystem.METRIC);
    }

    private Quantity of(ParameterKey key) {
        return sheet.setting(key).quantity();
    }

    private void torchParts() {
        boolean lens = sheet.hasGasLens();
        item(
                lens ? "partsLens" : "parts",
                List.of("loose", "cracked"),
                of(ParameterKey.TUNGSTEN_DIAMETER),
                Phrase.of("check.cup", of(ParameterKey.CUP_SIZE)),
                of(ParameterKey.STICK_OUT));
        item(
                "tungsten",
                List.of("dirty", "across"),
                shown(ParameterKey.TUNGSTEN_TYPE),
                of(ParameterKey.TUNGSTEN_DIAMETER),
                of(ParameterKey.TIP_ANGLE));
        if (logic.input() == TriggerInput.FOOT) {
            item("pedal", List.of("unplugged", "panel"));
        } else if (logic.input() == TriggerInput.SWITCH) {
            item("trigger", List.of("unplugged"));
        } else {
            item("valve", List.of("stiff"));
        }
        if (torch.filter(own -> own.cooling() == TorchCooling.WATER).isPresent()) {
            item("cooler", List.of("off", "drips"));
        }
    }

    private void gas() {
        item("gasType", List.of("mix"));
        item("cylinder", List.of("loose", "halfway", "empty"), NEAR_EMPTY_BAR);
        item("leak", List.of("falls"));
        item("flow", List.of("still", "high"), of(ParameterKey.GAS_FLOW));
    }

    private void panelAndPurge() {
        item("panel", List.of("stick", "ac", "other"));
        if (sheet.practice().purged()) {
            item("purge", List.of("unsealed", "hurried"), of(ParameterKey.PURGE_FLOW), of(ParameterKey.PURGE_HOLD));
        }
        item(
                "metal",
                List.of("dirty"),
                Phrase.of("material." + sheet.joint().material().name()));
    }

    private void body() {
        boolean titanium = sheet.joint().isTitanium();
        item("air", List.of("closed"));
        item(titanium ? "bodyTitanium" : "body", List.of("bare"), Phrase.of("plain", of(ParameterKey.HELMET_SHADE)));
    }
}
