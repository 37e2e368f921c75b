package vastarc.core.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import vastarc.core.training.Mastery.TopicMastery;
import vastarc.core.training.Mastery.TopicResult;

class MasteryTest {

    @Test
    void halfLivesDoubleAndHalve() {
        List<TopicResult> results = List.of(
                new TopicResult(Topic.AMPS, true, 0),
                new TopicResult(Topic.AMPS, true, 1),
                new TopicResult(Topic.AMPS, false, 2));
        TopicMastery known = Mastery.of(results, 4).topics().get(Topic.AMPS);
        assertThat(known.halfDays()).isCloseTo(2, within(1e-9));
        assertThat(known.recall()).isCloseTo(0.5, within(1e-9));
        assertThat(known.isDue()).isTrue();
        assertThat(known.right()).isEqualTo(2);
    }

    @Test
    void learnersOfKnownForgettingAreRankedRightAndNoTopicStarves() {
        double[] shares = {0.95, 0.7, 0.4};
        List<Double> means = new ArrayList<>();
        for (double share : shares) {
            Random random = new Random(8);
            List<TopicResult> results = new ArrayList<>();
            Map<Topic, Integer> asked = new EnumMap<>(Topic.class);
            for (int i = 0; i < 180; i++) {
                double day = i / 6.0;
                Topic next = Mastery.of(results, day).inOrder().get(0);
                asked.merge(next, 1, Integer::sum);
                results.add(new TopicResult(next, random.nextDouble() < share, day));
            }
            assertThat(asked.keySet()).as("learner " + share).hasSize(Topic.values().length);
            means.add(Mastery.of(results, 31).topics().values().stream()
                    .mapToDouble(TopicMastery::recall)
                    .average()
                    .orElse(0));
        }
        assertThat(means.get(0)).isGreaterThan(means.get(1));
        assertThat(means.get(1)).isGreaterThan(means.get(2));
    }

    @Test
    void aQuarterIsOfWhatHurts() {
        Mastery none = Mastery.of(List.of(), 0);
        Random random = new Random(8);
        int hurts = 0;
        for (int i = 0; i < 4000; i++) {
            hurts += Topic.HURTS.contains(none.next(random.nextLong())) ? 1 : 0;
        }
        assertThat(hurts / 4000.0).isGreaterThanOrEqualTo(0.24);
        Exam exam = Exam.of(3, List.of(Topic.values()), 100, new TrainingShop(List.of(), List.of()));
        assertThat(exam.questions().stream().filter(question -> Topic.HURTS.contains(question.topic())))
                .hasSizeGreaterThanOrEqualTo(25);
    }

    @Test
    void whatIsDueComesFirst() {
        List<TopicResult> results = new ArrayList<>();
        for (Topic topic : Topic.values()) {
            if (topic != Topic.WIRE) {
                results.add(new TopicResult(topic, true, 0));
                results.add(new TopicResult(topic, true, 0));
            }
        }
        results.add(new TopicResult(Topic.GAS, false, 0));
        assertThat(Mastery.of(results, 1).inOrder().subList(0, 2)).containsExactly(Topic.WIRE, Topic.GAS);
    }
}
