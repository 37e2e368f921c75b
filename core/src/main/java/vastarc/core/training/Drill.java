package vastarc.core.training;

/** One question at a time. */
public final class Drill {

    private Drill() {}

    /**
     * {@return a question; the same seed, topic, level and shop make the same}
     *
     * @param seed seed of the random numbers
     * @param topic the topic
     * @param level 1 for a beginner to 3 for a welder
     * @param shop the shop that questions are about
     */
    public static Question question(long seed, Topic topic, int level, TrainingShop shop) {
        return QuestionWriters.make(seed, topic, level, shop);
    }
}
