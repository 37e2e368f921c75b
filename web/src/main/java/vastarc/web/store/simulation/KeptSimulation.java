package vastarc.web.store.simulation;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.document.Document;

/** A simulation that stays with its job. */
@Entity
@Table(name = "rehearsal")
public class KeptSimulation extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    @Column(name = "job_id")
    private UUID jobId;

    @Column(name = "made_at")
    private Instant madeAt;

    @Convert(converter = SimulationRecordConverter.class)
    private Document<SimulationRecord> record;

    protected KeptSimulation() {}

    KeptSimulation(UUID id, UUID jobId, Instant madeAt, Document<SimulationRecord> record) {
        this.id = id;
        this.jobId = jobId;
        this.madeAt = madeAt;
        this.record = record;
    }

    @Override
    public UUID getId() {
        return id;
    }

    UUID jobId() {
        return jobId;
    }

    /** {@return when it was made} */
    public Instant madeAt() {
        return madeAt;
    }

    /** {@return the record, or why it cannot be read} */
    public Document<SimulationRecord> record() {
        return record;
    }
}
