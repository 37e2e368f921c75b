package vastarc.web.store.diagnosis;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.diagnosis.DiagnosisStore.TrialResult;

/** A change that was tried, and what was seen of the bead then: names of symptoms with spaces between them. */
@Entity
@Immutable
@Table(name = "reading_outcome")
class TriedChange extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    private UUID jobId;
    private String cause;
    private String result;
    private String seen;
    private Instant triedAt;

    protected TriedChange() {}

    TriedChange(UUID id, UUID jobId, String cause, String result, String seen, Instant triedAt) {
        this.id = id;
        this.jobId = jobId;
        this.cause = cause;
        this.result = result;
        this.seen = seen;
        this.triedAt = triedAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    UUID jobId() {
        return jobId;
    }

    String cause() {
        return cause;
    }

    String result() {
        return result;
    }

    String seen() {
        return seen;
    }

    Instant triedAt() {
        return triedAt;
    }

    boolean helped() {
        return TrialResult.BETTER.name().equals(result);
    }

    /** One that was noted without a symptom was tried on any bead. */
    boolean showed(Set<String> symptoms) {
        return seen.isEmpty() || Arrays.stream(seen.split(" ")).anyMatch(symptoms::contains);
    }
}
