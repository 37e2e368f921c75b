package vastarc.web.store.job;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vastarc.web.store.document.Document;

/** A job's content as it once was: one place of its history. */
@Entity
@Table(name = "job_step")
class JobStep {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "job_id")
    private UUID jobId;

    private int place;

    @Convert(converter = JobConverter.class)
    private Document<JobContent> form;

    /** The one field that changed; empty where several did, or none. */
    private String field;

    @Column(name = "changed_at")
    private Instant changedAt;

    protected JobStep() {}

    JobStep(UUID jobId, int place, JobContent content, String field, Instant now) {
        this.jobId = jobId;
        this.place = place;
        take(content, field, now);
    }

    final void take(JobContent content, String newField, Instant now) {
        form = Document.of(JobFormat.FORMAT, content);
        field = newField;
        changedAt = now;
    }

    int place() {
        return place;
    }

    JobContent content() {
        return form.orThrow();
    }

    /** A further stroke on the same field, soon after: the same step. */
    boolean isSameStroke(String otherField, Instant now) {
        return !field.isEmpty() && field.equals(otherField) && now.isBefore(changedAt.plusMillis(JobStore.STROKE_MS));
    }
}
