package vastarc.core.training;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How well a learner knows each topic, with forgetting: what is remembered halves in a half-life that begins at a day, doubles on a right
 * answer and halves on a wrong one. Source: exponential forgetting [textbook]; the figures by judgement.
 *
 * @param topics by topic
 */
public record Mastery(Map<Topic, TopicMastery> topics) {

    private static final double FIRST_DAYS = 1;
    private static final double LEAST_DAYS = 0.125;
    private static final double MOST_DAYS = 180;
    private static final double DUE = 0.7;

    /**
     * A topic.
     *
     * @param recall   what is remembered now, 0 to 1; 0 where nothing was ever asked
     * @param halfDays half-life, days
     * @param asked    questions so far
     * @param right    of them
     */
    public record TopicMastery(double recall, double halfDays, int asked, int right) {

        /** What is remembered, less what was answered wrongly: 0 to 1. */
        double sure() {
            return asked == 0 ? recall : recall * (0.5 + 0.5 * right / asked);
        }

        /** {@return whether it is to be asked again} */
        public boolean isDue() {
            return recall < DUE;
        }
    }

    /** An answer, in order of time. */
    public record TopicResult(Topic topic, boolean right, double atDay) {}

    /**
     * Of all answers so far, at a time not before them.
     *
     * @param results the results so far
     * @param nowDay the time, days
     * @return the mastery
     */
    public static Mastery of(List<TopicResult> results, double nowDay) {
        Map<Topic, TopicMastery> topics = new EnumMap<>(Topic.class);
        Map<Topic, Double> last = new EnumMap<>(Topic.class);
        for (Topic topic : Topic.values()) {
            topics.put(topic, new TopicMastery(0, FIRST_DAYS, 0, 0));
        }
        for (TopicResult result : results) {
            TopicMastery before = topics.getOrDefault(result.topic(), new TopicMastery(0, FIRST_DAYS, 0, 0));
            double half = before.halfDays() * (result.right() ? 2 : 0.5);
            topics.put(
                    result.topic(),
                    new TopicMastery(
                            0,
                            Math.min(MOST_DAYS, Math.max(LEAST_DAYS, half)),
                            before.asked() + 1,
                            before.right() + (result.right() ? 1 : 0)));
            last.put(result.topic(), result.atDay());
        }
        last.forEach((topic, day) -> topics.computeIfPresent(
                topic,
                (same, known) -> new TopicMastery(
                        Math.pow(2, -Math.max(0, nowDay - day) / known.halfDays()),
                        known.halfDays(),
                        known.asked(),
                        known.right())));
        return new Mastery(topics);
    }

    /** A quarter of the questions is of what hurts; of the others the few that are due most are dealt. */
    private static final int OF_WHAT_HURTS = 4;

    private static final int DEALT = 4;

    /**
     * {@return what to ask next, by chance: what hurts one time in four, else one of what is due most}
     *
     * @param drawn a random number
     */
    public Topic next(long drawn) {
        List<Topic> due = inOrder();
        long chance = Math.floorMod(drawn, 1_000_003L);
        if (chance % OF_WHAT_HURTS == 0) {
            return due.stream().filter(Topic.HURTS::contains).findFirst().orElseThrow();
        }
        return due.get((int) (chance / OF_WHAT_HURTS % Math.min(DEALT, due.size())));
    }

    /**
     * {@return what to ask next: what is due, the least remembered and most often wrong first; then the rest
     * likewise}
     */
    public List<Topic> inOrder() {
        return topics.entrySet().stream()
                .sorted(Comparator.comparingDouble((Map.Entry<Topic, TopicMastery> entry) ->
                                entry.getValue().sure())
                        .thenComparingInt(entry -> entry.getValue().asked())
                        .thenComparing(Map.Entry::getKey))
                .map(Map.Entry::getKey)
                .toList();
    }
}
