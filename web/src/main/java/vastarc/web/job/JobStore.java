package vastarc.web.job;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.web.request.TypedForm;

/** Keeps jobs. An edit made on an older version than the one kept is never written over it: it becomes a second job. */
@Service
public class JobStore {

    private final JobRepository jobs;
    private final TransactionTemplate transaction;
    private final Clock clock;

    JobStore(JobRepository jobs, TransactionTemplate transaction, Clock clock) {
        this.jobs = jobs;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** What became of an edit: the job that now holds it, and the job it collided with, if it did. */
    public record Saved(Job job, Optional<Job> collidedWith) {}

    /** Jobs on the bench, newest first. */
    public List<Job> onTheBench() {
        return jobs.findByDeletedAtIsNullOrderByCreatedAtDesc();
    }

    public Optional<Job> find(UUID id) {
        return jobs.findById(id);
    }

    public Job create(String name, String notes, TypedForm form) {
        return jobs.save(new Job(new Content(name, notes, form), now()));
    }

    /** A copy beside the original; empty if there is no such job. */
    public Optional<Job> duplicate(UUID id) {
        return find(id).map(job -> create(suffixed(job.name(), " (copy)"), job.notes(), job.form()));
    }

    /** Takes a job off the bench; it can be put back. */
    public Optional<Job> delete(UUID id) {
        return change(id, job -> job.delete(now()));
    }

    public Optional<Job> restore(UUID id) {
        return change(id, Job::restore);
    }

    private Optional<Job> change(UUID id, Consumer<Job> edit) {
        return transaction.execute(status -> find(id).map(job -> {
            edit.accept(job);
            return jobs.saveAndFlush(job);
        }));
    }

    /** What a job should hold: an edit, made on the job as it was kept. */
    public record Content(String name, String notes, TypedForm form) {}

    /**
     * Keeps an edit.
     *
     * @param version the version the edit was made on
     * @param edit    from the job as it is kept to what it should hold
     * @return empty if there is no such job
     */
    public Optional<Saved> save(UUID id, long version, Function<Job, Content> edit) {
        try {
            return transaction.execute(status -> jobs.findById(id).map(job -> keep(job, version, edit.apply(job))));
        } catch (OptimisticLockingFailureException e) {
            return find(id).map(job -> aside(job, edit.apply(job)));
        }
    }

    private Saved keep(Job job, long version, Content content) {
        if (!job.isDeleted() && job.holds(content)) {
            return new Saved(job, Optional.empty());
        }
        if (job.version() != version || job.isDeleted()) {
            return aside(job, content);
        }
        job.change(content, now());
        return new Saved(jobs.saveAndFlush(job), Optional.empty());
    }

    private Saved aside(Job other, Content content) {
        String name = suffixed(content.name(), " (second version)");
        return new Saved(create(name, content.notes(), content.form()), Optional.of(other));
    }

    private static String suffixed(String name, String suffix) {
        String kept = name.strip();
        int room = Job.MAX_NAME - suffix.length();
        return (kept.length() > room ? kept.substring(0, room) : kept) + suffix;
    }

    private Instant now() {
        return clock.instant();
    }
}
