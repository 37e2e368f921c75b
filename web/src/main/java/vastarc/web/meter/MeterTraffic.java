package vastarc.web.meter;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import vastarc.core.record.weldlog.MeasuredQuantity;

/**
 * What one meter has sent one way since the program started.
 *
 * @param meter name it gave
 * @param way how it came
 * @param at when the last message came
 * @param messages that were taken in
 * @param readings in them
 * @param last value of each quantity, in its unit
 * @param trouble why the last message was not taken in; empty where it was
 */
public record MeterTraffic(
        String meter,
        Way way,
        Instant at,
        long messages,
        long readings,
        Map<MeasuredQuantity, Double> last,
        Optional<String> trouble) {

    /** A way into the program. */
    public enum Way {
        HTTP,
        MQTT
    }
}
