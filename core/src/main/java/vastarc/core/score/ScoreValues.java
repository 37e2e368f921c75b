package vastarc.core.score;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import vastarc.core.heat.Pulse;
import vastarc.core.table.Complete;

/**
 * The numbers a score is played with.
 *
 * @param values    every {@link ScoreKey}, in its unit
 * @param leastA    lowest current the arc holds, where a foot or a background would go below, A
 * @param spots     spots of a stitch
 * @param weldS     time at working current that the seam takes, s
 */
public record ScoreValues(Map<ScoreKey, Double> values, double leastA, int spots, double weldS) {

    public ScoreValues {
        for (ScoreKey key : ScoreKey.values()) {
            if (values.get(key) == null) {
                throw new IllegalArgumentException("no value for " + key);
            }
        }
        values = Collections.unmodifiableMap(new EnumMap<>(values));
    }

    public double of(ScoreKey key) {
        return Complete.get(values, key);
    }

    public ScoreValues with(ScoreKey key, double value) {
        Map<ScoreKey, Double> changed = new EnumMap<>(values);
        changed.put(key, value);
        return new ScoreValues(changed, leastA, spots, weldS);
    }

    /** The pulse at working current; steady where its rate is 0. */
    Pulse pulse() {
        double peak = of(ScoreKey.WORKING_CURRENT);
        return of(ScoreKey.PULSE_RATE) == 0
                ? Pulse.steady(peak)
                : new Pulse(
                        of(ScoreKey.PULSE_RATE),
                        of(ScoreKey.PULSE_ON_TIME) / 100,
                        of(ScoreKey.PULSE_BACKGROUND) / 100,
                        peak);
    }
}
