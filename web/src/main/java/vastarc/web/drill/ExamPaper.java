package vastarc.web.drill;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.training.Exam;
import vastarc.core.training.Topic;
import vastarc.core.training.TrainingShop;

/**
 * An exam as it was asked for.
 *
 * @param seed    the same makes the same exam
 * @param minutes it may take; 0 for as long as one likes
 * @param topics  asked; all where none was named
 * @param exam    the questions
 * @param lines   the same, with their key
 */
public record ExamPaper(long seed, int minutes, List<Topic> topics, Exam exam, List<ExamLine> lines) {

    private static final int USUAL = 12;
    private static final int LONGEST = 240;

    /** A question with its key, numbered. */
    public record ExamLine(int number, QuestionView question, String key, String why) {}

    /** What cannot be read is put right: 1 for a seed, twelve questions, no end. */
    static ExamPaper of(String seed, String count, String minutes, List<String> names, TrainingShop shop) {
        List<Topic> named =
                names.stream().flatMap(name -> topic(name).stream()).distinct().toList();
        List<Topic> topics = named.isEmpty() ? List.of(Topic.values()) : named;
        long from = (long) NumberReader.read(seed).orElse(1);
        int questions =
                (int) Math.min(Exam.MOST, Math.max(1, NumberReader.read(count).orElse(USUAL)));
        int most =
                (int) Math.min(LONGEST, Math.max(0, NumberReader.read(minutes).orElse(0)));
        Exam exam = Exam.of(from, topics, questions, shop);
        return new ExamPaper(
                from,
                most,
                topics,
                exam,
                IntStream.range(0, exam.questions().size())
                        .mapToObj(i -> new ExamLine(
                                i + 1,
                                QuestionView.of(exam.questions().get(i), shop),
                                QuestionView.right(exam.questions().get(i), shop),
                                exam.questions().get(i).why()))
                        .toList());
    }

    static Optional<Topic> topic(String name) {
        return Arrays.stream(Topic.values())
                .filter(topic -> topic.name().equals(name))
                .findFirst();
    }

    /** The address of the same exam under a path. */
    public String at(String path) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath(path)
                .queryParam("seed", seed)
                .queryParam("n", exam.questions().size())
                .queryParam("minutes", minutes);
        if (topics.size() < Topic.values().length) {
            address.queryParam("topic", topics.toArray());
        }
        return address.encode().toUriString();
    }
}
