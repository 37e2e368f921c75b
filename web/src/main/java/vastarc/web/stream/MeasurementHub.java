package vastarc.web.stream;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Service;
import vastarc.core.equipment.CurrentMeter;
import vastarc.core.equipment.CurrentMeter.ClampReading;

/** Passes readings on to who listens, and keeps the last of every channel. */
@Service
public class MeasurementHub {

    /** Channels whose last readings are stored: five quantities of each of the 40 meters there may be, and of as many runs. */
    static final int MOST_CHANNELS = 400;

    static final int MAX_RECENT = 600;
    static final int MOST_LISTENERS = Events.MOST_OPEN;

    /** A meter is polled, and a listener notified, no more often than this. */
    static final Duration BEAT = Duration.ofMillis(100);

    private final Clock clock;
    /** In the order in which they were last heard of: what has been silent longest is forgotten first. */
    private final Map<String, Deque<Measurement>> recent = new LinkedHashMap<>();

    private final Map<String, PolledMeter> meters = new HashMap<>();
    private final List<Listener> listeners = new CopyOnWriteArrayList<>();

    MeasurementHub(Clock clock) {
        this.clock = clock;
    }

    /** A meter that is asked at every beat, and when it was last. */
    private record PolledMeter(CurrentMeter meter, Instant lastPolled) {}

    /**
     * A reading has come. Who listens hears it whatever is stored; of too many channels the one that has been silent
     * longest is forgotten.
     *
     * @param reading the measurement
     */
    public void publish(Measurement reading) {
        synchronized (recent) {
            Deque<Measurement> last =
                    Optional.ofNullable(recent.remove(reading.channel())).orElseGet(ArrayDeque::new);
            last.addLast(reading);
            if (last.size() > MAX_RECENT) {
                last.removeFirst();
            }
            recent.put(reading.channel(), last);
            if (recent.size() > MOST_CHANNELS) {
                recent.remove(recent.keySet().iterator().next());
            }
        }
        listeners.forEach(listener -> listener.hear(reading));
    }

    /**
     * {@return the last readings of a channel, oldest first}
     *
     * @param channel name of the channel
     */
    public List<Measurement> recent(String channel) {
        synchronized (recent) {
            return new ArrayList<>(recent.getOrDefault(channel, new ArrayDeque<>()));
        }
    }

    /**
     * Forgets a channel.
     *
     * @param channel name of the channel
     */
    public void forget(String channel) {
        synchronized (recent) {
            recent.remove(channel);
        }
    }

    /**
     * Asks a meter at every beat, under the name of a channel, until it is let go.
     *
     * @param channel name of the channel
     * @param meter the meter
     * @return whether it is; not where too many are asked already
     */
    public synchronized boolean watch(String channel, CurrentMeter meter) {
        boolean room = meters.size() < MOST_CHANNELS || meters.containsKey(channel);
        if (room) {
            meters.put(channel, new PolledMeter(meter, Instant.EPOCH));
        }
        return room;
    }

    /**
     * Stops listening.
     *
     * @param channel name of the channel
     */
    public synchronized void letGo(String channel) {
        meters.remove(channel);
    }

    /** Asks every meter whose beat has come. */
    synchronized void beat() {
        Instant now = clock.instant();
        meters.replaceAll((channel, watched) -> {
            if (watched.lastPolled().plus(BEAT).isAfter(now)) {
                return watched;
            }
            ClampReading shown = watched.meter().read();
            publish(new Measurement(channel, now, shown.amps(), shown.simulated()));
            return new PolledMeter(watched.meter(), now);
        });
    }

    /**
     * {@return somebody listens; empty where too many do already}
     *
     * @param channels names of the channels
     */
    public Optional<Listener> listen(Set<String> channels) {
        if (listeners.size() >= MOST_LISTENERS) {
            return Optional.empty();
        }
        Listener listener = new Listener(channels);
        listeners.add(listener);
        return Optional.of(listener);
    }

    /**
     * Somebody no longer listens.
     *
     * @param listener the listener
     */
    public void leave(Listener listener) {
        listeners.remove(listener);
    }

    int listening() {
        return listeners.size();
    }
}
