package vastarc.web.stream;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import vastarc.core.run.Booth;
import vastarc.core.run.Channel;
import vastarc.core.run.LiveArc;
import vastarc.core.run.Measured;
import vastarc.core.run.RunEvent;
import vastarc.web.kept.run.Run;
import vastarc.web.kept.run.RunRecord;
import vastarc.web.kept.run.RunStore;

/**
 * Brings readings of meters to the runs that listen to them: kept first, then shown. Where current is read, the arc begins and ends the
 * run's arcs by itself.
 */
@Component
public class RunFeed {

    private static final int MOST_LIVE = 64;

    private final RunStore runs;
    private final StreamRoom room;
    private final Map<UUID, Live> live = new ConcurrentHashMap<>();

    RunFeed(RunStore runs, StreamRoom room) {
        this.runs = runs;
        this.room = room;
    }

    /** A reading of a meter. */
    public record Heard(Instant at, Measured kind, double value) {}

    /** What is remembered of a run while it listens. */
    private static final class Live {
        private final LiveArc arc;
        private final AtomicLong changes = new AtomicLong();
        private double lastS;

        Live(LiveArc arc) {
            this.arc = arc;
        }
    }

    /** Channel of a quantity beside a run. */
    public static String channel(UUID run, Measured kind) {
        return run + "." + kind;
    }

    /** Counts what has happened to a run since the program started, so that a page asks only where something did. */
    public long changes(UUID run) {
        Live one = live.get(run);
        return one == null ? 0 : one.changes.get();
    }

    /** Something happened to a run by a hand. */
    public void told(RunStore.Under under) {
        Live one = live(under.run());
        synchronized (one) {
            one.arc.told(Booth.burning(under.events()));
        }
        one.changes.incrementAndGet();
    }

    /** Readings of a meter, for every run that listens to it. */
    public void heard(String meter, List<Heard> readings) {
        for (Heard reading : readings) {
            room.publish(new Reading(meter + "." + reading.kind(), reading.at(), reading.value(), false));
        }
        runs.listening(meter).forEach(run -> heard(run, readings, false));
    }

    /** Readings beside one run. */
    public void heard(Run run, List<Heard> readings, boolean simulated) {
        Live one = live(run);
        synchronized (one) {
            runs.heard(run.id(), channels(run, one, readings), simulated);
            for (Heard reading : readings) {
                if (reading.kind() == Measured.CURRENT) {
                    one.arc.heard(seconds(run, reading.at()), reading.value()).ifPresent(event -> happened(run, event));
                }
                room.publish(new Reading(channel(run.id(), reading.kind()), reading.at(), reading.value(), simulated));
            }
        }
        one.changes.incrementAndGet();
    }

    private void happened(Run run, RunEvent event) {
        runs.happened(run.id(), event.kind(), run.startedAt().plusMillis(Math.round(1000 * event.atS())));
    }

    /** Readings by quantity in the time of the run; one that is late is taken at the time of the last. */
    private static Map<Measured, Channel> channels(Run run, Live one, List<Heard> readings) {
        Map<Measured, List<double[]>> by = new EnumMap<>(Measured.class);
        for (Heard reading : readings) {
            one.lastS = Math.max(one.lastS, seconds(run, reading.at()));
            by.computeIfAbsent(reading.kind(), kind -> new ArrayList<>())
                    .add(new double[] {one.lastS, reading.value()});
        }
        Map<Measured, Channel> channels = new EnumMap<>(Measured.class);
        by.forEach((kind, list) -> channels.put(
                kind,
                Channel.of(
                        list.stream().mapToDouble(pair -> pair[0]).toArray(),
                        list.stream().mapToDouble(pair -> pair[1]).toArray())));
        return channels;
    }

    private static double seconds(Run run, Instant at) {
        return Duration.between(run.startedAt(), at).toMillis() / 1000.0;
    }

    private Live live(Run run) {
        if (live.size() > MOST_LIVE) {
            live.keySet()
                    .removeIf(id ->
                            runs.find(id).map(one -> one.endedAt().isPresent()).orElse(true));
        }
        return live.computeIfAbsent(run.id(), id -> {
            double least = runs.record(id)
                    .flatMap(document -> document.value())
                    .map(RunRecord::plan)
                    .map(plan -> plan.leastStable())
                    .orElse(0.0);
            return new Live(new LiveArc(least, Booth.burning(runs.events(id))));
        });
    }

    /** A run is closed: nothing more is shown of it live. */
    public void closed(UUID run) {
        Live one = live.remove(run);
        if (one != null) {
            one.changes.incrementAndGet();
        }
        for (Measured kind : Measured.values()) {
            room.forget(channel(run, kind));
        }
    }
}
