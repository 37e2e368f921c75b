package vastarc.web.store.register;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.register.PaperUses.ChosenPaper;

/** A paper of a register chosen for a job, or gone into a run; what it said is kept with it, for the register may say something else later. */
@Entity
@Table(name = "paper_use")
public class PaperUse extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    @Column(name = "job_id")
    private @Nullable UUID job;

    @Column(name = "run_id")
    private @Nullable UUID run;

    private String register;
    private String number;
    private String what;

    protected PaperUse() {}

    PaperUse(Optional<UUID> job, Optional<UUID> run, ChosenPaper paper) {
        this.id = UUID.randomUUID();
        this.job = job.orElse(null);
        this.run = run.orElse(null);
        this.register = paper.register();
        this.number = paper.number();
        this.what = paper.what();
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

    /** {@return which paper it is} */
    public ChosenPaper paper() {
        return new ChosenPaper(register, number, what);
    }
}
