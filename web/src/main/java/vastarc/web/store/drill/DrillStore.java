package vastarc.web.store.drill;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vastarc.core.training.Mastery;
import vastarc.core.training.Mastery.TopicResult;
import vastarc.core.training.Topic;
import vastarc.web.store.OldestRows;

/** Stores the answers of learners by their names, the newest of each. */
@Service
public class DrillStore {

    /** Longest name of a learner, characters. */
    public static final int MAX_NAME = 60;

    /** Answers kept of a learner; the oldest make room. */
    static final int MOST = 2000;

    /** Learners kept; who answered longest ago makes room. */
    static final int MOST_LEARNERS = 200;

    private static final double DAY_MS = 86_400_000;

    private final DrillAnswerRepository answers;
    private final EntityManager database;
    private final Clock clock;

    DrillStore(DrillAnswerRepository answers, EntityManager database, Clock clock) {
        this.answers = answers;
        this.database = database;
        this.clock = clock;
    }

    /** An answer and when it was given. */
    public record DatedAnswer(Topic topic, boolean right, Instant at) {}

    /**
     * {@return a name as it is stored: stripped, short; empty for none}
     *
     * @param typed the name as typed
     */
    public static String name(String typed) {
        String name = typed.strip();
        return name.length() > MAX_NAME ? name.substring(0, MAX_NAME) : name;
    }

    /**
     * Stores an answer of a learner.
     *
     * @param learner name of the learner
     * @param topic the topic
     * @param right whether the answer was right
     */
    @Transactional
    public void answered(String learner, Topic topic, boolean right) {
        boolean isNew = !answers.existsByLearner(learner);
        answers.save(new DrillAnswer(UUID.randomUUID(), learner, topic.name(), right, clock.instant()));
        makeRoom(learner);
        if (isNew) {
            makeRoom();
        }
    }

    private void makeRoom(String learner) {
        new OldestRows(database, "DrillAnswer", "id", "answeredAt").keepNewest(MOST, "learner", learner);
    }

    /** Of too many learners those go who answered longest ago, and of each the oldest answers. */
    void makeRoom() {
        answers.deleteByLearners(answers.learnersBeyond(MOST_LEARNERS));
        answers.learnersWithMore(MOST).forEach(this::makeRoom);
    }

    /**
     * In order of time; what is no topic any more is passed over.
     *
     * @param learner name of the learner
     * @return the dated answers
     */
    public List<DatedAnswer> of(String learner) {
        return answers.findByLearnerOrderByAnsweredAtAscIdAsc(learner).stream()
                .flatMap(answer ->
                        answer
                                .topic()
                                .map(topic -> new DatedAnswer(topic, answer.isRight(), answer.answeredAt()))
                                .stream())
                .toList();
    }

    /**
     * {@return how well each topic is known now}
     *
     * @param learner name of the learner
     */
    public Mastery mastery(String learner) {
        return Mastery.of(
                of(learner).stream()
                        .map(answer -> new TopicResult(
                                answer.topic(), answer.right(), answer.at().toEpochMilli() / DAY_MS))
                        .toList(),
                clock.millis() / DAY_MS);
    }

    /** {@return who has answered, by name} */
    public List<String> learners() {
        return answers.learners(Limit.of(MOST_LEARNERS));
    }

    /**
     * Deletes every answer of a learner.
     *
     * @param learner name of the learner
     */
    @Transactional
    public void forget(String learner) {
        answers.deleteByLearners(List.of(learner));
    }
}
