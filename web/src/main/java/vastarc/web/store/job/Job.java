package vastarc.web.store.job;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.core.input.WeldFields;
import vastarc.web.store.EntityDates;
import vastarc.web.store.VersionedEntity;
import vastarc.web.store.document.Document;
import vastarc.web.store.job.JobStore.JobEdit;

/** A job on the bench. */
@Entity
@EntityListeners(JobChangePublisher.class)
@Table(name = "job")
public class Job extends VersionedEntity {

    /** Longest name, characters. */
    public static final int MAX_NAME = 120;
    /** What a job is called that nobody has named and whose joint has not been touched. */
    public static final String UNTITLED = JobName.NONE;

    /** Longest notes, characters. */
    public static final int MAX_NOTES = 4000;

    private String name;
    private String notes;
    private String material;
    private String joint;

    @Convert(converter = JobConverter.class)
    private Document<JobContent> form;

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "changed_at")
    private Instant changedAt;

    @Column(name = "deleted_at")
    private @Nullable Instant deletedAt;

    /** Place of the content in the job's history. */
    private int place;

    protected Job() {}

    Job(JobEdit content, Instant now) {
        super(UUID.randomUUID());
        this.createdAt = now;
        change(content, now);
    }

    Job(UUID id, ArchivedJob archived) {
        super(id);
        this.material = "";
        this.joint = "";
        restore(archived);
    }

    void change(JobEdit content, Instant now) {
        name = cut(named(content), MAX_NAME);
        notes = cut(content.notes(), MAX_NOTES);
        form = Document.of(JobFormat.FORMAT, content.content());
        JointText typed = content.content().joint();
        material = cut(typed.text(WeldFields.MATERIAL).orElse(""), 40);
        joint = cut(typed.text(WeldFields.JOINT).orElse(""), 40);
        changedAt = now;
    }

    /** The name a person gave; as long as nobody gave one, and where it was taken out, that of the joint. */
    private String named(JobEdit edit) {
        String typed = edit.name().strip();
        JointText after = edit.content().joint();
        boolean follows = typed.equals(name)
                && form.value()
                        .map(JobContent::joint)
                        .filter(before -> !before.equals(after) && JobName.isOf(before, name))
                        .isPresent();
        return typed.isEmpty() || follows ? JobName.of(after) : typed;
    }

    private static String cut(String text, int most) {
        return text.length() > most ? text.substring(0, most) : text;
    }

    /** Becomes what an archive says it was. */
    void restore(ArchivedJob archived) {
        archived.content()
                .value()
                .ifPresent(content -> change(new JobEdit(archived.name(), archived.notes(), content), changedAt));
        name = archived.name();
        notes = archived.notes();
        form = archived.content();
        createdAt = archived.days().made();
        changedAt = archived.days().changed();
        deletedAt = archived.days().putAway();
    }

    ArchivedJob archived() {
        return new ArchivedJob(name, notes, form, new EntityDates(createdAt, changedAt, deletedAt, true));
    }

    /** Takes another content, from a place of the history. */
    void go(JobContent other, int at, Instant now) {
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

    /**
     * {@return this job with another content, as an edit to keep}
     *
     * @param other the other one
     */
    public JobEdit with(JobContent other) {
        return new JobEdit(name, notes, other);
    }

    boolean holds(JobEdit content) {
        return name.equals(content.name().strip())
                && notes.equals(content.notes())
                && content().equals(content.content());
    }

    /** {@return its name} */
    public String name() {
        return name;
    }

    /** {@return the welder's notes} */
    public String notes() {
        return notes;
    }

    /** {@return what the job says} */
    public JobContent content() {
        return form.orThrow();
    }

    /** {@return the same as it is stored, which may be no longer readable} */
    public Document<JobContent> document() {
        return form;
    }

    /** {@return when it was made} */
    public Instant createdAt() {
        return createdAt;
    }

    /** {@return when it was last changed} */
    public Instant changedAt() {
        return changedAt;
    }

    /** {@return when it was taken off the bench; empty where it is there} */
    public Optional<Instant> removedAt() {
        return Optional.ofNullable(deletedAt);
    }

    /** {@return whether it is off the bench} */
    public boolean isDeleted() {
        return deletedAt != null;
    }
}
