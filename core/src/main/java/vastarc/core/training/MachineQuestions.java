package vastarc.core.training;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.advice.cycle.Phase;
import vastarc.core.advice.cycle.TriggerAction;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.material.Material;
import vastarc.core.training.Question.Choice;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.SeededRandom.AnswerChoices;

/** Questions whose answer the core's own rules give: what a touch does, what is idle, which tungsten, which wire. */
final class MachineQuestions {

    private static final int WRONG = 3;
    private static final List<Phase> ASKED = List.of(
            Phase.IDLE,
            Phase.PRE_FLOW,
            Phase.START_HOLD,
            Phase.UP_SLOPE,
            Phase.WELD,
            Phase.DOWN_SLOPE,
            Phase.POST_FLOW);

    private MachineQuestions() {}

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }

    private static Question question(
            String id, Topic topic, int level, String prompt, AnswerChoices choices, String why) {
        return new Question(
                id, topic, level, prompt, Optional.empty(), choices.all(), CorrectAnswer.choice(choices.right()), why);
    }

    /** Which control does nothing for a job. */
    static Question idle(SeededRandom draw, int level, TrainingShop shop) {
        while (true) {
            WeldCycle cycle = shop.any(draw, List.of(ControlDevice.values()));
            List<CycleHandle> all = List.copyOf(cycle.handles().values());
            List<CycleHandle> idle = all.stream().filter(CycleHandle::isIdle).toList();
            List<CycleHandle> busy =
                    all.stream().filter(handle -> !handle.isIdle()).toList();
            if (idle.isEmpty() || busy.size() < WRONG) {
                continue;
            }
            CycleHandle right = draw.one(idle);
            String why = right.idle()
                    .map(phrase -> Phrasebook.say(phrase, UnitSystem.METRIC))
                    .orElse("");
            String logic = say(cycle.logic().name().words());
            List<Choice> wrong = draw.some(busy, WRONG).stream()
                    .map(handle -> new Choice(
                            say(handle.key().words()),
                            "It works here: it is set to "
                                    + UnitSystem.METRIC.show(handle.quantity()).line() + "."))
                    .toList();
            return question(
                    "IDLE-" + cycle.logic().name() + "-" + right.key(),
                    Topic.IDLE,
                    level,
                    "Under “" + logic + "”: which of these does nothing for this weld?",
                    draw.among(new Choice(say(right.key().words()), why), wrong),
                    why);
        }
    }

    /** What the next touch does in a phase; or what a weld cycle with a fault will leave. */
    static Question score(SeededRandom draw, int level, TrainingShop shop) {
        if (draw.below(2) == 0) {
            return BeadFaultQuestions.make(draw, level, shop);
        }
        List<TriggerModeName> switched = Arrays.stream(TriggerModeName.values())
                .filter(name -> TriggerMode.of(name).input() == TriggerInput.SWITCH)
                .toList();
        TriggerModeName name = draw.one(switched);
        TriggerMode mode = TriggerMode.of(name);
        Phase phase = draw.one(ASKED.stream()
                .filter(one -> mode.reaction(one, true) != TriggerAction.NONE
                        || mode.reaction(one, false) != TriggerAction.NONE)
                .toList());
        boolean press = draw.below(2) == 0;
        TriggerAction right = mode.reaction(phase, press);
        List<Choice> wrong = draw
                .some(
                        Arrays.stream(TriggerAction.values())
                                .filter(triggerAction -> triggerAction != right)
                                .toList(),
                        WRONG)
                .stream()
                .map(triggerAction -> new Choice(say(triggerAction.words()), "Not under this logic in this phase."))
                .toList();
        String touch = say((press ? "touch.press." : "touch.release.") + "SWITCH");
        return question(
                "SCORE-" + name + "-" + phase + "-" + press,
                Topic.SCORE,
                level,
                "“" + say(name.words()) + "”, in the phase “" + say(phase.words()) + "”: " + touch
                        + ". What does the machine do?",
                draw.among(new Choice(say(right.words()), "So this logic answers."), wrong),
                "So it is played on the score.");
    }

    /** The usual tungsten; the wrong ones carry too little, or do not hold the least current. */
    static Question tungsten(SeededRandom draw, int level, TrainingShop shop) {
        while (true) {
            double peak = 5 + draw.below(46) * 5;
            double least = Math.max(1, Math.rint(0.1 * peak));
            Optional<Tungsten> usual = Tungsten.usualFor(peak, least);
            List<Tungsten> wrong = Tungsten.sizes().stream()
                    .filter(size -> size.practicalMaxA() < peak || size.minStableA() > least)
                    .filter(size -> usual.filter(right -> right.equals(size)).isEmpty())
                    .toList();
            if (usual.isEmpty() || wrong.size() < 2) {
                continue;
            }
            List<Choice> choices = draw.some(wrong, WRONG).stream()
                    .map(size -> new Choice(diameter(size), whyNot(size, peak)))
                    .toList();
            Tungsten right = usual.get();
            return question(
                    "TUNGSTEN-" + Math.round(peak),
                    Topic.TUNGSTEN,
                    level,
                    "Which tungsten for a peak of " + Math.round(peak) + " A that comes down to " + Math.round(least)
                            + " A?",
                    draw.among(
                            new Choice(
                                    diameter(right),
                                    "It carries up to " + Math.round(right.practicalMaxA()) + " A and holds from "
                                            + Math.round(right.minStableA()) + " A."),
                            choices),
                    "The usual size for the peak that still holds the least current.");
        }
    }

    private static String diameter(Tungsten size) {
        return UnitSystem.METRIC
                .show(Quantity.stockMillimetres(size.diameterMm()))
                .line();
    }

    private static String whyNot(Tungsten size, double peak) {
        return size.practicalMaxA() < peak
                ? "Its tip suffers above " + Math.round(size.practicalMaxA()) + " A."
                : "It holds a quiet arc only from " + Math.round(size.minStableA()) + " A.";
    }

    /** The wire for a pair of metals; the wrong ones are those of other pairs. */
    static Question wire(SeededRandom draw, int level, TrainingShop shop) {
        List<Material> all = List.of(Material.values());
        while (true) {
            Material material = draw.one(all);
            Material other = level == 1 ? material : draw.one(all);
            FillerAlloy right = FillerAlloy.of(material, other);
            String answer = right.alloy().orElse("none: it cracks");
            List<String> wrong = all.stream()
                    .flatMap(metal -> FillerAlloy.of(metal, metal).alloy().stream())
                    .distinct()
                    .filter(alloy -> !mentions(answer, alloy) && !right.note().contains(alloy))
                    .toList();
            if (wrong.size() < WRONG) {
                continue;
            }
            String pair = material == other ? metal(material) : metal(material) + " to " + metal(other);
            return question(
                    "WIRE-" + material + "-" + other,
                    Topic.WIRE,
                    level,
                    "Which filler for " + pair + "?",
                    draw.among(
                            new Choice(answer, right.note().isEmpty() ? "So the table of wires has it." : right.note()),
                            draw.some(wrong, WRONG).stream()
                                    .map(alloy -> new Choice(alloy, "It belongs to another metal."))
                                    .toList()),
                    right.note().isEmpty() ? "So the table of wires has it." : right.note());
        }
    }

    private static boolean mentions(String answer, String alloy) {
        return answer.contains(alloy) || alloy.contains(answer);
    }

    private static String metal(Material material) {
        return say("material." + material.name());
    }
}
