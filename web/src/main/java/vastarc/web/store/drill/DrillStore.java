package vastarc.web.store.drill;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
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

    private final JdbcClient database;
    private final Clock clock;

    DrillStore(JdbcClient database, Clock clock) {
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
        boolean isNew = database.sql("select 1 from drill_result where learner = ? limit 1")
                .param(learner)
                .query(Integer.class)
                .optional()
                .isEmpty();
        database.sql("insert into drill_result (id, learner, topic, correct, answered_at) values (?, ?, ?, ?, ?)")
                .params(
                        UUID.randomUUID(),
                        learner,
                        topic.name(),
                        right,
                        clock.instant().atOffset(ZoneOffset.UTC))
                .update();
        makeRoom(learner);
        if (isNew) {
            makeRoom();
        }
    }

    private void makeRoom(String learner) {
        new OldestRows(database, "drill_result", "id", "answered_at").keepNewest(MOST, "learner", learner);
    }

    /** Of too many learners those go who answered longest ago, and of each the oldest answers. */
    void makeRoom() {
        database.sql("delete from drill_result where learner in (select learner from drill_result group by learner "
                        + "order by max(answered_at) desc, learner offset " + MOST_LEARNERS + " rows)")
                .update();
        database.sql("select learner from drill_result group by learner having count(*) > " + MOST)
                .query(String.class)
                .list()
                .forEach(this::makeRoom);
    }

    /**
     * In order of time; what is no topic any more is passed over.
     *
     * @param learner name of the learner
     * @return the dated answers
     */
    public List<DatedAnswer> of(String learner) {
        return database
                .sql("select topic, correct, answered_at from drill_result where learner = ? order by answered_at, id")
                .param(learner)
                .query((row, number) -> new String[] {
                    row.getString(1),
                    row.getString(2),
                    row.getObject(3, OffsetDateTime.class).toInstant().toString()
                })
                .list()
                .stream()
                .flatMap(row -> Arrays.stream(Topic.values())
                        .filter(topic -> topic.name().equals(row[0]))
                        .map(topic -> new DatedAnswer(topic, Boolean.parseBoolean(row[1]), Instant.parse(row[2]))))
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
        return database.sql("select learner from drill_result group by learner order by learner limit " + MOST_LEARNERS)
                .query(String.class)
                .list();
    }

    /**
     * Deletes every answer of a learner.
     *
     * @param learner name of the learner
     */
    @Transactional
    public void forget(String learner) {
        database.sql("delete from drill_result where learner = ?")
                .param(learner)
                .update();
    }
}
