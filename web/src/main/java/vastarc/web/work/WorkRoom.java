package vastarc.web.work;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import vastarc.core.base.progress.Progress;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.work.Work.WorkState;

/** Does long work: two pieces at once, the rest wait their turn. The same input under the same engine is done once. */
@Service
public class WorkRoom {

    static final int AT_ONCE = 2;
    static final int MOST_WAITING = 16;
    static final int MAX_RESULTS = 64;

    /** Work that nobody has looked at for so long is stopped. */
    static final Duration PATIENCE = Duration.ofSeconds(30);

    /** The result of it is stored so long after the last look. */
    static final Duration KEEP_FOR = Duration.ofMinutes(30);

    private static final Duration LAST_WAIT = Duration.ofSeconds(5);

    private final Clock clock;
    private final ThreadPoolExecutor executor;
    private final Map<UUID, Work<?>> works = new LinkedHashMap<>();

    WorkRoom(Clock clock) {
        this.clock = clock;
        AtomicInteger number = new AtomicInteger();
        this.executor =
                new ThreadPoolExecutor(AT_ONCE, AT_ONCE, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), task -> {
                    Thread thread = new Thread(task, "work-" + number.incrementAndGet());
                    thread.setDaemon(true);
                    return thread;
                });
    }

    /**
     * What is shown of a task.
     *
     * @param id     of the work
     * @param state  where it is in its life
     * @param share  done, 0 to 1
     * @param before pieces that wait before it; 0 where it does not wait
     * @param engine it is done with
     */
    public record WorkStatus(UUID id, WorkState state, double share, int before, String engine) {}

    /**
     * Work for an input: that under way or done for the same input under the same engine, or a new piece.
     *
     * @param <T> the type of the value
     * @param key names input and kind of work
     * @param task does it; reports its progress and stops when it is cancelled
     * @return a problem where too much waits already
     */
    public synchronized <T> Outcome<Work<T>> start(String key, Function<Progress, T> task) {
        sweep();
        Optional<Work<T>> same = same(key);
        if (same.isPresent()) {
            same.get().lastSeen(now());
            return Outcome.of(same.get());
        }
        long waiting = works.values().stream()
                .filter(work -> work.state() == WorkState.WAITING)
                .count();
        if (waiting >= MOST_WAITING) {
            return Outcome.failed(Problem.badValue("work", "workFull", waiting));
        }
        Work<T> work = new Work<>(key, task, now());
        works.put(work.id(), work);
        executor.execute(work::run);
        return Outcome.of(work);
    }

    /** The key names the kind of work, so that what comes of it is of the type asked for. */
    @SuppressWarnings("unchecked")
    private <T> Optional<Work<T>> same(String key) {
        return works.values().stream()
                .filter(work -> work.key().equals(key) && work.isWanted() && work.state() != WorkState.FAILED)
                .map(work -> (Work<T>) work)
                .findFirst();
    }

    /**
     * {@return a look at a task, which keeps it going; empty if there is none, or it has been forgotten}
     *
     * @param id the id
     */
    public synchronized Optional<WorkStatus> look(UUID id) {
        return find(id).map(work -> {
            work.lastSeen(now());
            return new WorkStatus(id, work.state(), work.share(), before(work), work.engine());
        });
    }

    /**
     * {@return the work with an id; empty where it is forgotten or never was}
     *
     * @param id the id
     */
    public synchronized Optional<Work<?>> find(UUID id) {
        return Optional.ofNullable(works.get(id));
    }

    /** Forgets a task that is over. */
    synchronized void forget(UUID id) {
        find(id).filter(work -> work.state().isOver()).ifPresent(work -> works.remove(id));
    }

    private int before(Work<?> work) {
        if (work.state() != WorkState.WAITING) {
            return 0;
        }
        List<Work<?>> waiting = works.values().stream()
                .filter(other -> other.state() == WorkState.WAITING)
                .toList();
        return waiting.indexOf(work) + 1;
    }

    /**
     * {@return stops a task}
     *
     * @param id the id
     */
    public synchronized Optional<WorkStatus> cancel(UUID id) {
        find(id).ifPresent(Work::cancel);
        return look(id);
    }

    /** Stops what nobody looks at, forgets what is long over, and the oldest of what is over where there is too much. */
    @Scheduled(fixedDelay = 5, timeUnit = TimeUnit.SECONDS)
    synchronized void sweep() {
        Instant patience = now().minus(PATIENCE);
        Instant kept = now().minus(KEEP_FOR);
        works.values().stream()
                .filter(work -> !work.state().isOver() && !work.isSeenSince(patience))
                .forEach(Work::cancel);
        works.values().removeIf(work -> work.state().isOver() && !work.isSeenSince(kept));
        List<UUID> over = works.values().stream()
                .filter(work -> work.state().isOver())
                .map(Work::id)
                .toList();
        over.stream().limit(Math.max(0, works.size() - MAX_RESULTS)).forEach(works::remove);
    }

    private Instant now() {
        return clock.instant();
    }

    @PreDestroy
    void close() throws InterruptedException {
        synchronized (this) {
            works.values().forEach(Work::cancel);
        }
        executor.shutdown();
        if (!executor.awaitTermination(LAST_WAIT.toMillis(), TimeUnit.MILLISECONDS)) {
            executor.shutdownNow();
        }
    }
}
