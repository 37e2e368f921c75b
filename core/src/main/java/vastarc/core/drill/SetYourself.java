package vastarc.core.drill;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelPlan;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.table.InOrder;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * A front in disorder and a job: every control is to be turned right.
 *
 * @param machine  whose front it is
 * @param job      to be welded
 * @param disorder how it was left, by control
 */
public record SetYourself(DrillShop.Machine machine, DrillShop.Job job, Map<String, Double> disorder) {

    private static final int LEAST = 4;

    public SetYourself {
        disorder = InOrder.map(disorder);
    }

    /**
     * A control after the learner has set it.
     *
     * @param element the control
     * @param right   it stands where the panel's own plan wants it
     * @param moved   it stands elsewhere than it was left
     * @param stands  in words
     * @param wanted  in words
     * @param does    what it would have done; empty where it is right
     */
    public record Marked(
            PanelElement element, boolean right, boolean moved, String stands, String wanted, String does) {}

    /** Empty for a shop without machines or jobs. */
    public static Optional<SetYourself> of(long seed, int level, DrillShop shop) {
        if (shop.machines().isEmpty() || shop.jobs().isEmpty()) {
            return Optional.empty();
        }
        Draw draw = new Draw(seed);
        DrillShop.Machine machine = draw.one(shop.machines());
        DrillShop.Job job = draw.one(shop.jobs());
        return Optional.of(new SetYourself(machine, job, Disorder.of(draw, machine, job, LEAST + 2 * level)));
    }

    /** What is to be set, in the order of the front. */
    public List<PanelElement> controls() {
        return Disorder.controls(machine.profile(), disorder);
    }

    /** From how it was left to how it must stand: no way is shorter. */
    public List<PanelPlan.Change> shortest() {
        return Disorder.plan(machine, job, disorder).changes();
    }

    /** The front as it would have to be drawn with controls standing so. */
    public PanelPlan standing(Map<String, Double> stands) {
        return Disorder.plan(machine, job, all(stands));
    }

    private Map<String, Double> all(Map<String, Double> stands) {
        Map<String, Double> all = new HashMap<>(disorder);
        stands.forEach((id, place) -> all.computeIfPresent(id, (same, left) -> place));
        return all;
    }

    /** Marks control by control. What is not told stands as it was left. */
    public List<Marked> mark(Map<String, Double> stands) {
        Map<String, Double> all = all(stands);
        Map<String, PanelPlan.Change> wrong = Disorder.plan(machine, job, all).changes().stream()
                .collect(Collectors.toMap(PanelPlan.Change::elementId, Function.identity()));
        Map<String, PanelPlan.Placed> placed = Disorder.plan(machine, job, all).controls().stream()
                .collect(Collectors.toMap(one -> one.element().id(), Function.identity()));
        return controls().stream()
                .map(element -> {
                    double place = all.getOrDefault(element.id(), 0.0);
                    double left = disorder.getOrDefault(element.id(), 0.0);
                    boolean isWrong = wrong.containsKey(element.id());
                    return new Marked(
                            element,
                            !isWrong,
                            !element.isSamePlace(place, left),
                            say(PanelPlan.words(element, place)),
                            Optional.ofNullable(placed.get(element.id()))
                                    .map(one -> say(one.words()))
                                    .orElse(""),
                            isWrong ? Harm.of(element, place, job.score()) : "");
                })
                .toList();
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
