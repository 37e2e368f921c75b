package vastarc.web.store.job;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.core.base.notation.NumberReader;
import vastarc.web.store.ListPage;
import vastarc.web.store.TransactionRetry;

/** Stores jobs. An edit made on an older version than the one kept is never written over it: it becomes a second job. */
@Service
public class JobStore {

    /** Strokes on one field closer together than this are one step of the history, ms. */
    static final long STROKE_MS = 1500;

    private static final int MAX_STEPS = 200;
    /** Older ones go so many at a time. */
    private static final int FORGOTTEN_AT_ONCE = 20;

    private static final int ON_A_PAGE = 20;
    /** On the bench. The index begins with the day it was archived, which none of them has: only so is the order read off it. */
    private static final Sort NEWEST_FIRST =
            Sort.by(Sort.Order.asc("deletedAt"), Sort.Order.desc("createdAt"), Sort.Order.asc("id"));

    private final JobRepository jobs;
    private final JobStepRepository steps;
    private final TransactionTemplate transaction;
    private final TransactionRetry retrying;
    private final Clock clock;

    JobStore(
            JobRepository jobs,
            JobStepRepository steps,
            TransactionTemplate transaction,
            TransactionRetry retrying,
            Clock clock) {
        this.jobs = jobs;
        this.steps = steps;
        this.transaction = transaction;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** The result of an edit: the job that now holds it, and the job it collided with, if it did. */
    public record SaveResult(Job job, Optional<Job> collidedWith) {}

    /** What a job should hold: an edit, made on the job as it was kept. */
    public record JobEdit(String name, String notes, JobContent content) {}

    /**
     * The result of a change, or of a step through the history.
     *
     * @param stale the job had been changed elsewhere since it was seen: nothing was done
     */
    public record HistoryResult(Job job, boolean stale) {}

    /**
     * {@return a page of the bench, newest first, those that can no longer be read among them}
     *
     * @param find words that name or notes hold; blank for every job
     * @param page from 0
     */
    public ListPage<Job> bench(String find, int page) {
        Pageable wanted = PageRequest.of(page, ON_A_PAGE, NEWEST_FIRST);
        String text = find.strip().toLowerCase(Locale.ROOT).replaceAll("([!%_])", "!$1");
        return ListPage.of(
                text.isEmpty() ? jobs.findPageByDeletedAtIsNull(wanted) : jobs.findNamed("%" + text + "%", wanted));
    }

    /**
     * {@return a page of the jobs archived, last archived first}
     *
     * @param page number of the page, from 0
     */
    public ListPage<Job> removed(int page) {
        Sort lastFirst = Sort.by(Sort.Order.desc("deletedAt"), Sort.Order.asc("id"));
        return ListPage.of(jobs.findPageByDeletedAtIsNotNull(PageRequest.of(page, ON_A_PAGE, lastFirst)));
    }

    /** {@return how many jobs are off the bench} */
    public long countRemoved() {
        return jobs.countByDeletedAtIsNotNull();
    }

    /**
     * {@return the newest jobs on the bench that can be read, at most so many}
     *
     * @param most how many at most
     */
    public List<Job> newest(int most) {
        return jobs.findByDeletedAtIsNull(PageRequest.of(0, most, NEWEST_FIRST)).stream()
                .filter(job -> job.document().isReadable())
                .toList();
    }

    /** {@return how many jobs are on the bench} */
    public long countOnBench() {
        return jobs.countByDeletedAtIsNull();
    }

    /** {@return whether there has never been a job} */
    public boolean isEmpty() {
        return jobs.count() == 0;
    }

    /**
     * {@return the job with an id, on the bench or off it; empty if there is none}
     *
     * @param id the id
     */
    public Optional<Job> find(UUID id) {
        return jobs.findById(id);
    }

    /**
     * {@return a job that has not been taken off the bench}
     *
     * @param id the id
     */
    public Optional<Job> onBench(UUID id) {
        return find(id).filter(job -> !job.isDeleted());
    }

    /**
     * {@return the version a job on the bench has come to; the job itself is not read for it}
     *
     * @param id the id
     */
    public OptionalLong versionOf(UUID id) {
        return jobs.versionOf(id).map(OptionalLong::of).orElseGet(OptionalLong::empty);
    }

    /**
     * Puts a new job on the bench.
     *
     * @param name the name
     * @param notes the notes of the person
     * @param content the content of the job
     * @return the job
     */
    public Job create(String name, String notes, JobContent content) {
        return jobs.save(new Job(new JobEdit(name, notes, content), now()));
    }

    /**
     * Several at once, all or none; each stands as made after the one before it.
     *
     * @param edits the jobs to make
     * @return the jobs
     */
    public List<Job> createAll(List<JobEdit> edits) {
        Instant first = now();
        return jobs.saveAll(IntStream.range(0, edits.size())
                .mapToObj(at -> new Job(edits.get(at), first.plus(at, ChronoUnit.MICROS)))
                .toList());
    }

    /** Puts a job of an archive into the shop, in place of the one of that id; what that one said can be had back by undo. */
    void put(UUID id, ArchivedJob archived) {
        Optional<Job> kept = jobs.findById(id);
        if (kept.isEmpty()) {
            jobs.save(new Job(id, archived));
            return;
        }
        Job job = kept.get();
        ArchivedJob becomes = archived.inPlaceOf(job.archived());
        Optional<JobContent> before = job.document().value();
        job.restore(becomes);
        if (before.isPresent()
                && becomes.content().isReadable()
                && !before.equals(becomes.content().value())) {
            remembered(job, before.get());
            job.restore(becomes);
        }
    }

    /** Every job that is stored, in the order they were made; for a transaction of the caller's. */
    void forEach(Consumer<Job> taker) {
        jobs.idsInOrder().forEach(id -> find(id).ifPresent(taker));
    }

    /**
     * {@return a copy beside the original; empty if there is no such job}
     *
     * @param id the id
     */
    public Optional<Job> duplicate(UUID id) {
        return find(id).map(job -> create(suffixed(job.name(), " (copy)"), job.notes(), job.content()));
    }

    /**
     * Deletes jobs archived before a moment, with all that belongs to them.
     *
     * @param before the moment
     * @param most how many at most
     * @return how many went
     */
    public int letGo(Instant before, int most) {
        return retrying.inTransaction(() -> {
            List<UUID> gone = jobs.archivedBefore(before, Limit.of(most));
            jobs.deleteAllByIdInBatch(gone);
            return gone.size();
        });
    }

    /**
     * Takes a job off the bench; it can be put back.
     *
     * @param id the id
     * @return the job, or empty
     */
    public Optional<Job> delete(UUID id) {
        return change(id, job -> job.delete(now()));
    }

    /**
     * Puts a removed job back on the bench.
     *
     * @param id the id
     * @return the job, or empty
     */
    public Optional<Job> restore(UUID id) {
        return change(id, Job::restore);
    }

    private Optional<Job> change(UUID id, Consumer<Job> edit) {
        return retrying.inTransaction(() -> find(id).map(job -> {
            edit.accept(job);
            return jobs.saveAndFlush(job);
        }));
    }

    /**
     * {@return the version a page was made from, as it sends it back; one that cannot be read is an old one: the edit
     * is never an overwrite}
     *
     * @param text the text
     */
    public static long version(@Nullable String text) {
        return (long) NumberReader.read(text).orElse(-1);
    }

    /**
     * {@return the version a page shows, as it sends it back; empty where it sends none}
     *
     * @param text the text
     */
    public static OptionalLong seen(@Nullable String text) {
        return text == null ? OptionalLong.empty() : OptionalLong.of(version(text));
    }

    /**
     * Stores an edit.
     *
     * @param id the id
     * @param version the version the edit was made on
     * @param edit from the job as it is stored to what it should hold
     * @return empty if there is no such job
     */
    public Optional<SaveResult> save(UUID id, long version, Function<Job, JobEdit> edit) {
        try {
            return transaction.execute(status -> jobs.findById(id).map(job -> keep(job, version, edit.apply(job))));
        } catch (OptimisticLockingFailureException | DataIntegrityViolationException e) {
            return find(id).map(job -> aside(job, edit.apply(job)));
        }
    }

    /**
     * Stores a change of a job as it was seen. Empty if there is no such job.
     *
     * @param id the id
     * @param seen the version that the welder sees; empty for a change that fits whatever the job holds by then
     * @param edit what to change
     * @return the history result, or empty
     */
    public Optional<HistoryResult> edit(UUID id, OptionalLong seen, Function<Job, JobContent> edit) {
        return retrying.inTransaction(() -> jobs.findById(id)
                .map(job -> isStale(job, seen)
                        ? new HistoryResult(job, true)
                        : new HistoryResult(
                                keep(job, job.version(), job.with(edit.apply(job)))
                                        .job(),
                                false)));
    }

    private static boolean isStale(Job job, OptionalLong seen) {
        return seen.isPresent() && seen.getAsLong() != job.version();
    }

    private SaveResult keep(Job job, long version, JobEdit edit) {
        if (!job.isDeleted() && job.holds(edit)) {
            return new SaveResult(job, Optional.empty());
        }
        if (job.version() != version || job.isDeleted()) {
            return aside(job, edit);
        }
        JobContent before = job.content();
        job.change(edit, now());
        return new SaveResult(
                before.equals(job.content()) ? jobs.saveAndFlush(job) : remembered(job, before), Optional.empty());
    }

    /**
     * Stores the job and adds its content to its history; what had been taken back is forgotten. The job goes to the database first, so
     * that of two windows the later one is given of the earlier before it touches the history.
     */
    private Job remembered(Job job, JobContent before) {
        Instant now = now();
        int place = job.place();
        Set<String> changed = job.content().differences(before);
        String field = changed.size() == 1 ? changed.iterator().next() : "";
        List<JobStep> from = steps.findByJobIdAndPlaceGreaterThanEqualOrderByPlace(job.id(), place);
        Optional<JobStep> last =
                from.stream().filter(step -> step.place() == place).findFirst();
        boolean sameStroke = last.isPresent() && last.get().isSameStroke(field, now);
        if (!sameStroke) {
            job.go(job.content(), place + 1, now);
        }
        Job stored = jobs.saveAndFlush(job);
        if (sameStroke) {
            last.get().take(stored.content(), field, now);
        } else {
            if (last.isEmpty()) {
                steps.save(new JobStep(stored.id(), place, before, "", now));
            }
            boolean tookBack = from.stream().anyMatch(step -> step.place() > place);
            if (tookBack || place % FORGOTTEN_AT_ONCE == 0) {
                steps.keepOnly(stored.id(), place - MAX_STEPS, place);
            }
            steps.save(new JobStep(stored.id(), place + 1, stored.content(), field, now));
        }
        return stored;
    }

    /**
     * {@return whether there is something to take back or to do again}
     *
     * @param job the job
     */
    public History history(Job job) {
        List<Integer> around = steps.placesAmong(job.id(), job.place() - 1, job.place() + 1);
        return new History(around.contains(job.place() - 1), around.contains(job.place() + 1));
    }

    /**
     * Takes the last change back; the job as it is where there is none. Empty if there is no such job.
     *
     * @param id the id
     * @param seen the version that the welder sees; empty where it is not given
     * @return the history result, or empty
     */
    public Optional<HistoryResult> undo(UUID id, OptionalLong seen) {
        return go(id, seen, -1);
    }

    /**
     * Does again what was taken back last.
     *
     * @param id the id
     * @param seen number of the step that the person saw; empty for any
     * @return the history result, or empty
     */
    public Optional<HistoryResult> redo(UUID id, OptionalLong seen) {
        return go(id, seen, 1);
    }

    private Optional<HistoryResult> go(UUID id, OptionalLong seen, int by) {
        return retrying.inTransaction(() -> onBench(id).map(job -> {
            if (isStale(job, seen)) {
                return new HistoryResult(job, true);
            }
            int to = job.place() + by;
            steps.findByJobIdAndPlace(id, to).ifPresent(step -> job.go(step.content(), to, now()));
            return new HistoryResult(jobs.saveAndFlush(job), false);
        }));
    }

    private SaveResult aside(Job other, JobEdit edit) {
        String name = suffixed(edit.name(), " (second version)");
        return new SaveResult(create(name, edit.notes(), edit.content()), Optional.of(other));
    }

    private static String suffixed(String name, String suffix) {
        String stored = name.strip();
        int room = Job.MAX_NAME - suffix.length();
        return (stored.length() > room ? stored.substring(0, room) : stored) + suffix;
    }

    private Instant now() {
        return clock.instant();
    }
}
