package vastarc.core.run;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * Everything that meters read beside one run, in the time of the run.
 *
 * @param channels by quantity; a quantity that was not read is not in it
 */
public record Trace(Map<Measured, Channel> channels) {

    /** Most readings of one quantity that are taken: an hour at fifty a second. */
    public static final int MOST = 180_000;

    public Trace {
        EnumMap<Measured, Channel> copy = new EnumMap<>(Measured.class);
        channels.forEach((kind, channel) -> {
            if (!channel.isEmpty()) {
                copy.put(kind, channel);
            }
        });
        channels = Collections.unmodifiableMap(copy);
    }

    /** Current alone. */
    public static Trace of(Channel current) {
        return new Trace(Map.of(Measured.CURRENT, current));
    }

    public Channel channel(Measured kind) {
        return channels.getOrDefault(kind, Channel.none());
    }

    public Channel current() {
        return channel(Measured.CURRENT);
    }

    public boolean has(Measured kind) {
        return channels.containsKey(kind);
    }

    /** Time of the last reading, s. */
    public double endS() {
        return channels.values().stream().mapToDouble(Channel::endS).max().orElse(0);
    }
}
