package vastarc.web.store.diagnosis;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vastarc.web.store.VersionedEntity;
import vastarc.web.store.document.Document;

/** What was seen of the bead of a job. */
@Entity
@Table(name = "job_reading")
@AttributeOverride(name = "id", column = @Column(name = "job_id"))
class JobObservations extends VersionedEntity {

    @Convert(converter = BeadObservationsConverter.class)
    private Document<BeadObservations> marks;

    private Instant changedAt;

    protected JobObservations() {}

    JobObservations(UUID job, Document<BeadObservations> marks, Instant changedAt) {
        super(job);
        change(marks, changedAt);
    }

    final void change(Document<BeadObservations> seen, Instant now) {
        marks = seen;
        changedAt = now;
    }

    Document<BeadObservations> marks() {
        return marks;
    }

    Instant changedAt() {
        return changedAt;
    }
}
