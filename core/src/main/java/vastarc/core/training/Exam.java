package vastarc.core.training;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Questions by a seed, with their key. The same seed, topics, number and shop make the same exam.
 *
 * @param seed      of it
 * @param questions in order; topics take turns
 */
public record Exam(long seed, List<Question> questions) {

    /** Most questions of one exam. */
    public static final int MOST = 100;

    private static final int TRIES = 25;
    private static final int HURTING_EVERY = 4;
    private static final long STEP = 0x9E3779B97F4A7C15L;

    /** Copies its collections, so that it cannot change. */
    public Exam {
        questions = List.copyOf(questions);
    }

    /**
     * {@return an exam; a question that has been asked in it is not asked again while there are others}
     *
     * @param seed seed of the random numbers
     * @param topics the topics
     * @param count how many questions
     * @param shop the shop that questions are about
     */
    public static Exam of(long seed, List<Topic> topics, int count, TrainingShop shop) {
        List<Question> questions = new ArrayList<>();
        Set<String> asked = new HashSet<>();
        for (int i = 0; i < count; i++) {
            Topic topic = topic(topics, i);
            int level = 1 + i * 3 / Math.max(3, count);
            Question question = QuestionWriters.make(mixed(seed, topic, i, 0), topic, level, shop);
            for (int again = 1; again < TRIES && asked.contains(question.id()); again++) {
                question = QuestionWriters.make(mixed(seed, topic, i, again), topic, level, shop);
            }
            asked.add(question.id());
            questions.add(question);
        }
        return new Exam(seed, questions);
    }

    /** Topics take turns; in an exam of more than what hurts, every fourth question is of that. */
    private static Topic topic(List<Topic> topics, int place) {
        List<Topic> hurts = topics.stream().filter(Topic.HURTS::contains).toList();
        boolean mixed = !hurts.isEmpty() && hurts.size() < topics.size() && topics.size() > HURTING_EVERY;
        if (!mixed) {
            return topics.get(place % topics.size());
        }
        if (place % HURTING_EVERY == 0) {
            return hurts.get(place / HURTING_EVERY % hurts.size());
        }
        List<Topic> others =
                topics.stream().filter(topic -> !hurts.contains(topic)).toList();
        return others.get((place - 1 - place / HURTING_EVERY) % others.size());
    }

    private static long mixed(long seed, Topic topic, int place, int again) {
        long mixed = seed * STEP + topic.ordinal() * 1_000_003L + place * 7919L + again * 104_729L;
        mixed = (mixed ^ (mixed >>> 30)) * 0xBF58476D1CE4E5B9L;
        return mixed ^ (mixed >>> 31);
    }
}
