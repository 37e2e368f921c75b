package vastarc.web.work;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import vastarc.core.advice.plan.EngineVersion;
import vastarc.core.base.progress.Progress;

/**
 * A piece of long work: what it is, how far it is, its result.
 *
 * @param <T> what comes of it
 */
public final class Work<T> {

    private static final Logger LOG = LoggerFactory.getLogger(Work.class);

    /** Where it is in its life. */
    public enum WorkState {
        /** Waits for its turn. */
        WAITING,
        /** Being done. */
        RUNNING,
        /** Finished. */
        DONE,
        /** Ended by an error. */
        FAILED,
        /** Stopped by a person. */
        CANCELLED;

        /** {@return whether nothing more will happen} */
        public boolean isOver() {
            return ordinal() >= DONE.ordinal();
        }
    }

    private final UUID id = UUID.randomUUID();
    private final String engine = EngineVersion.version();
    private final String key;
    private final Function<Progress, T> task;
    private final Progress progress = new StatusUpdate();

    private WorkState state = WorkState.WAITING;
    private double share;
    private @Nullable T result;
    private Instant lastSeen;
    private boolean unwanted;

    Work(String key, Function<Progress, T> task, Instant now) {
        this.key = key;
        this.task = task;
        this.lastSeen = now;
    }

    private final class StatusUpdate implements Progress {
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
            end(WorkState.DONE, made);
        } catch (CancellationException e) {
            end(WorkState.CANCELLED, null);
        } catch (RuntimeException e) {
            LOG.warn("work {} failed", key, e);
            end(WorkState.FAILED, null);
        }
    }

    private synchronized boolean begin() {
        if (state == WorkState.WAITING) {
            state = WorkState.RUNNING;
        }
        return state == WorkState.RUNNING;
    }

    private synchronized void end(WorkState over, @Nullable T made) {
        state = over;
        result = made;
        share = over == WorkState.DONE ? 1 : share;
    }

    /** Nobody wants it any more: if it waits it is over, if it runs it ends when it next asks. */
    synchronized void cancel() {
        unwanted = true;
        if (state == WorkState.WAITING) {
            state = WorkState.CANCELLED;
        }
    }

    /** Nobody has cancelled it; one that runs on for a moment after that is wanted no more. */
    synchronized boolean isWanted() {
        return !unwanted;
    }

    synchronized void lastSeen(Instant now) {
        lastSeen = now;
    }

    synchronized boolean isSeenSince(Instant then) {
        return !lastSeen.isBefore(then);
    }

    /** {@return its id} */
    public UUID id() {
        return id;
    }

    String key() {
        return key;
    }

    /** {@return the engine it is done with} */
    public String engine() {
        return engine;
    }

    /** {@return where it is in its life} */
    public synchronized WorkState state() {
        return state;
    }

    /** {@return done, 0 to 1} */
    public synchronized double share() {
        return share;
    }

    /** {@return the result of it; empty until it is done} */
    public synchronized Optional<T> result() {
        return Optional.ofNullable(result);
    }
}
