package vastarc.core.drill;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import vastarc.core.consumable.Tungsten;
import vastarc.core.consumable.WireAlloy;
import vastarc.core.drill.Question.Answer;
import vastarc.core.drill.Question.Choice;
import vastarc.core.joint.Control;
import vastarc.core.material.Material;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Handle;
import vastarc.core.score.Phase;
import vastarc.core.score.Reaction;
import vastarc.core.score.Score;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/** Questions whose answer the core's own rules give: what a touch does, what is idle, which tungsten, which wire. */
final class MachineMakers {

    private static final int WRONG = 3;
    private static final List<Phase> ASKED = List.of(
            Phase.IDLE,
            Phase.PRE_FLOW,
            Phase.START_HOLD,
            Phase.UP_SLOPE,
            Phase.WELD,
            Phase.DOWN_SLOPE,
            Phase.POST_FLOW);

    private MachineMakers() {}

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }

    private static Question question(
            String id, Topic topic, int level, String prompt, Draw.Choices choices, String why) {
        return new Question(
                id, topic, level, prompt, Optional.empty(), choices.all(), Answer.choice(choices.right()), why);
    }

    /** Which control does nothing for a job. */
    static Question idle(Draw draw, int level, DrillShop shop) {
        while (true) {
            Score score = shop.any(draw, List.of(Control.values()));
            List<Handle> all = List.copyOf(score.handles().values());
            List<Handle> idle = all.stream().filter(Handle::isIdle).toList();
            List<Handle> busy = all.stream().filter(handle -> !handle.isIdle()).toList();
            if (idle.isEmpty() || busy.size() < WRONG) {
                continue;
            }
            Handle right = draw.one(idle);
            String why = right.idle()
                    .map(one -> Phrasebook.say(one, UnitSystem.METRIC))
                    .orElse("");
            String logic = say(score.logic().name().words());
            List<Choice> wrong = draw.some(busy, WRONG).stream()
                    .map(handle -> new Choice(
                            say(handle.key().words()),
                            "It works here: it is set to "
                                    + UnitSystem.METRIC.show(handle.quantity()).line() + "."))
                    .toList();
            return question(
                    "IDLE-" + score.logic().name() + "-" + right.key(),
                    Topic.IDLE,
                    level,
                    "Under “" + logic + "”: which of these does nothing for this weld?",
                    draw.among(new Choice(say(right.key().words()), why), wrong),
                    why);
        }
    }

    /** What the next touch does in a phase; or what a score with a fault will leave. */
    static Question score(Draw draw, int level, DrillShop shop) {
        if (draw.below(2) == 0) {
            return LeavesMaker.make(draw, level, shop);
        }
        List<ControlLogic.Name> switched = Arrays.stream(ControlLogic.Name.values())
                .filter(name -> ControlLogic.of(name).input() == ControlLogic.Input.SWITCH)
                .toList();
        ControlLogic.Name name = draw.one(switched);
        ControlLogic logic = ControlLogic.of(name);
        Phase phase = draw.one(ASKED.stream()
                .filter(one ->
                        logic.reaction(one, true) != Reaction.NONE || logic.reaction(one, false) != Reaction.NONE)
                .toList());
        boolean press = draw.below(2) == 0;
        Reaction right = logic.reaction(phase, press);
        List<Choice> wrong =
                draw
                        .some(
                                Arrays.stream(Reaction.values())
                                        .filter(one -> one != right)
                                        .toList(),
                                WRONG)
                        .stream()
                        .map(one -> new Choice(say(one.words()), "Not under this logic in this phase."))
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

    /** The tungsten hands usually take; the wrong ones carry too little, or do not hold the least current. */
    static Question tungsten(Draw draw, int level, DrillShop shop) {
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
    static Question wire(Draw draw, int level, DrillShop shop) {
        List<Material> all = List.of(Material.values());
        while (true) {
            Material one = draw.one(all);
            Material other = level == 1 ? one : draw.one(all);
            WireAlloy right = WireAlloy.of(one, other);
            String answer = right.alloy().orElse("none: it cracks");
            List<String> wrong = all.stream()
                    .flatMap(metal -> WireAlloy.of(metal, metal).alloy().stream())
                    .distinct()
                    .filter(alloy -> !mentions(answer, alloy) && !right.note().contains(alloy))
                    .toList();
            if (wrong.size() < WRONG) {
                continue;
            }
            String pair = one == other ? metal(one) : metal(one) + " to " + metal(other);
            return question(
                    "WIRE-" + one + "-" + other,
                    Topic.WIRE,
                    level,
                    "Which wire for " + pair + "?",
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
