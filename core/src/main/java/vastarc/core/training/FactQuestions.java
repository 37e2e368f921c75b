package vastarc.core.training;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.tables.Table;
import vastarc.core.training.Question.Choice;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.Question.Picture;
import vastarc.core.training.SeededRandom.AnswerChoices;

/** Asks for facts of the trade. Source: table {@code drill-facts.csv}. */
final class FactQuestions implements QuestionWriter {

    private record Fact(
            Topic topic, int level, String question, Choice right, List<Choice> wrong, Optional<Picture> picture) {}

    private static final List<Fact> FACTS = Table.read(
                    "drill-facts.csv",
                    Set.of(
                            "topic",
                            "level",
                            "question",
                            "right",
                            "wrong_1",
                            "why_1",
                            "wrong_2",
                            "why_2",
                            "wrong_3",
                            "why_3",
                            "why",
                            "picture"))
            .stream()
            .map(FactQuestions::fact)
            .toList();

    private final List<Fact> facts;
    private final Topic topic;

    FactQuestions(Topic topic) {
        this.topic = topic;
        this.facts = FACTS.stream().filter(fact -> fact.topic() == topic).toList();
    }

    private static Fact fact(Table.Row row) {
        return new Fact(
                row.named("topic", Topic.class),
                (int) row.number("level"),
                row.text("question"),
                new Choice(row.text("right"), row.text("why")),
                List.of(
                        new Choice(row.text("wrong_1"), row.text("why_1")),
                        new Choice(row.text("wrong_2"), row.text("why_2")),
                        new Choice(row.text("wrong_3"), row.text("why_3"))),
                picture(row.text("picture")));
    }

    private static Optional<Picture> picture(String bead) {
        return "none".equals(bead)
                ? Optional.empty()
                : Optional.of(new Picture(Picture.Kind.BEAD, Map.of(), Map.of("bead", bead)));
    }

    @Override
    public Question make(SeededRandom draw, int level, TrainingShop shop) {
        Fact fact = draw.one(facts);
        AnswerChoices choices = draw.among(fact.right(), fact.wrong());
        return new Question(
                topic + "-" + facts.indexOf(fact),
                topic,
                fact.level(),
                fact.question(),
                fact.picture(),
                choices.all(),
                CorrectAnswer.choice(choices.right()),
                fact.right().why());
    }
}
