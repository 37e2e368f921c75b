package vastarc.web.purge;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.physics.purge.FlowMeter;
import vastarc.core.physics.purge.FlowMeter.FlowVerdict;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.TargetConfirmation;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.drawing.OxygenChart;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Preferences;
import vastarc.web.request.PurgeReader;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.PurgeText;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.stream.Events;
import vastarc.web.stream.Events.EventMessage;
import vastarc.web.stream.Listener;
import vastarc.web.stream.Measurement;
import vastarc.web.stream.MeasurementHub;

/** A meter listened to while a purge fills: chosen, shown live, and stored. */
@Controller
class PurgeLiveController {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final PurgeController place;
    private final PurgeMeters meters;
    private final MeterKeys keys;
    private final MeasurementHub room;
    private final Events events;
    private final Clock clock;

    PurgeLiveController(
            JobStore jobs,
            JobPlanner planner,
            PurgeController place,
            PurgeMeters meters,
            MeterKeys keys,
            MeasurementHub room,
            Events events,
            Clock clock) {
        this.jobs = jobs;
        this.planner = planner;
        this.place = place;
        this.meters = meters;
        this.keys = keys;
        this.room = room;
        this.events = events;
        this.clock = clock;
    }

    /**
     * A reading as it is sent to the page.
     *
     * @param s       since the argon was opened
     * @param ppm     oxygen; 0 where only the flow was read
     * @param flow    L/min; 0 where it was not read
     * @param says    of the flow, in words; empty where it is as set, or not read
     * @param at      where it lies in the chart, as {@code x y}; empty without oxygen
     * @param inside  what would be seen inside if it were struck now; empty without oxygen
     * @param reached at the target or below for three lags of the meter
     */
    record LiveOxygen(double s, double ppm, double flow, String says, String at, String inside, boolean reached) {}

    /** Listens to a meter from now on, or to none; a purge that has not begun is begun by it. */
    @PostMapping("/jobs/{id}/purge/listen")
    String listen(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String meter,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        String known = known(meter);
        meters.forget(id);
        return place.edited(id, sent, preferences, model, content -> {
            PurgeText before = content.purge();
            PurgeText begun = before.text(PurgeText.STARTED).isPresent() || known.isEmpty()
                    ? before
                    : before.unwaited()
                            .with(PurgeText.STARTED, Optional.of(clock.instant().toString()));
            return begun.with(PurgeText.LISTEN, Optional.of(known).filter(name -> !name.isEmpty()));
        });
    }

    /** A meter that there is; empty for none. */
    private String known(String meter) {
        Optional<MeterFault> fault = PurgeMeters.fault(meter);
        if (fault.isPresent()) {
            return PurgeText.SIMULATED_METER + fault.get();
        }
        return keys.all().stream()
                .map(MeterKeys.Meter::name)
                .filter(meter::equals)
                .findFirst()
                .orElse("");
    }

    /** Stores what was read so far with the job: leak and fault are then derived from it. */
    @PostMapping("/jobs/{id}/purge/keep")
    String keep(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        listening(jobs.onBench(id).orElseThrow(() -> new NotFound("job")));
        return place.edited(id, sent, preferences, model, content -> meters.logged(id, content.purge()));
    }

    /** What a job listens to, and since when. */
    private record MeterSubscription(UUID job, String meter, PurgePlan plan, Instant started) {

        String channel(MeasuredQuantity kind) {
            return PurgeMeters.channel(job, meter, kind);
        }
    }

    private MeterSubscription listening(Job job) {
        PurgeText typed = job.content().purge();
        Optional<PurgePlan> plan = planner.plan(job)
                .sheet()
                .value()
                .flatMap(sheet -> PurgeReader.read(typed, sheet).plan());
        Optional<Instant> started = typed.text(PurgeText.STARTED).flatMap(PurgeWait::instant);
        String meter = typed.text(PurgeText.LISTEN).orElse("");
        if (plan.isEmpty() || started.isEmpty() || meter.isEmpty()) {
            throw new NotFound("meter beside this purge");
        }
        return new MeterSubscription(job.id(), meter, plan.get(), started.get());
    }

    /** What the meter reads, as it comes: first what it has read since the argon was opened. */
    @GetMapping(path = "/jobs/{id}/purge/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> live(@PathVariable UUID id) {
        MeterSubscription listening = listening(jobs.onBench(id).orElseThrow(() -> new NotFound("job")));
        PurgeMeters.fault(listening.meter())
                .ifPresent(fault -> meters.read(id, listening.plan(), fault, listening.started()));
        List<String> channels =
                List.of(listening.channel(MeasuredQuantity.OXYGEN), listening.channel(MeasuredQuantity.GAS_FLOW));
        Optional<Listener> listener = room.listen(Set.copyOf(channels));
        List<Measurement> before = channels.stream()
                .flatMap(channel -> room.recent(channel).stream())
                .filter(reading -> !reading.at().isBefore(listening.started()))
                .toList();
        AtomicReference<List<Measurement>> first = new AtomicReference<>(before);
        TargetConfirmation below = new TargetConfirmation(listening.plan().ask().targetPpm());
        Optional<SseEmitter> emitter = listener.flatMap(
                own -> events.open(() -> message(listening, own, first, below), () -> room.leave(own)));
        if (emitter.isEmpty()) {
            listener.ifPresent(room::leave);
        }
        return emitter.map(ResponseEntity::ok)
                .orElseGet(() ->
                        ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build());
    }

    private static EventMessage message(
            MeterSubscription listening,
            Listener own,
            AtomicReference<List<Measurement>> first,
            TargetConfirmation below) {
        List<Measurement> batch = new ArrayList<>(first.getAndSet(List.of()));
        batch.addAll(own.take().readings());
        if (batch.isEmpty()) {
            return new EventMessage(Optional.empty(), false);
        }
        return new EventMessage(
                Optional.of(batch.stream()
                        .map(reading -> message(listening, reading, below))
                        .toList()),
                false);
    }

    private static LiveOxygen message(MeterSubscription listening, Measurement reading, TargetConfirmation below) {
        double s = Duration.between(listening.started(), reading.at()).toMillis() / 1000.0;
        if (reading.channel().endsWith("." + MeasuredQuantity.GAS_FLOW)) {
            FlowVerdict verdict = FlowMeter.verdict(listening.plan().ask().flow(), reading.value());
            String says = verdict == FlowVerdict.AS_SET
                    ? ""
                    : Phrasebook.say(Phrase.of("purge.flow." + verdict), UnitSystem.METRIC);
            return new LiveOxygen(s, 0, reading.value(), says, "", "", false);
        }
        return new LiveOxygen(
                s,
                reading.value(),
                0,
                "",
                OxygenChart.place(listening.plan(), s, reading.value()),
                PurgeWait.inside(listening.plan().ask().root().metal(), reading.value()),
                below.holds(s, reading.value()));
    }
}
