package vastarc.web.panel;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.parameters.ParameterKey.ParameterGroup;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelPlan;
import vastarc.web.store.machine.MemorySlot;

/** What is put into a memory slot, and whether it still is what the sheet says. */
final class SlotSheets {

    private static final double SAME = 0.005;

    private SlotSheets() {}

    /** A slot in use and the name of its job. */
    record UsedSlot(MemorySlot slot, String job) {}

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
    static List<String> moved(MemorySlot slot, PanelPlan plan, SetupSheet sheet, UnitSystem units) {
        return slot.sheet().map(stored -> figuresMoved(stored, sheet, units)).orElseGet(() -> placesMoved(slot, plan));
    }

    private static List<String> figuresMoved(SheetDocument stored, SetupSheet sheet, UnitSystem units) {
        return stored.changedFigures(sheet).stream()
                .filter(moved -> moved.key().group() == ParameterGroup.PANEL)
                .map(moved -> Phrasebook.say(Phrase.of(moved.key().words()), units) + " "
                        + moved.then().map(parameter -> shown(parameter, units)).orElse("–") + ", now "
                        + moved.now().map(parameter -> shown(parameter, units)).orElse("–"))
                .toList();
    }

    private static String shown(Parameter parameter, UnitSystem units) {
        return parameter.shown(units);
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
