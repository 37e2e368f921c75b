package vastarc.web.store.drill;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vastarc.core.training.PracticalTest;
import vastarc.web.store.OldestRows;
import vastarc.web.store.document.Document;

/** Keeps the practical tests of learners by their names, the newest of each. */
@Service
public class PracticalStore {

    /** Tests kept of a learner; the oldest make room. */
    static final int MOST = 200;

    /** Tests kept of all learners. */
    static final int MOST_OF_ALL = 20_000;

    private final PracticalResultRepository results;
    private final EntityManager database;
    private final Clock clock;

    PracticalStore(PracticalResultRepository results, EntityManager database, Clock clock) {
        this.results = results;
        this.database = database;
        this.clock = clock;
    }

    /**
     * Keeps a test.
     *
     * @param learner who did it
     * @param job     name of the job it was
     * @param test    the test
     */
    @Transactional
    public void keep(String learner, String job, PracticalTest test) {
        results.saveAndFlush(new PracticalResult(
                UUID.randomUUID(), learner, job, clock.instant(), Document.of(PracticalResult.FORMAT, test)));
        makeRoom(learner);
        makeRoom();
    }

    private void makeRoom(String learner) {
        new OldestRows(database, "PracticalResult", "id", "doneAt").keepNewest(MOST, "learner", learner);
    }

    void makeRoom() {
        new OldestRows(database, "PracticalResult", "id", "doneAt").keepNewest(MOST_OF_ALL);
    }

    /**
     * {@return the tests of a learner, the newest first}
     *
     * @param learner name of the learner
     */
    public List<PracticalResult> of(String learner) {
        return results.findByLearnerOrderByDoneAtDescIdAsc(learner);
    }

    /**
     * Deletes the tests of a learner.
     *
     * @param learner name of the learner
     */
    @Transactional
    public void forget(String learner) {
        results.deleteByLearner(learner);
    }
}
