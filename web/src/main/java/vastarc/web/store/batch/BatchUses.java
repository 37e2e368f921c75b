package vastarc.web.store.batch;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import vastarc.web.store.TransactionRetry;

/** Which batches a job is welded with, which went into a run, and where a batch went. */
@Service
public class BatchUses {

    /** Most batches chosen for a job. */
    public static final int MOST = 40;

    private final BatchUseRepository uses;
    private final TransactionRetry retrying;

    BatchUses(BatchUseRepository uses, TransactionRetry retrying) {
        this.uses = uses;
        this.retrying = retrying;
    }

    /**
     * {@return the batches chosen for a job, by number}
     *
     * @param job id of the job
     */
    public List<BatchUse> ofJob(UUID job) {
        return uses.findByJobOrderByNumber(job);
    }

    /**
     * {@return the batches that went into a run, by number}
     *
     * @param run id of the run
     */
    public List<BatchUse> ofRun(UUID run) {
        return uses.findByRunOrderByNumber(run);
    }

    /**
     * Chooses the batches of a job, in place of those before.
     *
     * @param job    id of the job
     * @param chosen what each is, by number; the first {@value #MOST}
     */
    public void choose(UUID job, Map<String, String> chosen) {
        retrying.inTransaction(() -> {
            uses.deleteAll(ofJob(job));
            uses.flush();
            chosen.entrySet().stream()
                    .limit(MOST)
                    .forEach(batch -> uses.save(
                            new BatchUse(Optional.of(job), Optional.empty(), batch.getKey(), batch.getValue())));
            return job;
        });
    }

    /**
     * What is chosen for a job goes into a run of it.
     *
     * @param job id of the job
     * @param run id of the run
     */
    public void carry(UUID job, UUID run) {
        retrying.inTransaction(() -> {
            if (ofRun(run).isEmpty()) {
                ofJob(job)
                        .forEach(use ->
                                uses.save(new BatchUse(Optional.empty(), Optional.of(run), use.number(), use.what())));
            }
            return run;
        });
    }

    /** Where a batch went: at most five hundred each. */
    public record WhereUsed(List<UUID> jobs, List<UUID> runs) {}

    /**
     * {@return where a batch is chosen and where it went}
     *
     * @param number of the batch
     */
    public WhereUsed where(String number) {
        return new WhereUsed(
                ids(uses.findTop500ByNumberAndJobIsNotNull(number).stream().map(BatchUse::job)),
                ids(uses.findTop500ByNumberAndRunIsNotNull(number).stream().map(BatchUse::run)));
    }

    private static List<UUID> ids(Stream<Optional<UUID>> ids) {
        return ids.flatMap(Optional::stream).toList();
    }
}
