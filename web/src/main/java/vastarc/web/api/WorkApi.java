package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import vastarc.web.error.NotFound;
import vastarc.web.stream.Events;
import vastarc.web.stream.Events.EventMessage;
import vastarc.web.stream.Listener;
import vastarc.web.stream.MeasurementHub;
import vastarc.web.work.WorkRoom;
import vastarc.web.work.WorkRoom.WorkStatus;

/** How far long work is, and what meters say. */
@RestController
@Tag(name = "work", description = "Long work under way, and live readings")
class WorkApi {

    private static final int MOST_CHANNELS = 16;

    private final WorkRoom room;
    private final MeasurementHub stream;
    private final Events events;

    WorkApi(WorkRoom room, MeasurementHub stream, Events events) {
        this.room = room;
        this.stream = stream;
        this.events = events;
    }

    @Operation(
            summary = "How far a piece of long work is",
            description = "A piece that nobody has looked at for half a minute is stopped.")
    @GetMapping("/api/v1/work/{id}")
    WorkStatus look(@PathVariable UUID id) {
        return room.look(id).orElseThrow(() -> new NotFound("work"));
    }

    @Operation(summary = "Stops a piece of long work")
    @DeleteMapping("/api/v1/work/{id}")
    WorkStatus cancel(@PathVariable UUID id) {
        return room.cancel(id).orElseThrow(() -> new NotFound("work"));
    }

    @Operation(summary = "How far a piece of long work is, as events, until it is over")
    @GetMapping(path = "/api/v1/work/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<?> follow(@PathVariable UUID id) {
        look(id);
        AtomicReference<WorkStatus> before = new AtomicReference<>();
        return answer(events.open(() -> statusMessage(id, before), () -> {}));
    }

    private EventMessage statusMessage(UUID id, AtomicReference<WorkStatus> before) {
        Optional<WorkStatus> now = room.look(id);
        boolean last = now.map(shown -> shown.state().isOver()).orElse(true);
        WorkStatus then = before.getAndSet(now.orElse(null));
        return new EventMessage(now.filter(shown -> !shown.equals(then)).map(Object.class::cast), last);
    }

    @Operation(
            summary = "What meters say, as events of at most ten a second",
            description = "channels: their names, at most 16. Each event holds the readings since the last one.")
    @GetMapping(path = "/api/v1/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<?> listen(@RequestParam Set<String> channels) {
        if (channels.isEmpty() || channels.size() > MOST_CHANNELS) {
            return refused(
                    HttpStatus.BAD_REQUEST, "Name one to " + MOST_CHANNELS + " channels, such as channels=current.");
        }
        Optional<Listener> listener = stream.listen(channels);
        if (listener.isEmpty()) {
            return answer(Optional.empty());
        }
        Listener own = listener.get();
        Optional<SseEmitter> emitter = events.open(() -> measurementMessage(own), () -> stream.leave(own));
        if (emitter.isEmpty()) {
            stream.leave(own);
        }
        return answer(emitter);
    }

    private static EventMessage measurementMessage(Listener listener) {
        Listener.Batch batch = listener.take();
        return new EventMessage(batch.isEmpty() ? Optional.empty() : Optional.of(batch), false);
    }

    private static ResponseEntity<?> answer(Optional<SseEmitter> emitter) {
        return emitter.<ResponseEntity<?>>map(ResponseEntity::ok)
                .orElseGet(
                        () -> refused(
                                HttpStatus.TOO_MANY_REQUESTS,
                                "Too many pages listen already, in the shop or on this device. Close some of them, then try again."));
    }

    private static ResponseEntity<?> refused(HttpStatus status, String detail) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(status, detail));
    }
}
