package vastarc.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vastarc.core.drill.Question.Answer;
import vastarc.core.drill.Question.Picture;
import vastarc.core.machine.MachineProfile;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelPlan;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * A real front as somebody left it, for a named job: rightly set about one time in four, else with one to three controls that stand wrong. What
 * is wrong is what the panel's own plan would change.
 */
final class PanelMaker implements Maker {

    private static final int RIGHTLY = 4;
    private static final double FAR = 0.3;
    private static final int TRIES = 40;

    @Override
    public Question make(Draw draw, int level, DrillShop shop) {
        DrillShop.Machine machine = draw.one(shop.machines());
        DrillShop.Job job = draw.one(shop.jobs());
        boolean rightly = draw.below(RIGHTLY) == 0;
        int wanted = rightly ? 0 : 1 + draw.below(Math.min(3, level + 1));
        PanelPlan bare = plan(machine.profile(), job, Map.of());
        Map<String, Double> stands = targets(bare);
        List<PanelPlan.Placed> can = bare.controls().stream()
                .filter(control -> stands.containsKey(control.element().id()))
                .toList();
        for (PanelPlan.Placed control : draw.some(can, wanted)) {
            wrong(draw, control.element(), stands.getOrDefault(control.element().id(), 0.0))
                    .ifPresent(place -> stands.put(control.element().id(), place));
        }
        PanelPlan left = plan(machine.profile(), job, stands);
        return question(machine, job, level, stands, left);
    }

    private static PanelPlan plan(MachineProfile profile, DrillShop.Job job, Map<String, Double> stands) {
        return PanelPlan.of(job.score(), profile, Optional.empty(), Map.of(), stands);
    }

    /** Where every control that matters would have to stand. */
    private static Map<String, Double> targets(PanelPlan plan) {
        Map<String, Double> targets = new TreeMap<>();
        plan.controls().stream()
                .filter(control -> control.idle().isEmpty())
                .forEach(control -> control.target()
                        .ifPresent(place -> targets.put(control.element().id(), place)));
        return targets;
    }

    /** Another place of a control, far enough to be seen; empty where there is none. */
    private static Optional<Double> wrong(Draw draw, PanelElement element, double target) {
        if (element.kind().isPlugged()) {
            return Optional.empty();
        }
        for (int i = 0; i < TRIES; i++) {
            double place =
                    element.kind().isSwitched() ? draw.below(element.stops().size()) : draw.between(0, 1);
            boolean far = element.kind().isSwitched() || Math.abs(place - target) > FAR;
            if (far && element.isPlace(place) && !element.isSamePlace(place, target)) {
                return Optional.of(place);
            }
        }
        return Optional.empty();
    }

    private static double place(Draw draw, PanelElement element) {
        return switch (element.kind()) {
            case SELECTOR, TOGGLE, BUTTON -> draw.below(element.stops().size());
            case DISPLAY, VALVE ->
                element.scale()
                        .map(scale -> scale.settable(draw.between(scale.low(), scale.high())))
                        .orElse(0.0);
            default -> draw.between(0, 1);
        };
    }

    /** What counts as far: of a knob its turn, of a figure itself. */
    private static double span(PanelElement element, double target) {
        return element.kind() == PanelElement.Kind.KNOB ? 1 : Math.max(1, Math.abs(target));
    }

    private static Question question(
            DrillShop.Machine machine, DrillShop.Job job, int level, Map<String, Double> stands, PanelPlan left) {
        List<String> faults =
                left.changes().stream().map(PanelPlan.Change::elementId).toList();
        List<String> why = new ArrayList<>();
        left.changes()
                .forEach(change ->
                        why.add(change.label() + ": " + say(change.from()) + ", it must be " + say(change.to())));
        return new Question(
                "PANEL-" + machine.name() + "-" + job.name() + "-" + faults + "-" + stands.hashCode(),
                Topic.PANEL_CHECK,
                level,
                "“" + machine.name() + "” as somebody left it, for “" + job.name()
                        + "”. Which controls stand wrong? It may be rightly set.",
                Optional.of(
                        new Picture(Picture.Kind.FRONT, stands, Map.of("machine", machine.name(), "job", job.name()))),
                List.of(),
                Answer.faults(faults),
                why.isEmpty()
                        ? "Everything that matters for this job stands where it must."
                        : String.join("; ", why) + ".");
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
