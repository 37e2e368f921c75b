package vastarc.core.training;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.equipment.PanelPlan.PanelChange;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;

/**
 * A panel in disorder and a job: every control is to be turned right.
 *
 * @param machine  whose panel it is
 * @param job      to be welded
 * @param disorder how it was left, by control
 */
public record PanelExercise(TrainingMachine machine, TrainingJob job, Map<String, Double> disorder) {

    private static final int LEAST = 4;

    /** Copies its collections, so that it cannot change. */
    public PanelExercise {
        disorder = OrderedCollections.map(disorder);
    }

    /**
     * A control after the learner has set it.
     *
     * @param element the control
     * @param right   it is used where the panel's own plan wants it
     * @param moved   whether the learner changed it
     * @param setTo   in words
     * @param target  in words
     * @param does    what it would have done; empty where it is right
     */
    public record MarkedControl(
            PanelElement element, boolean right, boolean moved, String setTo, String target, String does) {}

    /**
     * Empty for a shop without machines or jobs.
     *
     * @param seed seed of the random numbers
     * @param level level of difficulty
     * @param shop the shop that questions are about
     * @return the panel exercise, or empty
     */
    public static Optional<PanelExercise> of(long seed, int level, TrainingShop shop) {
        if (shop.machines().isEmpty() || shop.jobs().isEmpty()) {
            return Optional.empty();
        }
        SeededRandom draw = new SeededRandom(seed);
        TrainingMachine machine = draw.one(shop.machines());
        TrainingJob job = draw.one(shop.jobs());
        return Optional.of(new PanelExercise(machine, job, PanelFault.of(draw, machine, job, LEAST + 2 * level)));
    }

    /** {@return what is to be set, in the order of the panel} */
    public List<PanelElement> controls() {
        return PanelFault.controls(machine.profile(), disorder);
    }

    /** {@return the fewest changes to the right settings} */
    public List<PanelChange> shortest() {
        return PanelFault.plan(machine, job, disorder).changes();
    }

    /**
     * {@return the panel drawn with these settings}
     *
     * @param settings the settings by control
     */
    public PanelPlan asSet(Map<String, Double> settings) {
        return PanelFault.plan(machine, job, all(settings));
    }

    private Map<String, Double> all(Map<String, Double> settings) {
        Map<String, Double> all = new HashMap<>(disorder);
        settings.forEach((id, place) -> all.computeIfPresent(id, (same, left) -> place));
        return all;
    }

    /**
     * Marks control by control. What is not given is unchanged.
     *
     * @param settings the settings by control
     * @return the marked controls
     */
    public List<MarkedControl> mark(Map<String, Double> settings) {
        Map<String, Double> all = all(settings);
        Map<String, PanelChange> wrong = PanelFault.plan(machine, job, all).changes().stream()
                .collect(Collectors.toMap(PanelChange::elementId, Function.identity()));
        Map<String, ControlTarget> placed = PanelFault.plan(machine, job, all).controls().stream()
                .collect(Collectors.toMap(target -> target.element().id(), Function.identity()));
        return controls().stream()
                .map(element -> {
                    double place = all.getOrDefault(element.id(), 0.0);
                    double left = disorder.getOrDefault(element.id(), 0.0);
                    boolean isWrong = wrong.containsKey(element.id());
                    return new MarkedControl(
                            element,
                            !isWrong,
                            !element.isSamePlace(place, left),
                            say(PanelPlan.words(element, place)),
                            Optional.ofNullable(placed.get(element.id()))
                                    .map(target -> say(target.words()))
                                    .orElse(""),
                            isWrong ? PanelFaultEffect.of(element, place, job.score()) : "");
                })
                .toList();
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
