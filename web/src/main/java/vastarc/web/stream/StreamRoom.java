package vastarc.web.stream;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Service;
import vastarc.core.machine.CurrentMeter;

/** Passes readings on to who listens, and keeps the last of every channel. */
@Service
public class StreamRoom {

    static final int MOST_CHANNELS = 64;
    static final int MOST_KEPT = 600;
    static final int MOST_LISTENERS = 64;

    /** A meter is asked, and a listener told, no more often than this. */
    static final Duration BEAT = Duration.ofMillis(100);

    private final Clock clock;
    private final Map<String, Deque<Reading>> kept = new HashMap<>();
    private final Map<String, Watched> meters = new HashMap<>();
    private final List<Listener> listeners = new CopyOnWriteArrayList<>();

    StreamRoom(Clock clock) {
        this.clock = clock;
    }

    /** A meter that is asked at every beat, and when it was last. */
    private record Watched(CurrentMeter meter, Instant asked) {}

    /**
     * A reading has come.
     *
     * @return whether it was taken; a new channel beyond the most there may be is not
     */
    public boolean publish(Reading reading) {
        synchronized (kept) {
            if (kept.size() >= MOST_CHANNELS && !kept.containsKey(reading.channel())) {
                return false;
            }
            Deque<Reading> last = kept.computeIfAbsent(reading.channel(), channel -> new ArrayDeque<>());
            last.addLast(reading);
            if (last.size() > MOST_KEPT) {
                last.removeFirst();
            }
        }
        listeners.forEach(listener -> listener.hear(reading));
        return true;
    }

    /** The last readings of a channel, oldest first. */
    public List<Reading> recent(String channel) {
        synchronized (kept) {
            return new ArrayList<>(kept.getOrDefault(channel, new ArrayDeque<>()));
        }
    }

    /** Forgets a channel. */
    public void forget(String channel) {
        synchronized (kept) {
            kept.remove(channel);
        }
    }

    /** Asks a meter at every beat, under the name of a channel, until it is let go. */
    public synchronized void watch(String channel, CurrentMeter meter) {
        if (meters.size() < MOST_CHANNELS || meters.containsKey(channel)) {
            meters.put(channel, new Watched(meter, Instant.EPOCH));
        }
    }

    public synchronized void letGo(String channel) {
        meters.remove(channel);
    }

    /** Asks every meter whose beat has come. */
    synchronized void beat() {
        Instant now = clock.instant();
        meters.replaceAll((channel, watched) -> {
            if (watched.asked().plus(BEAT).isAfter(now)) {
                return watched;
            }
            CurrentMeter.Shown shown = watched.meter().read();
            publish(new Reading(channel, now, shown.amps(), shown.simulated()));
            return new Watched(watched.meter(), now);
        });
    }

    /** Somebody listens; empty where too many do already. */
    public Optional<Listener> listen(Set<String> channels) {
        if (listeners.size() >= MOST_LISTENERS) {
            return Optional.empty();
        }
        Listener listener = new Listener(channels);
        listeners.add(listener);
        return Optional.of(listener);
    }

    /** Somebody no longer listens. */
    public void leave(Listener listener) {
        listeners.remove(listener);
    }

    int listening() {
        return listeners.size();
    }
}
