package vastarc.web.sheet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import vastarc.web.error.NotFound;
import vastarc.web.store.job.JobChanged;
import vastarc.web.store.job.JobStore;
import vastarc.web.stream.Events;
import vastarc.web.stream.Events.EventMessage;

/** Tells an open page that its job was changed elsewhere: on another device, or in another window. */
@Controller
class ChangesController {

    private final JobStore jobs;
    private final Events events;
    private final List<JobFollower> followers = new CopyOnWriteArrayList<>();

    ChangesController(JobStore jobs, Events events) {
        this.jobs = jobs;
        this.events = events;
    }

    /** The version a job has come to. */
    public record JobChange(long version) {}

    /** An open page: what its job has come to, and what the page has been told. */
    private static final class JobFollower {
        private final UUID job;
        private final AtomicLong version = new AtomicLong(Long.MIN_VALUE);
        private final AtomicBoolean gone = new AtomicBoolean();
        private final AtomicLong told;

        JobFollower(UUID job, long told) {
            this.job = job;
            this.told = new AtomicLong(told);
        }

        /** Word of an older version may come late, and is passed over. */
        void hear(long changed) {
            version.accumulateAndGet(changed, Math::max);
        }

        EventMessage message() {
            long now = version.get();
            boolean changed = !gone.get() && told.getAndSet(now) != now;
            return new EventMessage(changed ? Optional.of(new JobChange(now)) : Optional.empty(), gone.get());
        }
    }

    @GetMapping(path = "/jobs/{id}/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> changes(@PathVariable UUID id, @RequestParam(defaultValue = "") String seen) {
        JobFollower follower = new JobFollower(id, JobStore.version(seen));
        // In the list before the version is read: a change meanwhile is either read here or heard of.
        followers.add(follower);
        OptionalLong there = jobs.versionOf(id);
        if (there.isEmpty()) {
            followers.remove(follower);
            throw new NotFound("job");
        }
        follower.hear(there.getAsLong());
        Optional<SseEmitter> emitter = events.open(follower::message, () -> followers.remove(follower));
        if (emitter.isEmpty()) {
            followers.remove(follower);
        }
        return emitter.map(ResponseEntity::ok)
                .orElseGet(() ->
                        ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build());
    }

    /** A job was changed and its change is kept. */
    @TransactionalEventListener
    void changed(JobChanged change) {
        for (JobFollower follower : followers) {
            if (follower.job.equals(change.job())) {
                follower.hear(change.version());
                follower.gone.set(!change.onBench());
            }
        }
    }
}
