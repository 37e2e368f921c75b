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
import vastarc.core.purge.FlowMeter;
import vastarc.core.purge.LeakFit;
import vastarc.core.purge.OxygenMeter;
import vastarc.core.purge.PurgePlan;
import vastarc.core.run.Measured;
import vastarc.web.ScheduleConfiguration;
import vastarc.web.kept.job.PurgeText;
import vastarc.web.request.MeterText;
import vastarc.web.stream.Reading;
import vastarc.web.stream.StreamRoom;

/**
 * Meters beside purges that are being filled. Simulated ones are asked once a second by the program's clock and pass into the stream room,
 * where real ones come by themselves; a program started anew goes on where the clock stands.
 */
@Component
class PurgeMeters {

    static final int MOST = 16;

    private static final Duration LONGEST = Duration.ofHours(2);
    private static final Duration BETWEEN = Duration.ofSeconds(1);
    private static final int MOST_READ_UP = 600;
    private static final int KEPT = 100;

    private final StreamRoom room;
    private final Clock clock;
    private final Map<UUID, Simulated> simulated = new ConcurrentHashMap<>();

    PurgeMeters(StreamRoom room, Clock clock) {
        this.room = room;
        this.clock = clock;
    }

    private static final class Simulated {
        private final Instant started;
        private final OxygenMeter.Fault fault;
        private final OxygenMeter oxygen;
        private final FlowMeter flow;
        private Instant asked;
        private boolean stopped;

        Simulated(PurgePlan plan, OxygenMeter.Fault fault, Instant started) {
            long seed = started.toEpochMilli();
            this.started = started;
            this.fault = fault;
            this.oxygen = new OxygenMeter(plan.purge(), fault, seed);
            this.flow = new FlowMeter(plan.purge(), fault, seed + 1);
            this.asked = started;
        }

        /** What it was just telling is told before; after it tells nothing. */
        synchronized void stop() {
            stopped = true;
        }
    }

    /** Channel of a quantity beside the purge of a job. */
    static String simulatedChannel(UUID job, Measured kind) {
        return job + ".purge." + kind;
    }

    /**
     * A simulated meter reads beside a purge, the same one as long as purge and fault are; of too many, the first begun stops. Beside a purge
     * that was begun long ago none reads.
     */
    synchronized void read(UUID job, PurgePlan plan, OxygenMeter.Fault fault, Instant started) {
        if (Duration.between(started, clock.instant()).compareTo(LONGEST) > 0) {
            forget(job);
            return;
        }
        Simulated now = simulated.get(job);
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
        simulated.put(job, new Simulated(plan, fault, started));
    }

    /** Nobody reads beside it any more. */
    void forget(UUID job) {
        Optional.ofNullable(simulated.remove(job)).ifPresent(Simulated::stop);
        room.forget(simulatedChannel(job, Measured.OXYGEN));
        room.forget(simulatedChannel(job, Measured.GAS_FLOW));
    }

    @Scheduled(fixedRate = 250, timeUnit = TimeUnit.MILLISECONDS, scheduler = ScheduleConfiguration.LINES)
    void beat() {
        Instant now = clock.instant();
        simulated.forEach((job, one) -> {
            synchronized (one) {
                tell(job, one, now);
            }
            if (Duration.between(one.started, now).compareTo(LONGEST) > 0) {
                forget(job);
            }
        });
    }

    /** Every second since it was last asked; after a long time only the last ten minutes of them are passed on. */
    private void tell(UUID job, Simulated one, Instant now) {
        Instant earliest = now.minus(BETWEEN.multipliedBy(MOST_READ_UP));
        while (!one.stopped && !one.asked.plus(BETWEEN).isAfter(now)) {
            one.asked = one.asked.plus(BETWEEN);
            double s = Duration.between(one.started, one.asked).toMillis() / 1000.0;
            double ppm = one.oxygen.readPpm(s);
            double flow = one.flow.readLPerMin(s);
            if (one.asked.isAfter(earliest)) {
                room.publish(new Reading(simulatedChannel(job, Measured.OXYGEN), one.asked, ppm, true));
                room.publish(new Reading(simulatedChannel(job, Measured.GAS_FLOW), one.asked, flow, true));
            }
        }
    }

    /** What a channel read since a purge began, evenly thinned, as it is kept. */
    List<LeakFit.Reading> since(String channel, Instant started) {
        List<Reading> read = room.recent(channel).stream()
                .filter(reading -> !reading.at().isBefore(started) && reading.value() > 0)
                .toList();
        List<LeakFit.Reading> kept = new ArrayList<>();
        int step = Math.max(1, (read.size() + KEPT - 1) / KEPT);
        double last = -1;
        for (int i = 0; i < read.size(); i += step) {
            double s = Math.round(Duration.between(started, read.get(i).at()).toMillis() / 100.0) / 10.0;
            if (s > last) {
                kept.add(new LeakFit.Reading(s, read.get(i).value()));
                last = s;
            }
        }
        return kept.size() < LeakFit.FEWEST ? List.of() : kept;
    }

    static List<String> written(List<LeakFit.Reading> readings) {
        return readings.stream().map(MeterText::write).toList();
    }

    /** The fault of a simulated meter by its name; empty for a meter of the shop's. */
    static Optional<OxygenMeter.Fault> fault(String meter) {
        return Arrays.stream(OxygenMeter.Fault.values())
                .filter(fault -> meter.equals(PurgeText.SIMULATED_METER + fault))
                .findFirst();
    }
}
