package vastarc.web.job;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.springframework.data.domain.Persistable;
import vastarc.web.request.JobReader;
import vastarc.web.request.TypedForm;

/** A job on the bench. */
@Entity
@Table(name = "job")
public class Job implements Persistable<UUID> {

    public static final int MAX_NAME = 120;
    public static final int MAX_NOTES = 4000;

    static final int FORM_FORMAT = 1;

    @Id
    private UUID id;

    @Version
    private Long version;

    private String name;
    private String notes;
    private String material;
    private String joint;

    @Column(name = "form_format")
    private int formFormat;

    @Convert(converter = TypedFormConverter.class)
    private TypedForm form;

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "changed_at")
    private Instant changedAt;

    @Column(name = "deleted_at")
    private Instant deletedAt;

    /** Place of the form in the job's history. */
    private int place;

    protected Job() {}

    Job(JobStore.Content content, Instant now) {
        this.id = UUID.randomUUID();
        this.createdAt = now;
        change(content, now);
    }

    Job(UUID id, JobStore.Content content, Instant now) {
        this(content, now);
        this.id = id;
    }

    void change(JobStore.Content content, Instant now) {
        name = cut(content.name().isBlank() ? "Untitled job" : content.name().strip(), MAX_NAME);
        notes = cut(content.notes(), MAX_NOTES);
        form = content.form();
        formFormat = FORM_FORMAT;
        material = cut(form.text(JobReader.MATERIAL).orElse(""), 40);
        joint = cut(form.text(JobReader.JOINT).orElse(""), 40);
        changedAt = now;
    }

    private static String cut(String text, int most) {
        return text.length() > most ? text.substring(0, most) : text;
    }

    /** Takes another form, from a place of the history. */
    void go(TypedForm other, int at, Instant now) {
        change(with(other), now);
        place = at;
    }

    int place() {
        return place;
    }

    void delete(Instant now) {
        deletedAt = now;
    }

    void restore() {
        deletedAt = null;
    }

    /** This job with another form, as an edit to keep. */
    public JobStore.Content with(TypedForm other) {
        return new JobStore.Content(name, notes, other);
    }

    boolean holds(JobStore.Content content) {
        return name.equals(content.name().strip()) && notes.equals(content.notes()) && form.equals(content.form());
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    public UUID id() {
        return id;
    }

    public long version() {
        return version;
    }

    public String name() {
        return name;
    }

    public String notes() {
        return notes;
    }

    public TypedForm form() {
        return form;
    }

    public Instant createdAt() {
        return createdAt;
    }

    public Instant changedAt() {
        return changedAt;
    }

    public boolean isDeleted() {
        return deletedAt != null;
    }
}
