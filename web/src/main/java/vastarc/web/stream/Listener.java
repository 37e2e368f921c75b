package vastarc.web.stream;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Set;

/** Somebody who listens to channels. What waits for a slow one is bounded: the oldest readings are given up and counted. */
public final class Listener {

    static final int MOST_WAITING = 500;

    private final Set<String> channels;
    private final Deque<Measurement> waiting = new ArrayDeque<>();
    private long missed;

    Listener(Set<String> channels) {
        this.channels = Set.copyOf(channels);
    }

    /**
     * What has come since the last time.
     *
     * @param readings in the order they came
     * @param missed   readings given up since the last time, because they waited too long
     */
    public record Batch(List<Measurement> readings, long missed) {

        /** {@return whether nothing has come} */
        public boolean isEmpty() {
            return readings.isEmpty() && missed == 0;
        }
    }

    synchronized void hear(Measurement reading) {
        if (channels.contains(reading.channel())) {
            waiting.addLast(reading);
            if (waiting.size() > MOST_WAITING) {
                waiting.removeFirst();
                missed++;
            }
        }
    }

    /**
     * Takes all that waits.
     *
     * @return the batch
     */
    public synchronized Batch take() {
        Batch batch = new Batch(new ArrayList<>(waiting), missed);
        waiting.clear();
        missed = 0;
        return batch;
    }
}
