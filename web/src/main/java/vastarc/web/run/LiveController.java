package vastarc.web.run;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.LiveCoach;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.web.error.NotFound;
import vastarc.web.format.CueJson;
import vastarc.web.layout.Preferences;
import vastarc.web.service.RunSetups;
import vastarc.web.store.job.JobStore;
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
    private final JobStore jobs;
    private final RunSetups setups;

    LiveController(
            WeldRunService runs, RunFeed feed, MeasurementHub room, Events events, JobStore jobs, RunSetups setups) {
        this.jobs = jobs;
        this.setups = setups;
        this.runs = runs;
        this.feed = feed;
        this.room = room;
        this.events = events;
    }

    /**
     * Sent at most ten times a second.
     *
     * @param readings by quantity, {@code [s, value]} in the time of the run
     * @param changed  the run has gone on: its state is to be asked for
     * @param cues     what these readings show to be wrong
     */
    record LiveMessage(Map<MeasuredQuantity, List<double[]>> readings, boolean changed, List<CueJson> cues) {}

    /** What one page hears of a run: its place in what has come, and a coach of its own. */
    private static final class RunEar {
        private final WeldRun run;
        private final Listener listener;
        private final Optional<LiveCoach> coach;
        private long changes = -1;
        private int events;

        RunEar(WeldRun run, Listener listener, Optional<LiveCoach> coach) {
            this.run = run;
            this.listener = listener;
            this.coach = coach;
        }
    }

    @GetMapping(path = "/jobs/{id}/run/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> live(
            @PathVariable UUID id,
            @RequestParam(name = "n", defaultValue = "") String number,
            @ModelAttribute("preferences") Preferences preferences) {
        WeldRun run = runs.openRun(id).map(OpenRun::run).orElseThrow(() -> new NotFound("run"));
        Optional<LiveCoach> coach = jobs.onBench(id)
                .flatMap(job -> setups.of(job, RunController.number(number)).value())
                .map(setup -> new LiveCoach(setup.score(), setup.plan()));
        Set<String> channels = Arrays.stream(MeasuredQuantity.values())
                .map(kind -> RunFeed.channel(run.id(), kind))
                .collect(Collectors.toSet());
        Optional<Listener> listener = room.listen(channels);
        if (listener.isEmpty()) {
            return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build();
        }
        Listener own = listener.get();
        RunEar ear = new RunEar(run, own, coach);
        Optional<SseEmitter> emitter = events.open(() -> message(ear, preferences.units()), () -> room.leave(own));
        if (emitter.isEmpty()) {
            room.leave(own);
        }
        return emitter.map(ResponseEntity::ok)
                .orElseGet(() ->
                        ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build());
    }

    private EventMessage message(RunEar ear, UnitSystem units) {
        long now = feed.changes(ear.run.id());
        boolean changed = ear.changes != now;
        ear.changes = now;
        Listener.Batch batch = ear.listener.take();
        if (!changed && batch.isEmpty()) {
            return new EventMessage(Optional.empty(), false);
        }
        if (changed) {
            follow(ear);
        }
        List<CueJson> cues = new ArrayList<>();
        Map<MeasuredQuantity, List<double[]>> readings = new EnumMap<>(MeasuredQuantity.class);
        for (Measurement reading : batch.readings()) {
            MeasuredQuantity kind = kind(reading);
            double s = seconds(ear.run, reading);
            readings.computeIfAbsent(kind, quantity -> new ArrayList<>()).add(new double[] {s, reading.value()});
            ear.coach.ifPresent(
                    coach -> coach.accept(s, kind, reading.value()).forEach(cue -> cues.add(CueJson.of(cue, units))));
        }
        return new EventMessage(Optional.of(new LiveMessage(readings, changed, cues)), false);
    }

    /** Arcs that the welder marked, for meters that do not show them. */
    private void follow(RunEar ear) {
        List<RunEvent> all = runs.events(ear.run.id());
        ear.coach.ifPresent(coach -> all.stream().skip(ear.events).forEach(coach::happened));
        ear.events = all.size();
    }

    private static MeasuredQuantity kind(Measurement reading) {
        return MeasuredQuantity.valueOf(
                reading.channel().substring(reading.channel().indexOf('.') + 1));
    }

    private static double seconds(WeldRun run, Measurement reading) {
        return Duration.between(run.startedAt(), reading.at()).toMillis() / 1000.0;
    }
}
