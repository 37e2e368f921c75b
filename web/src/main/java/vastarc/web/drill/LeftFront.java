package vastarc.web.drill;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.drill.DrillShop;
import vastarc.core.machine.PanelPlan;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.web.drawing.PanelFront;

/** A front with every control where somebody left it: drawn as a panel that wants just that, so that nothing gives the answer away. */
final class LeftFront {

    private LeftFront() {}

    static PanelFront of(DrillShop.Machine machine, DrillShop.Job job, Map<String, Double> stands) {
        PanelPlan plan = PanelPlan.of(job.score(), machine.profile(), Optional.empty(), Map.of(), stands);
        List<PanelPlan.Placed> left = plan.controls().stream()
                .map(control -> new PanelPlan.Placed(
                        control.element(),
                        control.idle(),
                        Optional.ofNullable(stands.get(control.element().id())).or(control::target),
                        words(control, stands),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        return PanelFront.of(
                machine.profile(), new PanelPlan(left, List.of(), List.of(), List.of()), UnitSystem.METRIC);
    }

    private static Phrase words(PanelPlan.Placed control, Map<String, Double> stands) {
        Double place = stands.get(control.element().id());
        return place == null ? control.words() : PanelPlan.words(control.element(), place);
    }
}
