package vastarc.core.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.tables.Table;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.consumable.Tint;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Family;
import vastarc.core.record.diagnosis.Cause;
import vastarc.core.record.diagnosis.Likelihood;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.reference.Glossary;
import vastarc.core.reference.Glossary.GlossaryEntry;
import vastarc.core.training.Question.Choice;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.Question.Picture;
import vastarc.core.training.SeededRandom.AnswerChoices;

/** Questions of words: what a thing is called, what it looks like, what comes when. */
final class TermQuestions {

    private static final int WRONG = 3;
    private static final List<String> STEPS = Table.read("drill-order.csv", Set.of("step")).stream()
            .map(row -> row.text("step"))
            .toList();
    private static final List<Family> TINTED = List.of(Family.STAINLESS, Family.TITANIUM);

    private TermQuestions() {}

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }

    private static Question question(
            String id,
            Topic topic,
            int level,
            String prompt,
            Optional<Picture> picture,
            AnswerChoices choices,
            String why) {
        return new Question(
                id, topic, level, prompt, picture, choices.all(), CorrectAnswer.choice(choices.right()), why);
    }

    /**
     * Which cause leaves what is seen: the right one is typical of it; the wrong ones are not named for it, but leave other things at the same
     * place, so that a learner might take them.
     */
    static Question symptom(SeededRandom draw, int level, TrainingShop shop) {
        List<Symptom> telling = Symptom.all().stream()
                .filter(symptom -> symptom.grades().containsValue(Likelihood.TYPICAL))
                .toList();
        Symptom symptom = draw.one(telling);
        List<Cause> typical = Cause.all().stream()
                .filter(cause -> symptom.of(cause) == Likelihood.TYPICAL)
                .toList();
        List<Cause> never = Cause.all().stream()
                .filter(cause -> symptom.of(cause) == Likelihood.NEVER || symptom.of(cause) == Likelihood.UNNAMED)
                .toList();
        Cause right = draw.one(typical);
        String seen = say(symptom.words());
        List<Cause> likely =
                never.stream().filter(cause -> leavesAt(cause, symptom)).toList();
        List<Choice> wrong = draw.some(likely.size() < WRONG ? never : likely, WRONG).stream()
                .map(cause -> new Choice(say(cause.words()), "It does not leave this: " + seen + "."))
                .toList();
        AnswerChoices choices = draw.among(new Choice(say(right.words()), "Typical of it."), wrong);
        return question(
                "SYMPTOMS-" + symptom.id() + "-" + right.id(),
                Topic.SYMPTOMS,
                level,
                "You see: " + seen + ". What is typical of it?",
                Optional.of(new Picture(Picture.Kind.SIGN, Map.of(), Map.of("sign", symptom.id()))),
                choices,
                say(right.words() + ".do"));
    }

    /** Whether a cause leaves something else at the place of a sign. */
    private static boolean leavesAt(Cause cause, Symptom symptom) {
        return Symptom.all().stream()
                .filter(other -> other.place() == symptom.place() && other != symptom)
                .anyMatch(other -> other.of(cause).compareTo(Likelihood.OFTEN) <= 0);
    }

    /** Another word for a thing; words that belong to two things are not asked for. */
    static Question word(SeededRandom draw, int level, TrainingShop shop) {
        List<GlossaryEntry> entries = Glossary.entries().stream()
                .filter(entry -> !entry.aliases().isEmpty())
                .toList();
        GlossaryEntry entry = draw.one(entries);
        String alias = draw.one(entry.aliases());
        List<Choice> wrong = new ArrayList<>();
        for (GlossaryEntry other : draw.shuffled(entries)) {
            boolean collides = other.aliases().contains(alias) || other.term().equals(entry.term());
            if (wrong.size() < WRONG && !collides && !other.term().equals(alias)) {
                wrong.add(new Choice(other.term(), "That is: " + other.meaning()));
            }
        }
        AnswerChoices choices = draw.among(new Choice(entry.term(), entry.meaning()), wrong);
        return question(
                "WORDS-" + entry.term() + "-" + alias,
                Topic.WORDS,
                level,
                "“" + alias + "” is another word for",
                Optional.empty(),
                choices,
                entry.meaning());
    }

    /** What letters of a position mean. */
    static Question position(SeededRandom draw, int level, TrainingShop shop) {
        List<Position> all = List.of(Position.values());
        Position right = draw.one(all);
        boolean letters = level < 3 && draw.below(2) == 0;
        List<Choice> wrong = draw.some(all.stream().filter(one -> one != right).toList(), WRONG).stream()
                .map(one -> letters
                        ? new Choice(one.letters(), "That is " + say("position." + one.name()) + ".")
                        : new Choice(say("position." + one.name()), "That is " + one.letters() + "."))
                .toList();
        String words = say("position." + right.name());
        Choice choice = letters ? new Choice(right.letters(), "So it is called.") : new Choice(words, "So it lies.");
        return question(
                "POSITIONS-" + right + (letters ? "-L" : "-W"),
                Topic.POSITIONS,
                level,
                letters ? "Which letters stand for: " + words + "?" : "What does " + right.letters() + " mean?",
                Optional.of(new Picture(Picture.Kind.POSITION, Map.of(), Map.of("position", right.name()))),
                draw.among(choice, wrong),
                right.letters() + " is " + words + " (" + right.numberLetterName() + ").");
    }

    /** Which of some colours left the gas hottest. */
    static Question colour(SeededRandom draw, int level, TrainingShop shop) {
        Family family = draw.one(TINTED);
        List<Tint> bands = draw.some(bands(family), 4);
        Tint hottest = bands.stream()
                .reduce((tint, other) -> tint.fromC() >= other.fromC() ? tint : other)
                .orElseThrow();
        List<Choice> wrong = bands.stream()
                .filter(band -> band != hottest)
                .map(band -> new Choice(band.colour(), "It means " + degrees(band) + "."))
                .toList();
        String metal = family == Family.TITANIUM ? "titanium" : "stainless";
        return question(
                "COLOUR-" + family + "-"
                        + bands.stream().map(Tint::colour).sorted().toList(),
                Topic.COLOUR,
                level,
                "On " + metal + ": which colour left the gas hottest?",
                Optional.empty(),
                draw.among(new Choice(hottest.colour(), "It means " + degrees(hottest) + "."), wrong),
                "Colours go up with the temperature at which the metal met air, ± 40 °C.");
    }

    private static List<Tint> bands(Family family) {
        List<Tint> bands = new ArrayList<>();
        for (double c = 0; c < 1200; c += 10) {
            Tint band = Tint.of(family, c);
            if (bands.stream().noneMatch(tint -> tint.colour().equals(band.colour()))) {
                bands.add(band);
            }
        }
        return bands;
    }

    private static String degrees(Tint band) {
        return band.toC() > 2000
                ? "above " + Math.round(band.fromC()) + " °C"
                : Math.round(band.fromC()) + " to " + Math.round(band.toC()) + " °C";
    }

    /** What comes right after, or before, a step of the work. */
    static Question order(SeededRandom draw, int level, TrainingShop shop) {
        boolean after = draw.below(2) == 0;
        int step = after ? draw.below(STEPS.size() - 1) : 1 + draw.below(STEPS.size() - 1);
        int wanted = after ? step + 1 : step - 1;
        List<Choice> wrong = draw
                .some(
                        STEPS.stream()
                                .filter(text -> !text.equals(STEPS.get(step)) && !text.equals(STEPS.get(wanted)))
                                .toList(),
                        WRONG)
                .stream()
                .map(text -> new Choice(
                        text, "It is step " + (STEPS.indexOf(text) + 1) + ", this one is step " + (step + 1) + "."))
                .toList();
        return question(
                "ORDER-" + step + (after ? "-A" : "-B"),
                Topic.ORDER,
                level,
                "In the order of work: what comes right " + (after ? "after" : "before") + " “" + STEPS.get(step)
                        + "”?",
                Optional.empty(),
                draw.among(new Choice(STEPS.get(wanted), "It is step " + (wanted + 1) + "."), wrong),
                String.join(" → ", STEPS));
    }
}
