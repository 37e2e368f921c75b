package vastarc.web.drill;

import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.training.Question;
import vastarc.core.training.Topic;
import vastarc.web.drill.ExamPaper.ExamLine;
import vastarc.web.layout.Labels;

/**
 * An exam after it was handed in.
 *
 * @param lines  question by question
 * @param right  how many were
 * @param repeat topics with wrong answers, the most wrong first
 */
public record MarkedExam(List<MarkedLine> lines, long right, List<RepeatTopic> repeat) {

    /** A marked question. */
    public record MarkedLine(
            int number, Topic topic, QuestionView question, boolean right, String given, String key, String why) {}

    /** What to repeat. */
    public record RepeatTopic(String topic, String name, long wrong) {
        public RepeatTopic {
            name = Labels.of(name);
        }
    }

    static MarkedExam of(ExamPaper paper, IntFunction<SubmittedAnswer> given) {
        List<MarkedLine> lines = IntStream.range(0, paper.lines().size())
                .mapToObj(
                        i -> line(paper.lines().get(i), paper.exam().questions().get(i), given.apply(i)))
                .toList();
        return new MarkedExam(lines, lines.stream().filter(MarkedLine::right).count(), repeat(lines));
    }

    private static MarkedLine line(ExamLine asked, Question question, SubmittedAnswer given) {
        return new MarkedLine(
                asked.number(),
                question.topic(),
                asked.question(),
                given.isRight(question),
                given.said(question, asked.question()),
                asked.key(),
                asked.why());
    }

    private static List<RepeatTopic> repeat(List<MarkedLine> lines) {
        Map<Topic, Long> wrong = lines.stream()
                .filter(line -> !line.right())
                .collect(Collectors.groupingBy(MarkedLine::topic, Collectors.counting()));
        return wrong.entrySet().stream()
                .sorted(Map.Entry.<Topic, Long>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .map(entry -> new RepeatTopic(
                        entry.getKey().name(),
                        Phrasebook.say(Phrase.of(entry.getKey().words()), UnitSystem.METRIC),
                        entry.getValue()))
                .toList();
    }
}
