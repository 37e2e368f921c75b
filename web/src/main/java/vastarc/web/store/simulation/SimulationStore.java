package vastarc.web.store.simulation;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.document.Document;

/** Stores the last simulations of each job. */
@Service
public class SimulationStore {

    /** Of one job; the oldest makes room. */
    public static final int MOST = 12;

    /**
     * {@return id under which a job keeps a task: two jobs of the same weld share the work, and each keeps it}
     *
     * @param work id of the work
     * @param job id of the job
     */
    public static UUID idOf(UUID work, UUID job) {
        return UUID.nameUUIDFromBytes((work + " " + job).getBytes(StandardCharsets.UTF_8));
    }

    private final KeptSimulationRepository rehearsals;
    private final TransactionRetry retrying;
    private final Clock clock;

    SimulationStore(KeptSimulationRepository rehearsals, TransactionRetry retrying, Clock clock) {
        this.rehearsals = rehearsals;
        this.retrying = retrying;
        this.clock = clock;
    }

    /**
     * Stores one; the same one a second time stays as it is, and one whose job has gone for good is left.
     *
     * @param id the id
     * @param job id of the job
     * @param made the simulation
     */
    public void keep(UUID id, UUID job, SimulationRecord made) {
        put(id, job, clock.instant(), Document.of(SimulationRecord.FORMAT, made));
    }

    void put(UUID id, UUID job, Instant at, Document<SimulationRecord> made) {
        retrying.inTransaction(() -> {
            if (!rehearsals.existsById(id) && rehearsals.hasJob(job)) {
                rehearsals.saveAndFlush(new KeptSimulation(id, job, at, made));
                List<KeptSimulation> all = of(job);
                all.stream().skip(MOST).forEach(rehearsals::delete);
            }
            return id;
        });
    }

    /**
     * {@return those of a job, the newest first}
     *
     * @param job id of the job
     */
    public List<KeptSimulation> of(UUID job) {
        return rehearsals.findByJobIdOrderByMadeAtDescIdAsc(job);
    }

    /**
     * {@return the simulation with an id; empty if there is none}
     *
     * @param job id of the job
     * @param id the id
     */
    public Optional<KeptSimulation> find(UUID job, UUID id) {
        return rehearsals.findById(id).filter(stored -> stored.jobId().equals(job));
    }

    Optional<KeptSimulation> find(UUID id) {
        return rehearsals.findById(id);
    }

    /**
     * Deletes a simulation.
     *
     * @param job id of the job
     * @param id the id
     */
    public void forget(UUID job, UUID id) {
        retrying.inTransaction(() -> {
            find(job, id).ifPresent(stored -> rehearsals.deleteById(stored.getId()));
            return id;
        });
    }

    /** Every one that is stored, in the order they were made; for a transaction of the caller's. */
    void forEach(Consumer<KeptSimulation> taker) {
        rehearsals.idsInOrder().forEach(id -> find(id).ifPresent(taker));
    }
}
