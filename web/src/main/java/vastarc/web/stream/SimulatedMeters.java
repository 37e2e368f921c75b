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
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.Recording;
import vastarc.web.schedule.ScheduleConfiguration;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.stream.RunFeed.RunMeasurement;

/** Meters that do not exist: they read along a simulated weld in its own time, by the program's clock. */
@Component
public class SimulatedMeters {

    static final int MOST = 16;

    private final RunFeed feed;
    private final WeldRunService runs;
    private final Clock clock;
    private final Map<UUID, PlayedRecording> playing = new ConcurrentHashMap<>();

    SimulatedMeters(RunFeed feed, WeldRunService runs, Clock clock) {
        this.feed = feed;
        this.runs = runs;
        this.clock = clock;
    }

    private static final class PlayedRecording {
        private final Recording trace;
        private final Instant begun;
        private double sentUntilS = -1;

        PlayedRecording(Recording recording, Instant begun) {
            this.trace = recording;
            this.begun = begun;
        }
    }

    /**
     * Starts a simulated weld beside a run; an earlier one of it stops. Not where too many are running.
     *
     * @param run id of the run
     * @param recording the recording
     * @return whether it was started
     */
    public boolean weld(UUID run, Recording recording) {
        if (playing.size() >= MOST && !playing.containsKey(run)) {
            return false;
        }
        playing.put(run, new PlayedRecording(recording, clock.instant()));
        return true;
    }

    /**
     * {@return whether one welds beside a run just now}
     *
     * @param run id of the run
     */
    public boolean welds(UUID run) {
        return playing.containsKey(run);
    }

    /**
     * Stops a simulated weld.
     *
     * @param run id of the run
     */
    public void stop(UUID run) {
        playing.remove(run);
    }

    /** Sends the readings that are due. */
    @Scheduled(fixedRate = 100, timeUnit = TimeUnit.MILLISECONDS, scheduler = ScheduleConfiguration.LINES)
    public void beat() {
        playing.forEach((id, playedRecording) -> {
            WeldRun run =
                    runs.find(id).filter(found -> found.endedAt().isEmpty()).orElse(null);
            if (run == null || tell(run, playedRecording)) {
                playing.remove(id, playedRecording);
            }
        });
    }

    /** Tells what has been read since the last beat; whether that was all. */
    private boolean tell(WeldRun run, PlayedRecording playedRecording) {
        double now = Duration.between(playedRecording.begun, clock.instant()).toMillis() / 1000.0;
        List<RunMeasurement> readings = new ArrayList<>();
        playedRecording.trace.channels().forEach((kind, channel) -> {
            for (int i = first(channel, playedRecording.sentUntilS); i < channel.size() && channel.s(i) <= now; i++) {
                Instant at = playedRecording.begun.plusMillis(Math.round(1000 * channel.s(i)));
                readings.add(new RunMeasurement(at, kind, channel.value(i)));
            }
        });
        playedRecording.sentUntilS = now;
        readings.sort(Comparator.comparing(RunMeasurement::at));
        if (!readings.isEmpty()) {
            feed.accept(run, readings, true);
        }
        return now >= playedRecording.trace.endS();
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
