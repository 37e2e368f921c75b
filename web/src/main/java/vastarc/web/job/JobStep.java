package vastarc.web.job;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vastarc.web.request.TypedForm;

/** The form of a job as it once was: one place of its history. */
@Entity
@Table(name = "job_step")
class JobStep {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "job_id")
    private UUID jobId;

    private int place;

    @Column(name = "form_format")
    private int formFormat;

    @Convert(converter = TypedFormConverter.class)
    private TypedForm form;

    /** The one field that changed; empty where several did, or none. */
    private String field;

    @Column(name = "changed_at")
    private Instant changedAt;

    protected JobStep() {}

    JobStep(UUID jobId, int place, TypedForm form, String field, Instant now) {
        this.jobId = jobId;
        this.place = place;
        take(form, field, now);
    }

    final void take(TypedForm newForm, String newField, Instant now) {
        form = newForm;
        formFormat = Job.FORM_FORMAT;
        field = newField;
        changedAt = now;
    }

    TypedForm form() {
        return form;
    }

    /** A further stroke on the same field, soon after: the same step. */
    boolean isSameStroke(String otherField, Instant now) {
        return !field.isEmpty() && field.equals(otherField) && now.isBefore(changedAt.plusMillis(JobStore.STROKE_MS));
    }
}
