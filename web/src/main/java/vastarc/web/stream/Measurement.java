package vastarc.web.stream;

import java.time.Instant;

/**
 * What a meter said.
 *
 * @param channel   which meter
 * @param at        when
 * @param value     in the channel's unit; finite
 * @param simulated made up by the program, to be labelled as such
 */
public record Measurement(String channel, Instant at, double value, boolean simulated) {

    public Measurement {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("a reading of " + channel + " was " + value + ", must be finite");
        }
    }
}
