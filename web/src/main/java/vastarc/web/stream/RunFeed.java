package vastarc.web.stream;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import vastarc.core.record.weldlog.ArcDetector;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunState;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.store.run.WeldRunService.BoothEvent;
import vastarc.web.store.run.WeldRunService.OpenRun;

/**
 * Brings readings of meters to the runs that listen to them: kept first, then shown. Where current is read, the arc begins and ends the
 * run's arcs by itself.
 */
@Component
public class RunFeed {

    private static final int MOST_LIVE = 64;

    private final WeldRunService runs;
    private final MeasurementHub room;
    private final Map<UUID, LiveRun> live = new ConcurrentHashMap<>();

    RunFeed(WeldRunService runs, MeasurementHub room) {
        this.runs = runs;
        this.room = room;
    }

    /** A reading of a meter. */
    public record RunMeasurement(Instant at, MeasuredQuantity kind, double value) {}

    /** What is remembered of a run while it listens. */
    private static final class LiveRun {
        private final ArcDetector arc;
        private final AtomicLong changes = new AtomicLong();
        private final Map<MeasuredQuantity, Double> lastS = new EnumMap<>(MeasuredQuantity.class);

        LiveRun(ArcDetector arc) {
            this.arc = arc;
        }

        /** Whether a reading is none older than the last of its quantity; an older one is kept, but shows nothing that is new. */
        private boolean isNews(MeasuredQuantity kind, double s) {
            return s >= lastS.merge(kind, s, Math::max);
        }
    }

    /**
     * {@return channel of a quantity beside a run}
     *
     * @param run id of the run
     * @param kind the quantity
     */
    public static String channel(UUID run, MeasuredQuantity kind) {
        return run + "." + kind;
    }

    /**
     * {@return counts what has happened to a run since the program started, so that a page asks only where something
     * did}
     *
     * @param run id of the run
     */
    public long changes(UUID run) {
        LiveRun liveRun = live.get(run);
        return liveRun == null ? 0 : liveRun.changes.get();
    }

    /**
     * Something happened to a run by a welder.
     *
     * @param under the open run
     */
    public void publish(OpenRun under) {
        LiveRun liveRun = live(under.run());
        synchronized (liveRun) {
            liveRun.arc.setBurning(RunState.burning(under.events()));
        }
        liveRun.changes.incrementAndGet();
    }

    /**
     * Readings of a meter, for every run that listens to it, in order of time.
     *
     * @param meter name of the meter
     * @param readings the measurements
     */
    public void accept(String meter, List<RunMeasurement> readings) {
        for (RunMeasurement reading : readings) {
            room.publish(new Measurement(meter + "." + reading.kind(), reading.at(), reading.value(), false));
        }
        runs.listening(meter).forEach(run -> accept(run, readings, false));
    }

    /**
     * Readings beside one run, in order of time.
     *
     * @param run the run
     * @param readings the measurements
     * @param simulated whether a simulated meter gave them
     */
    public void accept(WeldRun run, List<RunMeasurement> readings, boolean simulated) {
        LiveRun liveRun = live(run);
        synchronized (liveRun) {
            runs.addReadings(run.id(), channels(run, readings), simulated);
            readings.stream()
                    .filter(reading -> liveRun.isNews(reading.kind(), seconds(run, reading.at())))
                    .forEach(reading -> show(run, liveRun, reading, simulated));
        }
        liveRun.changes.incrementAndGet();
    }

    private void show(WeldRun run, LiveRun liveRun, RunMeasurement reading, boolean simulated) {
        if (reading.kind() == MeasuredQuantity.CURRENT) {
            liveRun.arc.accept(seconds(run, reading.at()), reading.value()).ifPresent(event -> happened(run, event));
        }
        room.publish(new Measurement(channel(run.id(), reading.kind()), reading.at(), reading.value(), simulated));
    }

    private void happened(WeldRun run, RunEvent event) {
        Instant at = run.startedAt().plusMillis(Math.round(1000 * event.atS()));
        runs.happened(run.id(), new BoothEvent(event.kind(), at, Optional.empty()));
    }

    /** Readings by quantity in the time of the run; what was read before it began is taken at its beginning. */
    private static Map<MeasuredQuantity, Channel> channels(WeldRun run, List<RunMeasurement> readings) {
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        readings.stream()
                .collect(Collectors.groupingBy(RunMeasurement::kind))
                .forEach((kind, list) -> channels.put(
                        kind,
                        Channel.of(
                                list.stream()
                                        .mapToDouble(reading -> Math.max(0, seconds(run, reading.at())))
                                        .toArray(),
                                list.stream().mapToDouble(RunMeasurement::value).toArray())));
        return channels;
    }

    private static double seconds(WeldRun run, Instant at) {
        return Duration.between(run.startedAt(), at).toMillis() / 1000.0;
    }

    private LiveRun live(WeldRun run) {
        if (live.size() > MOST_LIVE) {
            live.keySet()
                    .removeIf(id -> runs.find(id)
                            .map(weldRun -> weldRun.endedAt().isPresent())
                            .orElse(true));
        }
        return live.computeIfAbsent(run.id(), id -> {
            double least = runs.record(id)
                    .flatMap(document -> document.value())
                    .map(RunRecord::plan)
                    .map(plan -> plan.leastStable())
                    .orElse(0.0);
            return new LiveRun(new ArcDetector(least, RunState.burning(runs.events(id))));
        });
    }

    /**
     * A run is closed: nothing more is shown of it live.
     *
     * @param run id of the run
     */
    public void closed(UUID run) {
        LiveRun liveRun = live.remove(run);
        if (liveRun != null) {
            liveRun.changes.incrementAndGet();
        }
        for (MeasuredQuantity kind : MeasuredQuantity.values()) {
            room.forget(channel(run, kind));
        }
    }
}
