package vastarc.web.store.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.web.store.AssignedIdEntity;

/** A batch chosen for a job, or gone into a run; what it was is kept with it, for the register may say something else later. */
@Entity
@Table(name = "batch_use")
public class BatchUse extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    @Column(name = "job_id")
    private @Nullable UUID job;

    @Column(name = "run_id")
    private @Nullable UUID run;

    private String number;
    private String what;

    protected BatchUse() {}

    BatchUse(Optional<UUID> job, Optional<UUID> run, String number, String what) {
        this.id = UUID.randomUUID();
        this.job = job.orElse(null);
        this.run = run.orElse(null);
        this.number = number;
        this.what = what;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** {@return the job it is chosen for; empty where it went into a run} */
    public Optional<UUID> job() {
        return Optional.ofNullable(job);
    }

    /** {@return the run it went into; empty where it is chosen for a job} */
    public Optional<UUID> run() {
        return Optional.ofNullable(run);
    }

    /** {@return number of the batch} */
    public String number() {
        return number;
    }

    /** {@return what it is, in words} */
    public String what() {
        return what;
    }
}
