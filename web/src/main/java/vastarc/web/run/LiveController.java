package vastarc.web.run;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import vastarc.core.run.Measured;
import vastarc.web.kept.run.Run;
import vastarc.web.kept.run.RunStore;
import vastarc.web.stream.Events;
import vastarc.web.stream.Listener;
import vastarc.web.stream.Reading;
import vastarc.web.stream.RunFeed;
import vastarc.web.stream.StreamRoom;
import vastarc.web.ui.NotFound;

/** What meters read beside a run, as it comes; and that something has happened to the run. */
@Controller
class LiveController {

    private final RunStore runs;
    private final RunFeed feed;
    private final StreamRoom room;
    private final Events events;

    LiveController(RunStore runs, RunFeed feed, StreamRoom room, Events events) {
        this.runs = runs;
        this.feed = feed;
        this.room = room;
        this.events = events;
    }

    /**
     * Told at most ten times a second.
     *
     * @param readings by quantity, {@code [s, value]} in the time of the run
     * @param changed  the run has gone on: its state is to be asked for
     */
    record Told(Map<Measured, List<double[]>> readings, boolean changed) {}

    @GetMapping(path = "/jobs/{id}/run/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> live(@PathVariable UUID id) {
        Run run = runs.underWay(id).map(RunStore.Under::run).orElseThrow(() -> new NotFound("run"));
        Set<String> channels = Arrays.stream(Measured.values())
                .map(kind -> RunFeed.channel(run.id(), kind))
                .collect(Collectors.toSet());
        Optional<Listener> listener = room.listen(channels);
        if (listener.isEmpty()) {
            return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build();
        }
        Listener own = listener.get();
        AtomicLong seen = new AtomicLong(-1);
        Optional<SseEmitter> emitter = events.open(() -> told(run, own, seen), () -> room.leave(own));
        if (emitter.isEmpty()) {
            room.leave(own);
        }
        return emitter.map(ResponseEntity::ok)
                .orElseGet(() ->
                        ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build());
    }

    private Events.Told told(Run run, Listener own, AtomicLong seen) {
        long now = feed.changes(run.id());
        boolean changed = seen.getAndSet(now) != now;
        Listener.Batch batch = own.take();
        if (!changed && batch.isEmpty()) {
            return new Events.Told(Optional.empty(), false);
        }
        Map<Measured, List<double[]>> readings = batch.readings().stream()
                .collect(Collectors.groupingBy(
                        LiveController::kind,
                        Collectors.mapping(
                                reading -> new double[] {seconds(run, reading), reading.value()},
                                Collectors.toList())));
        return new Events.Told(Optional.of(new Told(readings, changed)), false);
    }

    private static Measured kind(Reading reading) {
        return Measured.valueOf(reading.channel().substring(reading.channel().indexOf('.') + 1));
    }

    private static double seconds(Run run, Reading reading) {
        return Duration.between(run.startedAt(), reading.at()).toMillis() / 1000.0;
    }
}
