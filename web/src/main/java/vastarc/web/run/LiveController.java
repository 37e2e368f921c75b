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
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.error.NotFound;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.store.run.WeldRunService.OpenRun;
import vastarc.web.stream.Events;
import vastarc.web.stream.Events.EventMessage;
import vastarc.web.stream.Listener;
import vastarc.web.stream.Measurement;
import vastarc.web.stream.MeasurementHub;
import vastarc.web.stream.RunFeed;

/** What meters read beside a run, as it comes; and that something has happened to the run. */
@Controller
class LiveController {

    private final WeldRunService runs;
    private final RunFeed feed;
    private final MeasurementHub room;
    private final Events events;

    LiveController(WeldRunService runs, RunFeed feed, MeasurementHub room, Events events) {
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
    record LiveMessage(Map<MeasuredQuantity, List<double[]>> readings, boolean changed) {}

    @GetMapping(path = "/jobs/{id}/run/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> live(@PathVariable UUID id) {
        WeldRun run = runs.openRun(id).map(OpenRun::run).orElseThrow(() -> new NotFound("run"));
        Set<String> channels = Arrays.stream(MeasuredQuantity.values())
                .map(kind -> RunFeed.channel(run.id(), kind))
                .collect(Collectors.toSet());
        Optional<Listener> listener = room.listen(channels);
        if (listener.isEmpty()) {
            return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build();
        }
        Listener own = listener.get();
        AtomicLong seen = new AtomicLong(-1);
        Optional<SseEmitter> emitter = events.open(() -> message(run, own, seen), () -> room.leave(own));
        if (emitter.isEmpty()) {
            room.leave(own);
        }
        return emitter.map(ResponseEntity::ok)
                .orElseGet(() ->
                        ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build());
    }

    private EventMessage message(WeldRun run, Listener own, AtomicLong seen) {
        long now = feed.changes(run.id());
        boolean changed = seen.getAndSet(now) != now;
        Listener.Batch batch = own.take();
        if (!changed && batch.isEmpty()) {
            return new EventMessage(Optional.empty(), false);
        }
        Map<MeasuredQuantity, List<double[]>> readings = batch.readings().stream()
                .collect(Collectors.groupingBy(
                        LiveController::kind,
                        Collectors.mapping(
                                reading -> new double[] {seconds(run, reading), reading.value()},
                                Collectors.toList())));
        return new EventMessage(Optional.of(new LiveMessage(readings, changed)), false);
    }

    private static MeasuredQuantity kind(Measurement reading) {
        return MeasuredQuantity.valueOf(
                reading.channel().substring(reading.channel().indexOf('.') + 1));
    }

    private static double seconds(WeldRun run, Measurement reading) {
        return Duration.between(run.startedAt(), reading.at()).toMillis() / 1000.0;
    }
}
