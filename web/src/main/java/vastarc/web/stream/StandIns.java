package vastarc.web.stream;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import vastarc.core.run.Channel;
import vastarc.core.run.Trace;
import vastarc.web.ScheduleConfiguration;
import vastarc.web.kept.run.Run;
import vastarc.web.kept.run.RunStore;

/** Meters that do not exist: they read along a simulated weld in its own time, by the program's clock. */
@Component
public class StandIns {

    static final int MOST = 16;

    private final RunFeed feed;
    private final RunStore runs;
    private final Clock clock;
    private final Map<UUID, Playing> playing = new ConcurrentHashMap<>();

    StandIns(RunFeed feed, RunStore runs, Clock clock) {
        this.feed = feed;
        this.runs = runs;
        this.clock = clock;
    }

    private static final class Playing {
        private final Trace trace;
        private final Instant begun;
        private double toldS = -1;

        Playing(Trace trace, Instant begun) {
            this.trace = trace;
            this.begun = begun;
        }
    }

    /** A stand-in welds beside a run; another one before it stops. Empty hands where too many weld already. */
    public boolean weld(UUID run, Trace trace) {
        if (playing.size() >= MOST && !playing.containsKey(run)) {
            return false;
        }
        playing.put(run, new Playing(trace, clock.instant()));
        return true;
    }

    /** Whether one welds beside a run just now. */
    public boolean welds(UUID run) {
        return playing.containsKey(run);
    }

    public void stop(UUID run) {
        playing.remove(run);
    }

    @Scheduled(fixedRate = 100, timeUnit = TimeUnit.MILLISECONDS, scheduler = ScheduleConfiguration.LINES)
    public void beat() {
        playing.forEach((id, one) -> {
            Run run = runs.find(id).filter(found -> found.endedAt().isEmpty()).orElse(null);
            if (run == null || tell(run, one)) {
                playing.remove(id, one);
            }
        });
    }

    /** Tells what has been read since the last beat; whether that was all. */
    private boolean tell(Run run, Playing one) {
        double now = Duration.between(one.begun, clock.instant()).toMillis() / 1000.0;
        List<RunFeed.Heard> readings = new ArrayList<>();
        one.trace.channels().forEach((kind, channel) -> {
            for (int i = first(channel, one.toldS); i < channel.size() && channel.s(i) <= now; i++) {
                Instant at = one.begun.plusMillis(Math.round(1000 * channel.s(i)));
                readings.add(new RunFeed.Heard(at, kind, channel.value(i)));
            }
        });
        one.toldS = now;
        readings.sort(Comparator.comparing(RunFeed.Heard::at));
        if (!readings.isEmpty()) {
            feed.heard(run, readings, true);
        }
        return now >= one.trace.endS();
    }

    /** The first reading after a time. */
    private static int first(Channel channel, double afterS) {
        int low = 0;
        int high = channel.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (channel.s(middle) <= afterS) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
