package vastarc.web.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;

/** A sheet put into a machine's memory, with the figures it had then. */
@Entity
@Table(name = "memory_slot")
public class MemorySlot {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "machine_id")
    private UUID machineId;

    private int slot;

    @Column(name = "job_id")
    private UUID jobId;

    @Convert(converter = FiguresConverter.class)
    private Map<String, Double> figures;

    @Column(name = "assigned_at")
    private Instant assignedAt;

    protected MemorySlot() {}

    MemorySlot(UUID machineId, int slot, UUID jobId, Map<String, Double> figures, Instant now) {
        this.machineId = machineId;
        this.slot = slot;
        take(jobId, figures, now);
    }

    final void take(UUID newJob, Map<String, Double> newFigures, Instant now) {
        jobId = newJob;
        figures = newFigures;
        assignedAt = now;
    }

    public UUID machineId() {
        return machineId;
    }

    public int slot() {
        return slot;
    }

    public UUID jobId() {
        return jobId;
    }

    /** Place of each control when it was put in, by element id. */
    public Map<String, Double> figures() {
        return figures;
    }
}
