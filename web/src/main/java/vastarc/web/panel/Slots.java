package vastarc.web.panel;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import vastarc.core.machine.PanelPlan;
import vastarc.web.machine.MemorySlot;

/** What is put into a memory slot, and whether it still is what the sheet says. */
final class Slots {

    private static final double SAME = 0.005;

    private Slots() {}

    /** The place of every control that does something, by element. */
    static Map<String, Double> figures(PanelPlan plan) {
        Map<String, Double> figures = new TreeMap<>();
        plan.controls().stream()
                .filter(control -> control.idle().isEmpty())
                .forEach(control -> control.target()
                        .ifPresent(place -> figures.put(control.element().id(), place)));
        return figures;
    }

    /** Labels of the controls that would now stand elsewhere than when the sheet was put in. */
    static List<String> moved(MemorySlot slot, PanelPlan plan) {
        Map<String, Double> now = figures(plan);
        return plan.controls().stream()
                .filter(control -> differs(
                        slot.figures().get(control.element().id()),
                        now.get(control.element().id())))
                .map(control -> control.element().label())
                .toList();
    }

    private static boolean differs(Double then, Double now) {
        if (then == null || now == null) {
            return then != now && (then != null || now != null);
        }
        return Math.abs(then - now) > SAME * Math.max(1, Math.abs(then));
    }
}
