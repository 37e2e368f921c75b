package vastarc.web.store.diagnosis;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import vastarc.core.record.diagnosis.DiagnosisRequest;
import vastarc.web.store.OldestRows;
import vastarc.web.store.TransactionRetry;

/** Stores what is seen of each job's bead, and counts the result of changes that were tried: the shop learns from that. */
@Service
public class DiagnosisStore {

    /** Outcomes kept; the oldest make room. */
    static final int MOST = 5000;

    private static final double BEFORE = 2;

    private final JdbcClient database;
    private final TransactionRetry retrying;
    private final Clock clock;

    DiagnosisStore(JdbcClient database, TransactionRetry retrying, Clock clock) {
        this.database = database;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** The result of a change. */
    public enum TrialResult {
        /** Better. */
        BETTER,
        /** No different. */
        SAME,
        /** Worse. */
        WORSE;

        /**
         * {@return the result of a name; empty where it is none}
         *
         * @param name the name
         */
        public static Optional<TrialResult> named(String name) {
            return Arrays.stream(values())
                    .filter(trialResult -> trialResult.name().equals(name))
                    .findFirst();
        }
    }

    /**
     * {@return what a job's bead is like, as far as it was said}
     *
     * @param job id of the job
     */
    public BeadObservations of(UUID job) {
        return row(job).map(TrialRow::marks).orElse(BeadObservations.none());
    }

    private record TrialRow(long version, BeadObservations marks) {}

    private Optional<TrialRow> row(UUID job) {
        return database.sql("select version, marks from job_reading where job_id = ?")
                .param(job)
                .query((row, number) -> new TrialRow(
                        row.getLong(1),
                        BeadObservations.FORMAT.read(row.getString(2)).value().orElse(BeadObservations.none())))
                .optional();
    }

    /**
     * Changes them as they are by then: of two changes at once, the later goes on from what the earlier left.
     *
     * @param job id of the job
     * @param edit what to change
     * @return the bead observations
     */
    public BeadObservations change(UUID job, UnaryOperator<BeadObservations> edit) {
        return retrying.inTransaction(() -> {
            Optional<TrialRow> kept = row(job);
            BeadObservations after = edit.apply(kept.map(TrialRow::marks).orElse(BeadObservations.none()));
            int written = kept.map(row -> replaced(job, row.version(), after)).orElseGet(() -> begun(job, after));
            if (written == 0) {
                throw new OptimisticLockingFailureException("the bead was looked at in another window meanwhile");
            }
            return after;
        });
    }

    private int replaced(UUID job, long version, BeadObservations marks) {
        return database.sql(
                        "update job_reading set version = version + 1, marks = ?, changed_at = ? where job_id = ? and version = ?")
                .params(BeadObservations.FORMAT.write(marks), now(), job, version)
                .update();
    }

    private int begun(UUID job, BeadObservations marks) {
        return database.sql("insert into job_reading (job_id, version, marks, changed_at) values (?, 0, ?, ?)")
                .params(job, BeadObservations.FORMAT.write(marks), now())
                .update();
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    /**
     * A change was tried, and the bead is better, the same, or worse.
     *
     * @param job id of the job
     * @param cause id of the cause
     * @param result how the trial came out
     * @param marks what has been observed on the bead
     */
    public void recordTrial(UUID job, String cause, TrialResult result, BeadObservations marks) {
        retrying.inTransaction(() -> {
            String seen = String.join(" ", marks.seen().stream().sorted().toList());
            database.sql(
                            "insert into reading_outcome (id, job_id, cause, result, seen, tried_at) values (?, ?, ?, ?, ?, ?)")
                    .params(
                            UUID.randomUUID(),
                            job,
                            cause,
                            result.name(),
                            seen.substring(0, Math.min(2000, seen.length())),
                            now())
                    .update();
            makeRoom();
            return cause;
        });
    }

    void makeRoom() {
        new OldestRows(database, "reading_outcome", "id", "tried_at").keepNewest(MOST);
    }

    /** How often changes for a cause helped, and how often not. */
    public record TrialCounts(String cause, int better, int not) {

        /**
         * {@return how far it leans the cause: by the odds of helping, drawn to even by two of each that never were;
         * bounded}
         */
        public double factor() {
            double odds = (better + BEFORE) / (not + BEFORE);
            return Math.min(DiagnosisRequest.MOST_PRIOR, Math.max(1 / DiagnosisRequest.MOST_PRIOR, odds));
        }
    }

    /** {@return what trying has taught, by cause} */
    public List<TrialCounts> learned() {
        return database.sql(
                        "select cause, sum(case when result = 'BETTER' then 1 else 0 end), "
                                + "sum(case when result = 'BETTER' then 0 else 1 end) from reading_outcome group by cause order by cause")
                .query((row, number) -> new TrialCounts(row.getString(1), row.getInt(2), row.getInt(3)))
                .list();
    }

    /**
     * {@return factors by cause, for a bead with some signs: what was tried on a bead that showed none of them
     * teaches nothing here} One that was noted without a sign teaches always.
     *
     * @param symptoms ids of the symptoms
     */
    public Map<String, Double> lean(Set<String> symptoms) {
        Map<String, int[]> counts = new TreeMap<>();
        database
                .sql("select cause, result, seen from reading_outcome")
                .query((row, number) -> new TriedChange(row.getString(1), row.getString(2), row.getString(3)))
                .list()
                .stream()
                .filter(tried -> tried.showed(symptoms))
                .forEach(tried -> counts.computeIfAbsent(tried.cause(), cause -> new int[2])[tried.helped() ? 0 : 1]++);
        Map<String, Double> lean = new TreeMap<>();
        counts.forEach((cause, count) -> lean.put(cause, new TrialCounts(cause, count[0], count[1]).factor()));
        return lean;
    }

    /** A change that was tried, and what was seen then. */
    private record TriedChange(String cause, String result, String seen) {

        boolean helped() {
            return TrialResult.BETTER.name().equals(result);
        }

        boolean showed(Set<String> symptoms) {
            return seen.isEmpty() || Arrays.stream(seen.split(" ")).anyMatch(symptoms::contains);
        }
    }

    /** Forgets what was learned. */
    public void reset() {
        retrying.inTransaction(() -> database.sql("delete from reading_outcome").update());
    }
}
