package vastarc.web.store.diagnosis;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import vastarc.core.record.diagnosis.DiagnosisRequest;
import vastarc.web.store.OldestRows;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.document.Document;

/** Stores what is seen of each job's bead, and counts the result of changes that were tried: the shop learns from that. */
@Service
public class DiagnosisStore {

    /** Outcomes kept; the oldest make room. */
    static final int MOST = 5000;

    private static final int MAX_SEEN = 2000;
    private static final double BEFORE = 2;

    private final JobObservationsRepository observations;
    private final TriedChangeRepository tried;
    private final EntityManager database;
    private final TransactionRetry retrying;
    private final Clock clock;

    DiagnosisStore(
            JobObservationsRepository observations,
            TriedChangeRepository tried,
            EntityManager database,
            TransactionRetry retrying,
            Clock clock) {
        this.observations = observations;
        this.tried = tried;
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
        return observations.findById(job).map(DiagnosisStore::readable).orElse(BeadObservations.none());
    }

    private static BeadObservations readable(JobObservations stored) {
        return stored.marks().value().orElse(BeadObservations.none());
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
            // Read once: a row that came in between is another's, and its being there undoes this and does it again.
            JobObservations stored = stored(job);
            BeadObservations after = edit.apply(readable(stored));
            keep(stored, Document.of(BeadObservations.FORMAT, after), clock.instant());
            return after;
        });
    }

    private JobObservations stored(UUID job) {
        return observations
                .findById(job)
                .orElseGet(() -> new JobObservations(
                        job, Document.of(BeadObservations.FORMAT, BeadObservations.none()), clock.instant()));
    }

    private void keep(JobObservations stored, Document<BeadObservations> marks, Instant at) {
        stored.change(marks, at);
        observations.saveAndFlush(stored);
    }

    void put(UUID job, Document<BeadObservations> marks, Instant at) {
        keep(stored(job), marks, at);
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
            String bounded = seen.substring(0, Math.min(MAX_SEEN, seen.length()));
            tried.save(new TriedChange(UUID.randomUUID(), job, cause, result.name(), bounded, clock.instant()));
            makeRoom();
            return cause;
        });
    }

    void makeRoom() {
        new OldestRows(database, "TriedChange", "id", "triedAt").keepNewest(MOST);
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
        return counts(change -> true);
    }

    private List<TrialCounts> counts(Predicate<TriedChange> wanted) {
        Map<String, int[]> counts = new TreeMap<>();
        tried.findAll().stream()
                .filter(wanted)
                .forEach(change ->
                        counts.computeIfAbsent(change.cause(), cause -> new int[2])[change.helped() ? 0 : 1]++);
        return counts.entrySet().stream()
                .map(count -> new TrialCounts(count.getKey(), count.getValue()[0], count.getValue()[1]))
                .toList();
    }

    /**
     * {@return factors by cause, for a bead with some signs: what was tried on a bead that showed none of them
     * teaches nothing here} One that was noted without a sign teaches always.
     *
     * @param symptoms ids of the symptoms
     */
    public Map<String, Double> lean(Set<String> symptoms) {
        return counts(change -> change.showed(symptoms)).stream()
                .collect(Collectors.toMap(TrialCounts::cause, TrialCounts::factor));
    }

    /** Forgets what was learned. */
    public void reset() {
        retrying.inTransaction(() -> {
            tried.deleteAllInBatch();
            return true;
        });
    }
}
