package vastarc.web.sheet;

import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import vastarc.web.error.NotFound;
import vastarc.web.store.job.JobStore;
import vastarc.web.stream.Events;
import vastarc.web.stream.Events.EventMessage;

/** Tells an open page that its job was changed elsewhere: on another device, or in another window. */
@Controller
class ChangesController {

    private static final int LOOKED_EVERY = 10;

    private final JobStore jobs;
    private final Events events;

    ChangesController(JobStore jobs, Events events) {
        this.jobs = jobs;
        this.events = events;
    }

    /** The version a job has come to. */
    public record JobChange(long version) {}

    @GetMapping(path = "/jobs/{id}/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> changes(@PathVariable UUID id, @RequestParam(defaultValue = "") String seen) {
        OptionalLong there = jobs.versionOf(id);
        if (there.isEmpty()) {
            throw new NotFound("job");
        }
        AtomicLong sent = new AtomicLong(JobStore.version(seen));
        AtomicInteger beats = new AtomicInteger();
        return events.open(() -> message(id, sent, beats), () -> {})
                .map(ResponseEntity::ok)
                .orElseGet(() ->
                        ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build());
    }

    /** Looked at once a second, and at once when the page comes. */
    private EventMessage message(UUID id, AtomicLong sent, AtomicInteger beats) {
        if (beats.getAndIncrement() % LOOKED_EVERY != 0) {
            return new EventMessage(Optional.empty(), false);
        }
        OptionalLong now = jobs.versionOf(id);
        boolean changed = now.isPresent() && sent.getAndSet(now.getAsLong()) != now.getAsLong();
        return new EventMessage(
                changed ? Optional.of(new JobChange(now.getAsLong())) : Optional.empty(), now.isEmpty());
    }
}
