package vastarc.web.purge;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import vastarc.core.physics.purge.FlowMeter;
import vastarc.core.physics.purge.LeakFit;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.OxygenMeter;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.request.MeterText;
import vastarc.web.schedule.ScheduleConfiguration;
import vastarc.web.store.job.PurgeText;
import vastarc.web.stream.Measurement;
import vastarc.web.stream.MeasurementHub;

/**
 * Meters beside purges that are being filled. Simulated ones are asked once a second by the program's clock and pass into the stream room,
 * where real ones come by themselves; a program started anew goes on at the time of the clock.
 */
@Component
class PurgeMeters {

    static final int MOST = 16;

    private static final Duration LONGEST = Duration.ofHours(2);
    private static final Duration BETWEEN = Duration.ofSeconds(1);
    private static final int MOST_READ_UP = 600;
    private static final int MAX_READINGS = 100;

    private final MeasurementHub room;
    private final Clock clock;
    private final Map<UUID, SimulatedPurge> simulated = new ConcurrentHashMap<>();

    PurgeMeters(MeasurementHub room, Clock clock) {
        this.room = room;
        this.clock = clock;
    }

    private static final class SimulatedPurge {
        private final Instant started;
        private final MeterFault fault;
        private final OxygenMeter oxygen;
        private final FlowMeter flow;
        private Instant lastRead;
        private boolean stopped;

        SimulatedPurge(PurgePlan plan, MeterFault fault, Instant started) {
            long seed = started.toEpochMilli();
            this.started = started;
            this.fault = fault;
            this.oxygen = new OxygenMeter(plan.purge(), fault, seed);
            this.flow = new FlowMeter(plan.purge(), fault, seed + 1);
            this.lastRead = started;
        }

        /** What it was just telling is given before; after it tells nothing. */
        synchronized void stop() {
            stopped = true;
        }
    }

    /** Channel of a quantity beside the purge of a job. */
    static String simulatedChannel(UUID job, MeasuredQuantity kind) {
        return job + ".purge." + kind;
    }

    /**
     * A simulated meter reads beside a purge, the same one as long as purge and fault are; of too many, the first begun stops. Beside a purge
     * that was begun long ago none reads.
     */
    synchronized void read(UUID job, PurgePlan plan, MeterFault fault, Instant started) {
        if (Duration.between(started, clock.instant()).compareTo(LONGEST) > 0) {
            forget(job);
            return;
        }
        SimulatedPurge now = simulated.get(job);
        if (now != null && now.started.equals(started) && now.fault == fault) {
            return;
        }
        forget(job);
        if (simulated.size() >= MOST) {
            simulated.entrySet().stream()
                    .min(Comparator.comparing(entry -> entry.getValue().started))
                    .map(Map.Entry::getKey)
                    .ifPresent(this::forget);
        }
        simulated.put(job, new SimulatedPurge(plan, fault, started));
    }

    /** Nobody reads beside it any more. */
    void forget(UUID job) {
        Optional.ofNullable(simulated.remove(job)).ifPresent(SimulatedPurge::stop);
        room.forget(simulatedChannel(job, MeasuredQuantity.OXYGEN));
        room.forget(simulatedChannel(job, MeasuredQuantity.GAS_FLOW));
    }

    @Scheduled(fixedRate = 250, timeUnit = TimeUnit.MILLISECONDS, scheduler = ScheduleConfiguration.LINES)
    void beat() {
        Instant now = clock.instant();
        simulated.forEach((job, simulatedPurge) -> {
            synchronized (simulatedPurge) {
                tell(job, simulatedPurge, now);
            }
            if (Duration.between(simulatedPurge.started, now).compareTo(LONGEST) > 0) {
                forget(job);
            }
        });
    }

    /** Every second since it was last asked; after a long time only the last ten minutes of them are passed on. */
    private void tell(UUID job, SimulatedPurge simulatedPurge, Instant now) {
        Instant earliest = now.minus(BETWEEN.multipliedBy(MOST_READ_UP));
        while (!simulatedPurge.stopped && !simulatedPurge.lastRead.plus(BETWEEN).isAfter(now)) {
            simulatedPurge.lastRead = simulatedPurge.lastRead.plus(BETWEEN);
            double s = Duration.between(simulatedPurge.started, simulatedPurge.lastRead)
                            .toMillis()
                    / 1000.0;
            double ppm = simulatedPurge.oxygen.readPpm(s);
            double flow = simulatedPurge.flow.readLPerMin(s);
            if (simulatedPurge.lastRead.isAfter(earliest)) {
                room.publish(new Measurement(
                        simulatedChannel(job, MeasuredQuantity.OXYGEN), simulatedPurge.lastRead, ppm, true));
                room.publish(new Measurement(
                        simulatedChannel(job, MeasuredQuantity.GAS_FLOW), simulatedPurge.lastRead, flow, true));
            }
        }
    }

    /** A purge with what the meter that it listens to has read since the argon was opened; as it was where too little came. */
    PurgeText logged(UUID job, PurgeText purge) {
        String meter = purge.text(PurgeText.LISTEN).orElse("");
        Optional<Instant> started = purge.text(PurgeText.STARTED).flatMap(PurgeWait::instant);
        if (meter.isEmpty() || started.isEmpty()) {
            return purge;
        }
        List<OxygenReading> read = since(channel(job, meter, MeasuredQuantity.OXYGEN), started.get());
        return read.isEmpty()
                ? purge
                : purge.withReadings(written(read), fault(meter).map(Enum::name));
    }

    /** Where readings of a meter beside a purge come in. */
    static String channel(UUID job, String meter, MeasuredQuantity kind) {
        return fault(meter).isPresent() ? simulatedChannel(job, kind) : meter + "." + kind;
    }

    /** What a channel read since a purge began, evenly thinned, as it is stored. */
    private List<OxygenReading> since(String channel, Instant started) {
        List<Measurement> read = room.recent(channel).stream()
                .filter(reading -> !reading.at().isBefore(started) && reading.value() > 0)
                .toList();
        List<OxygenReading> kept = new ArrayList<>();
        int step = Math.max(1, (read.size() + MAX_READINGS - 1) / MAX_READINGS);
        double last = -1;
        for (int i = 0; i < read.size(); i += step) {
            double s = Math.round(Duration.between(started, read.get(i).at()).toMillis() / 100.0) / 10.0;
            if (s > last) {
                kept.add(new OxygenReading(s, read.get(i).value()));
                last = s;
            }
        }
        return kept.size() < LeakFit.FEWEST ? List.of() : kept;
    }

    static List<String> written(List<OxygenReading> readings) {
        return readings.stream().map(MeterText::write).toList();
    }

    /** The fault of a simulated meter by its name; empty for a meter of the shop's. */
    static Optional<MeterFault> fault(String meter) {
        return Arrays.stream(MeterFault.values())
                .filter(fault -> meter.equals(PurgeText.SIMULATED_METER + fault))
                .findFirst();
    }
}
