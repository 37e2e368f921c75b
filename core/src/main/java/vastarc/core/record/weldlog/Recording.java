package vastarc.core.record.weldlog;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * Everything that meters read beside one run, in the time of the run.
 *
 * @param channels by quantity; a quantity that was not read is not in it
 */
public record Recording(Map<MeasuredQuantity, Channel> channels) {

    /** Most readings of one quantity that are taken: an hour at fifty a second. */
    public static final int MOST = 180_000;

    /** Copies its collections, so that it cannot change. */
    public Recording {
        EnumMap<MeasuredQuantity, Channel> copy = new EnumMap<>(MeasuredQuantity.class);
        channels.forEach((kind, channel) -> {
            if (!channel.isEmpty()) {
                copy.put(kind, channel);
            }
        });
        channels = Collections.unmodifiableMap(copy);
    }

    /**
     * {@return current alone}
     *
     * @param current the channel of the current
     */
    public static Recording of(Channel current) {
        return new Recording(Map.of(MeasuredQuantity.CURRENT, current));
    }

    /**
     * {@return the readings of a quantity, none where nothing measured it}
     *
     * @param kind the quantity
     */
    public Channel channel(MeasuredQuantity kind) {
        return channels.getOrDefault(kind, Channel.none());
    }

    /** {@return the readings of current, A} */
    public Channel current() {
        return channel(MeasuredQuantity.CURRENT);
    }

    /**
     * {@return whether a quantity was measured}
     *
     * @param kind the quantity
     */
    public boolean has(MeasuredQuantity kind) {
        return channels.containsKey(kind);
    }

    /** {@return time of the last reading, s} */
    public double endS() {
        return channels.values().stream().mapToDouble(Channel::endS).max().orElse(0);
    }
}
