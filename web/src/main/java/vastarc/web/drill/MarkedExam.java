package vastarc.web.drill;

import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vastarc.core.drill.Question;
import vastarc.core.drill.Topic;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * An exam after it was handed in.
 *
 * @param lines  question by question
 * @param right  how many were
 * @param repeat topics with wrong answers, the most wrong first
 */
public record MarkedExam(List<Line> lines, long right, List<Repeat> repeat) {

    /** A marked question. */
    public record Line(
            int number, Topic topic, QuestionView question, boolean right, String given, String key, String why) {}

    /** What to repeat. */
    public record Repeat(String topic, String name, long wrong) {}

    static MarkedExam of(ExamPaper paper, IntFunction<Given> given) {
        List<Line> lines = IntStream.range(0, paper.lines().size())
                .mapToObj(
                        i -> line(paper.lines().get(i), paper.exam().questions().get(i), given.apply(i)))
                .toList();
        return new MarkedExam(lines, lines.stream().filter(Line::right).count(), repeat(lines));
    }

    private static Line line(ExamPaper.Line asked, Question question, Given given) {
        return new Line(
                asked.number(),
                question.topic(),
                asked.question(),
                given.isRight(question),
                given.said(question, asked.question()),
                asked.key(),
                asked.why());
    }

    private static List<Repeat> repeat(List<Line> lines) {
        Map<Topic, Long> wrong = lines.stream()
                .filter(line -> !line.right())
                .collect(Collectors.groupingBy(Line::topic, Collectors.counting()));
        return wrong.entrySet().stream()
                .sorted(Map.Entry.<Topic, Long>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .map(one -> new Repeat(
                        one.getKey().name(),
                        Phrasebook.say(Phrase.of(one.getKey().words()), UnitSystem.METRIC),
                        one.getValue()))
                .toList();
    }
}
