package vastarc.core.training;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;

/** A panel for a job with some controls set wrong: a value outside its range, a switch at another stop. */
final class PanelFault {

    private static final double FAR = 0.3;

    /** Nobody is asked about a figure that lies on the edge of its range. */
    private static final double CLEARLY = 0.05;

    private static final int TRIES = 60;

    private PanelFault() {}

    static PanelPlan plan(TrainingMachine machine, TrainingJob job, Map<String, Double> settings) {
        return PanelPlan.of(job.score(), machine.profile(), Optional.empty(), Map.of(), settings);
    }

    /** The settings with a number of controls set wrong, or as many as possible. */
    static Map<String, Double> of(SeededRandom draw, TrainingMachine machine, TrainingJob job, int wrong) {
        PanelPlan bare = plan(machine, job, Map.of());
        Map<String, Double> settings = targets(bare);
        List<PanelElement> can = bare.controls().stream()
                .map(ControlTarget::element)
                .filter(element ->
                        settings.containsKey(element.id()) && !element.kind().isPlugged())
                .toList();
        for (PanelElement element : draw.some(can, wrong)) {
            double target = settings.getOrDefault(element.id(), 0.0);
            wrong(draw, element, target, job.score()).ifPresent(place -> settings.put(element.id(), place));
        }
        return settings;
    }

    /** The right setting of every control that matters. */
    private static Map<String, Double> targets(PanelPlan plan) {
        Map<String, Double> targets = new TreeMap<>();
        plan.controls().stream()
                .filter(control -> control.idle().isEmpty())
                .forEach(control -> control.target()
                        .ifPresent(place -> targets.put(control.element().id(), place)));
        return targets;
    }

    private static Optional<Double> wrong(SeededRandom draw, PanelElement element, double target, WeldCycle cycle) {
        for (int i = 0; i < TRIES; i++) {
            double place = place(draw, element);
            if (element.isPlace(place)
                    && !element.isSamePlace(place, target)
                    && isWrong(element, place, target, cycle)) {
                return Optional.of(place);
            }
        }
        return Optional.empty();
    }

    private static double place(SeededRandom draw, PanelElement element) {
        return switch (element.kind()) {
            case SELECTOR, TOGGLE, BUTTON -> draw.below(element.stops().size());
            case DISPLAY, VALVE ->
                element.scale()
                        .map(scale -> scale.settable(draw.between(scale.low(), scale.high())))
                        .orElse(0.0);
            default -> draw.between(0, 1);
        };
    }

    /** A stop that is another choice is wrong; a figure where it leaves what the sheet allows it. */
    private static boolean isWrong(PanelElement element, double place, double target, WeldCycle cycle) {
        Optional<CycleHandle> handle = element.setting().key().map(cycle.handles()::get);
        if (handle.isEmpty()) {
            return element.kind().isSwitched() || Math.abs(place - target) > FAR * span(element);
        }
        double wanted = element.valueAt(target);
        double there = wanted == 0 ? element.valueAt(place) : handle.get().value() * element.valueAt(place) / wanted;
        double low = handle.get().window().low();
        double high = handle.get().window().high();
        return there < low * (1 - CLEARLY) || there > high * (1 + CLEARLY);
    }

    private static double span(PanelElement element) {
        return element.kind() == ControlKind.KNOB
                ? 1
                : element.scale().map(scale -> scale.high() - scale.low()).orElse(1.0);
    }

    /** The controls of a panel that matter for a job, in its order. */
    static List<PanelElement> controls(MachineProfile profile, Map<String, Double> settings) {
        return profile.elements().stream()
                .filter(element -> settings.containsKey(element.id()))
                .toList();
    }
}
