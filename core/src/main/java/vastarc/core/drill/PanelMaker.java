package vastarc.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.drill.Question.Answer;
import vastarc.core.drill.Question.Picture;
import vastarc.core.machine.PanelPlan;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * A real front as somebody left it, for a named job: rightly set about one time in four, else with one to three controls that stand wrong. What
 * is wrong is what the panel's own plan would change; a figure inside its window is none of it.
 */
final class PanelMaker implements Maker {

    private static final int RIGHTLY = 4;

    @Override
    public Question make(Draw draw, int level, DrillShop shop) {
        DrillShop.Machine machine = draw.one(shop.machines());
        DrillShop.Job job = draw.one(shop.jobs());
        boolean rightly = draw.below(RIGHTLY) == 0;
        int wanted = rightly ? 0 : 1 + draw.below(Math.min(3, level + 1));
        Map<String, Double> stands = Disorder.of(draw, machine, job, wanted);
        PanelPlan left = Disorder.plan(machine, job, stands);
        return question(machine, job, level, stands, left);
    }

    private static Question question(
            DrillShop.Machine machine, DrillShop.Job job, int level, Map<String, Double> stands, PanelPlan left) {
        List<String> faults =
                left.changes().stream().map(PanelPlan.Change::elementId).toList();
        List<String> why = new ArrayList<>();
        left.changes()
                .forEach(change -> why.add(change.label() + ": " + say(change.from()) + ", it must be "
                        + say(change.to()) + ". " + harm(machine, job, change, stands)));
        return new Question(
                "PANEL-" + machine.name() + "-" + job.name() + "-" + faults + "-" + stands.hashCode(),
                Topic.PANEL_CHECK,
                level,
                "“" + machine.name() + "” as somebody left it, for “" + job.name()
                        + "”. Which controls are set wrong? It may be set right.",
                Optional.of(
                        new Picture(Picture.Kind.FRONT, stands, Map.of("machine", machine.name(), "job", job.name()))),
                List.of(),
                Answer.faults(faults),
                why.isEmpty() ? "Everything that matters for this job stands where it must." : String.join(" ", why));
    }

    /** What it would have done. */
    private static String harm(
            DrillShop.Machine machine, DrillShop.Job job, PanelPlan.Change change, Map<String, Double> stands) {
        return machine.profile()
                .element(change.elementId())
                .map(element -> Harm.of(element, stands.getOrDefault(element.id(), 0.0), job.score()))
                .orElse("");
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
