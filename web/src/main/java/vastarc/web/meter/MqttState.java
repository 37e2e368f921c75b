package vastarc.web.meter;

import java.time.Instant;

/**
 * How it is with the broker.
 *
 * @param phase what the program is doing about it
 * @param broker its address; empty where none is wanted
 * @param since when that began
 */
public record MqttState(Phase phase, String broker, Instant since) {

    /** Whether the program is connected. */
    public enum Phase {
        /** No broker was named at start. */
        OFF,
        /** What was named at start is no address of a broker, or its port is taken. */
        WRONG,
        /** It cannot be reached, or does not let the program in; tried again and again. */
        TRYING,
        /** Readings come. */
        CONNECTED
    }
}
