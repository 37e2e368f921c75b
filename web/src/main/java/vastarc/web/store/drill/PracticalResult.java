package vastarc.web.store.drill;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import vastarc.core.training.PracticalTest;
import vastarc.web.format.CoreJson;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.document.Document;
import vastarc.web.store.document.DocumentFormat;

/** A practical test that a learner has done. */
@Entity
@Table(name = "practical_result")
public class PracticalResult extends AssignedIdEntity<UUID> {

    /** How it is kept. */
    public static final DocumentFormat<PracticalTest> FORMAT =
            DocumentFormat.of("practical-test", CoreJson.kept(), PracticalTest.class, List.of());

    @Id
    private UUID id;

    private String learner;
    private String job;

    @Column(name = "done_at")
    private Instant doneAt;

    private String content;

    protected PracticalResult() {}

    PracticalResult(UUID id, String learner, String job, Instant doneAt, Document<PracticalTest> test) {
        this.id = id;
        this.learner = learner;
        this.job = job;
        this.doneAt = doneAt;
        this.content = test.text();
    }

    @Override
    public UUID getId() {
        return id;
    }

    String learner() {
        return learner;
    }

    /** {@return the job it was, as it was called then} */
    public String job() {
        return job;
    }

    /** {@return when it was kept} */
    public Instant doneAt() {
        return doneAt;
    }

    /** {@return the test, or why it cannot be read} */
    public Document<PracticalTest> test() {
        return FORMAT.read(content);
    }
}
