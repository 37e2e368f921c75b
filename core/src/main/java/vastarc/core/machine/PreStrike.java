package vastarc.core.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Score;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/** The check before the strike, made for one machine, torch and sheet, in the order of the hand. */
public final class PreStrike {

    private static final int NEAR_EMPTY_BAR = 10;

    /**
     * One thing to look at.
     *
     * @param code    stable name, for keeping ticks
     * @param text    what to see to
     * @param answers how it may stand; exactly one is right
     */
    public record Item(String code, Phrase text, List<Answer> answers) {}

    /**
     * How a thing may stand.
     *
     * @param name  stable name
     * @param text  in words
     * @param stops what it would have done, where it is wrong; empty for the right one
     */
    public record Answer(String name, Phrase text, Optional<Phrase> stops) {

        public boolean isRight() {
            return stops.isEmpty();
        }
    }

    private final Sheet sheet;
    private final ControlLogic logic;
    private final MachineProfile machine;
    private final Optional<TorchProfile> torch;
    private final List<Item> items = new ArrayList<>();

    private PreStrike(Score score, MachineProfile machine, Optional<TorchProfile> torch) {
        this.sheet = score.sheet();
        this.logic = score.logic();
        this.machine = machine;
        this.torch = torch;
    }

    /** The check, in order. */
    public static List<Item> of(Score score, MachineProfile machine, Optional<TorchProfile> torch) {
        PreStrike check = new PreStrike(score, machine, torch);
        check.leads();
        check.torchParts();
        check.gas();
        check.panelAndPurge();
        check.body();
        return List.copyOf(check.items);
    }

    /** Right, and the ways it may be wrong, each with what it would have done. */
    private void item(String code, List<String> wrongs, Object... arguments) {
        List<Answer> answers = new ArrayList<>();
        String words = "check." + code;
        answers.add(new Answer("right", Phrase.of(words + ".right", arguments), Optional.empty()));
        for (String wrong : wrongs) {
            answers.add(new Answer(
                    wrong,
                    Phrase.of(words + "." + wrong, arguments),
                    Optional.of(Phrase.of(words + "." + wrong + ".stops", arguments))));
        }
        items.add(new Item(code, Phrase.of(words, arguments), List.copyOf(answers)));
    }

    private void leads() {
        item("power", List.of("on"));
        item("polarity", List.of("positive"));
        if (machine.polarity() == MachineProfile.Polarity.INTERNAL_LINK) {
            item("link", List.of("stick"));
        }
        item("clamp", List.of("paint", "far"));
    }

    private String shown(SettingKey key) {
        Setting setting = sheet.setting(key);
        return Phrasebook.say(
                setting.text().orElseGet(() -> Phrase.of("plain", setting.quantity())), UnitSystem.METRIC);
    }

    private Quantity of(SettingKey key) {
        return sheet.setting(key).quantity();
    }

    private void torchParts() {
        boolean lens = sheet.setting(SettingKey.GAS_LENS)
                .text()
                .filter(text -> text.key().equals("gasLens.fitted"))
                .isPresent();
        item(
                lens ? "partsLens" : "parts",
                List.of("loose", "cracked"),
                of(SettingKey.TUNGSTEN_DIAMETER),
                Phrase.of("check.cup", of(SettingKey.CUP_SIZE)),
                of(SettingKey.STICK_OUT));
        item(
                "tungsten",
                List.of("dirty", "across"),
                shown(SettingKey.TUNGSTEN_TYPE),
                of(SettingKey.TUNGSTEN_DIAMETER),
                of(SettingKey.TIP_ANGLE));
        if (logic.input() == ControlLogic.Input.FOOT) {
            item("pedal", List.of("unplugged", "panel"));
        } else if (logic.input() == ControlLogic.Input.SWITCH) {
            item("trigger", List.of("unplugged"));
        } else {
            item("valve", List.of("stiff"));
        }
        if (torch.filter(own -> own.cooling() == TorchProfile.Cooling.WATER).isPresent()) {
            item("cooler", List.of("off", "drips"));
        }
    }

    private void gas() {
        item("gasType", List.of("mix"));
        item("cylinder", List.of("loose", "halfway", "empty"), NEAR_EMPTY_BAR);
        item("leak", List.of("falls"));
        item("flow", List.of("still", "high"), of(SettingKey.GAS_FLOW));
    }

    private void panelAndPurge() {
        item("panel", List.of("stick", "ac", "other"));
        if (sheet.practice().purged()) {
            item("purge", List.of("unsealed", "hurried"), of(SettingKey.PURGE_FLOW), of(SettingKey.PURGE_HOLD));
        }
        item(
                "metal",
                List.of("dirty"),
                Phrase.of("material." + sheet.joint().material().name()));
    }

    private void body() {
        boolean titanium = sheet.joint().isTitanium();
        item("air", List.of("closed"));
        item(titanium ? "bodyTitanium" : "body", List.of("bare"), Phrase.of("plain", of(SettingKey.HELMET_SHADE)));
    }
}
