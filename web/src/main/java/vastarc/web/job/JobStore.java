package vastarc.web.job;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.web.request.TypedForm;

/** Keeps jobs. An edit made on an older version than the one kept is never written over it: it becomes a second job. */
@Service
public class JobStore {

    /** Strokes on one field closer together than this are one step of the history, ms. */
    static final long STROKE_MS = 1500;

    private static final int STEPS_KEPT = 200;

    private final JobRepository jobs;
    private final JobStepRepository steps;
    private final TransactionTemplate transaction;
    private final Clock clock;

    JobStore(JobRepository jobs, JobStepRepository steps, TransactionTemplate transaction, Clock clock) {
        this.jobs = jobs;
        this.steps = steps;
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

    /** A job that has not been taken off the bench. */
    public Optional<Job> onBench(UUID id) {
        return find(id).filter(job -> !job.isDeleted());
    }

    public Job create(String name, String notes, TypedForm form) {
        return jobs.save(new Job(new Content(name, notes, form), now()));
    }

    /** Puts a job into the shop under its own id, in place of the one of that id, which can be undone. */
    public Job put(UUID id, String name, String notes, TypedForm form) {
        Content content = new Content(name, notes, form);
        return transaction.execute(status -> {
            Job job = jobs.findById(id).orElseGet(() -> new Job(id, content, now()));
            if (!job.isNew()) {
                TypedForm before = job.form();
                job.restore();
                job.change(content, now());
                return before.equals(form) ? jobs.saveAndFlush(job) : remembered(job, before);
            }
            return jobs.saveAndFlush(job);
        });
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

    /** The version a page was made from, as it sends it back; one that cannot be read is an old one: the edit is never an overwrite. */
    public static long version(String text) {
        try {
            return text == null ? -1 : Long.parseLong(text);
        } catch (NumberFormatException e) {
            return -1;
        }
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
        } catch (OptimisticLockingFailureException | DataIntegrityViolationException e) {
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
        TypedForm before = job.form();
        job.change(content, now());
        return new Saved(
                before.equals(job.form()) ? jobs.saveAndFlush(job) : remembered(job, before), Optional.empty());
    }

    /**
     * Keeps the job and adds its form to its history; what had been taken back is forgotten. The job goes to the database first, so that
     * of two windows the later one is told of the earlier before it touches the history.
     */
    private Job remembered(Job job, TypedForm before) {
        Instant now = now();
        int place = job.place();
        Set<String> changed = job.form().changedFields(before);
        String field = changed.size() == 1 ? changed.iterator().next() : "";
        Optional<JobStep> last = steps.findByJobIdAndPlace(job.id(), place);
        boolean sameStroke = last.isPresent() && last.get().isSameStroke(field, now);
        if (!sameStroke) {
            job.go(job.form(), place + 1, now);
        }
        Job kept = jobs.saveAndFlush(job);
        if (sameStroke) {
            last.get().take(kept.form(), field, now);
        } else {
            if (last.isEmpty()) {
                steps.save(new JobStep(kept.id(), place, before, "", now));
            }
            steps.deleteByJobIdAndPlaceGreaterThan(kept.id(), place);
            steps.deleteByJobIdAndPlaceLessThan(kept.id(), place - STEPS_KEPT);
            steps.flush();
            steps.save(new JobStep(kept.id(), place + 1, kept.form(), field, now));
        }
        return kept;
    }

    /** Whether there is something to take back or to do again. */
    public History history(Job job) {
        return new History(
                steps.existsByJobIdAndPlace(job.id(), job.place() - 1),
                steps.existsByJobIdAndPlace(job.id(), job.place() + 1));
    }

    /** Takes the last change of the form back; the job as it is where there is none. Empty if there is no such job. */
    public Optional<Job> undo(UUID id) {
        return go(id, -1);
    }

    /** Does again what was taken back last. */
    public Optional<Job> redo(UUID id) {
        return go(id, 1);
    }

    private Optional<Job> go(UUID id, int by) {
        return change(id, job -> {
            int to = job.place() + by;
            steps.findByJobIdAndPlace(id, to).ifPresent(step -> job.go(step.form(), to, now()));
        });
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
