package vastarc.web.drill;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;
import vastarc.web.drawing.PanelDrawing;

/** A panel with every control where somebody left it: drawn as a panel that wants just that, so that nothing gives the answer away. */
final class FoundPanelDrawing {

    private FoundPanelDrawing() {}

    static PanelDrawing of(TrainingMachine machine, TrainingJob job, Map<String, Double> settings) {
        PanelPlan plan = PanelPlan.of(job.score(), machine.profile(), Optional.empty(), Map.of(), settings);
        List<ControlTarget> left = plan.controls().stream()
                .map(control -> new ControlTarget(
                        control.element(),
                        control.idle(),
                        Optional.ofNullable(settings.get(control.element().id()))
                                .or(control::target),
                        words(control, settings),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        return PanelDrawing.of(
                machine.profile(), new PanelPlan(left, List.of(), List.of(), List.of()), UnitSystem.METRIC);
    }

    private static Phrase words(ControlTarget control, Map<String, Double> settings) {
        Double place = settings.get(control.element().id());
        return place == null ? control.words() : PanelPlan.words(control.element(), place);
    }
}
