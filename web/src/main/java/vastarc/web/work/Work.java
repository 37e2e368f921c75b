package vastarc.web.work;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import vastarc.core.plan.Engine;
import vastarc.core.progress.Progress;

/**
 * A piece of long work: what it is, how far it is, what came of it.
 *
 * @param <T> what comes of it
 */
public final class Work<T> {

    private static final Logger LOG = LoggerFactory.getLogger(Work.class);

    /** Where it is in its life. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        FAILED,
        CANCELLED;

        public boolean isOver() {
            return ordinal() >= DONE.ordinal();
        }
    }

    private final UUID id = UUID.randomUUID();
    private final String engine = Engine.version();
    private final String key;
    private final Function<Progress, T> task;
    private final Progress progress = new Told();

    private State state = State.WAITING;
    private double share;
    private @Nullable T result;
    private Instant lookedAt;
    private boolean unwanted;

    Work(String key, Function<Progress, T> task, Instant now) {
        this.key = key;
        this.task = task;
        this.lookedAt = now;
    }

    private final class Told implements Progress {
        @Override
        public void at(double done) {
            synchronized (Work.this) {
                share = Math.max(share, Math.min(1, done));
            }
        }

        @Override
        public boolean isCancelled() {
            synchronized (Work.this) {
                return unwanted;
            }
        }
    }

    /** Does it, on the thread it is given. */
    void run() {
        if (!begin()) {
            return;
        }
        try {
            T made = task.apply(progress);
            end(State.DONE, made);
        } catch (CancellationException e) {
            end(State.CANCELLED, null);
        } catch (RuntimeException e) {
            LOG.warn("work {} failed", key, e);
            end(State.FAILED, null);
        }
    }

    private synchronized boolean begin() {
        if (state == State.WAITING) {
            state = State.RUNNING;
        }
        return state == State.RUNNING;
    }

    private synchronized void end(State over, @Nullable T made) {
        state = over;
        result = made;
        share = over == State.DONE ? 1 : share;
    }

    /** Nobody wants it any more: if it waits it is over, if it runs it ends when it next asks. */
    synchronized void cancel() {
        unwanted = true;
        if (state == State.WAITING) {
            state = State.CANCELLED;
        }
    }

    synchronized void lookedAt(Instant now) {
        lookedAt = now;
    }

    synchronized boolean isLookedAtSince(Instant then) {
        return !lookedAt.isBefore(then);
    }

    public UUID id() {
        return id;
    }

    String key() {
        return key;
    }

    /** The engine it is done with. */
    public String engine() {
        return engine;
    }

    public synchronized State state() {
        return state;
    }

    /** Done, 0 to 1. */
    public synchronized double share() {
        return share;
    }

    /** What came of it; empty until it is done. */
    public synchronized Optional<T> result() {
        return Optional.ofNullable(result);
    }
}
