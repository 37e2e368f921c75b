package vastarc.core.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.PanelChange;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.Question.Picture;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;

/**
 * A real panel as somebody left it, for a named job: rightly set about one time in four, else with one to three controls that are set wrong. What
 * is wrong is what the panel's own plan would change; a figure inside its range is none of it.
 */
final class PanelQuestions implements QuestionWriter {

    private static final int RIGHTLY = 4;

    @Override
    public Question make(SeededRandom draw, int level, TrainingShop shop) {
        TrainingMachine machine = draw.one(shop.machines());
        TrainingJob job = draw.one(shop.jobs());
        boolean rightly = draw.below(RIGHTLY) == 0;
        int wanted = rightly ? 0 : 1 + draw.below(Math.min(3, level + 1));
        Map<String, Double> settings = PanelFault.of(draw, machine, job, wanted);
        PanelPlan left = PanelFault.plan(machine, job, settings);
        return question(machine, job, level, settings, left);
    }

    private static Question question(
            TrainingMachine machine, TrainingJob job, int level, Map<String, Double> settings, PanelPlan left) {
        List<String> faults =
                left.changes().stream().map(PanelChange::elementId).toList();
        List<String> why = new ArrayList<>();
        left.changes()
                .forEach(change -> why.add(change.label() + ": " + say(change.from()) + ", it must be "
                        + say(change.to()) + ". " + harm(machine, job, change, settings)));
        return new Question(
                "PANEL-" + machine.name() + "-" + job.name() + "-" + faults + "-" + settings.hashCode(),
                Topic.PANEL_CHECK,
                level,
                "“" + machine.name() + "” as somebody left it, for “" + job.name()
                        + "”. Which controls are set wrong? It may be set right.",
                Optional.of(new Picture(
                        Picture.Kind.FRONT, settings, Map.of("machine", machine.name(), "job", job.name()))),
                List.of(),
                CorrectAnswer.faults(faults),
                why.isEmpty() ? "Every control that matters for this job is set right." : String.join(" ", why));
    }

    /** What it would have done. */
    private static String harm(
            TrainingMachine machine, TrainingJob job, PanelChange change, Map<String, Double> settings) {
        return machine.profile()
                .element(change.elementId())
                .map(element -> PanelFaultEffect.of(element, settings.getOrDefault(element.id(), 0.0), job.score()))
                .orElse("");
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
