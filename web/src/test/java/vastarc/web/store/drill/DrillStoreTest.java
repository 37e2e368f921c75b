package vastarc.web.store.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.core.training.Topic;
import vastarc.web.OwnShopTest;

/** Answers are bounded, and however many there are, an answer more deletes one and no other. */
@OwnShopTest
class DrillStoreTest {

    private static final String LEARNER = "Learner of two thousand";

    @Autowired
    private DrillStore store;

    @Autowired
    private JdbcClient database;

    @Autowired
    private TransactionTemplate transaction;

    @AfterEach
    void forget() {
        transaction.executeWithoutResult(
                status -> database.sql("delete from drill_result").update());
    }

    /** So many answers of a learner in one go, some of them at the same moment. */
    private void answers(String learner, int count, int atOneMoment) {
        transaction.executeWithoutResult(status -> database.sql(
                        "insert into drill_result (id, learner, topic, correct, answered_at) select random_uuid(), ?, 'AMPS', true, "
                                + "dateadd('second', x / ?, timestamp with time zone '2026-01-01 00:00:00+00') from system_range(1, ?)")
                .params(learner, atOneMoment, count)
                .update());
    }

    private int count(String learner) {
        return database.sql("select count(*) from drill_result where learner = ?")
                .param(learner)
                .query(Integer.class)
                .single();
    }

    private List<UUID> oldest(int count) {
        return database.sql("select id from drill_result order by answered_at, id limit " + count)
                .query(UUID.class)
                .list();
    }

    @Test
    void oneAnswerMoreDeletesTheOldestAndNoOther() {
        answers(LEARNER, DrillStore.MOST, 1);
        UUID oldest = oldest(1).get(0);

        store.answered(LEARNER, Topic.AMPS, false);

        assertThat(count(LEARNER)).isEqualTo(DrillStore.MOST);
        assertThat(oldest(1).get(0)).isNotEqualTo(oldest);
    }

    @Test
    void ofAnswersOfOneMomentNoMoreGoThanAreTooMany() {
        answers(LEARNER, DrillStore.MOST + 5, 10_000);
        List<UUID> gone = oldest(5);

        transaction.executeWithoutResult(status -> store.makeRoom());

        assertThat(count(LEARNER)).isEqualTo(DrillStore.MOST);
        assertThat(oldest(1)).doesNotContainAnyElementsOf(gone);
    }

    /** A quadratic way would take hours here. */
    @Test
    void ofTwoHundredThousandTheNewestOfEachLearnerStay() {
        answers("The one with most", 200_000, 7);
        answers(LEARNER, 10, 1);

        transaction.executeWithoutResult(status -> store.makeRoom());

        assertThat(count("The one with most")).isEqualTo(DrillStore.MOST);
        assertThat(count(LEARNER)).isEqualTo(10);
    }
}
