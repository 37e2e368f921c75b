package vastarc.web.panel;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import vastarc.core.machine.PanelPlan;
import vastarc.core.plan.SheetDocument;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.kept.machine.MemorySlot;

/** What is put into a memory slot, and whether it still is what the sheet says. */
final class Slots {

    private static final double SAME = 0.005;

    private Slots() {}

    /** A slot in use and the name of its job. */
    record Used(MemorySlot slot, String job) {}

    /** The place of every control that does something, by element. */
    static Map<String, Double> figures(PanelPlan plan) {
        Map<String, Double> figures = new TreeMap<>();
        plan.controls().stream()
                .filter(control -> control.idle().isEmpty())
                .forEach(control -> control.target()
                        .ifPresent(place -> figures.put(control.element().id(), place)));
        return figures;
    }

    /** What the sheet says otherwise than when it was put in: figures of the sheet, or, where none was kept, labels of controls. */
    static List<String> moved(MemorySlot slot, PanelPlan plan, Sheet sheet, UnitSystem units) {
        return slot.sheet().map(stored -> figuresMoved(stored, sheet, units)).orElseGet(() -> placesMoved(slot, plan));
    }

    private static List<String> figuresMoved(SheetDocument stored, Sheet sheet, UnitSystem units) {
        return stored.movedOn(sheet).stream()
                .filter(moved -> moved.key().group() == SettingKey.Group.PANEL)
                .map(moved -> Phrasebook.say(Phrase.of(moved.key().words()), units) + " "
                        + moved.then().map(setting -> shown(setting, units)).orElse("–") + ", now "
                        + moved.now().map(setting -> shown(setting, units)).orElse("–"))
                .toList();
    }

    private static String shown(Setting setting, UnitSystem units) {
        return setting.shown(units);
    }

    private static List<String> placesMoved(MemorySlot slot, PanelPlan plan) {
        Map<String, Double> now = figures(plan);
        return plan.controls().stream()
                .filter(control -> differs(
                        slot.figures().get(control.element().id()),
                        now.get(control.element().id())))
                .map(control -> control.element().label())
                .toList();
    }

    private static boolean differs(@Nullable Double then, @Nullable Double now) {
        if (then == null || now == null) {
            return then != now;
        }
        return Math.abs(then - now) > SAME * Math.max(1, Math.abs(then));
    }
}
