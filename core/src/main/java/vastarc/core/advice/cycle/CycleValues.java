package vastarc.core.advice.cycle;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import vastarc.core.base.tables.Maps;
import vastarc.core.physics.heat.Pulse;

/**
 * The numbers a weld cycle is played with.
 *
 * @param values    every {@link CycleKey}, in its unit
 * @param leastA    lowest current the arc holds, where the pedal or a background would go below, A
 * @param spots     spots of a stitch
 * @param weldS     time at working current that the seam takes, s
 */
public record CycleValues(Map<CycleKey, Double> values, double leastA, int spots, double weldS) {

    /** Checks its values; throws {@link IllegalArgumentException} where one is out of range. */
    public CycleValues {
        for (CycleKey key : CycleKey.values()) {
            if (values.get(key) == null) {
                throw new IllegalArgumentException("no value for " + key);
            }
        }
        values = Collections.unmodifiableMap(new EnumMap<>(values));
    }

    /**
     * {@return the value of a key in its fixed unit}
     *
     * @param key the key
     */
    public double of(CycleKey key) {
        return Maps.get(values, key);
    }

    /**
     * {@return these values with another value for a key, in its fixed unit}
     *
     * @param key the key
     * @param value the value
     */
    public CycleValues with(CycleKey key, double value) {
        Map<CycleKey, Double> changed = new EnumMap<>(values);
        changed.put(key, value);
        return new CycleValues(changed, leastA, spots, weldS);
    }

    /** The pulse at working current; steady where its rate is 0. */
    Pulse pulse() {
        double peak = of(CycleKey.WORKING_CURRENT);
        return of(CycleKey.PULSE_RATE) == 0
                ? Pulse.steady(peak)
                : new Pulse(
                        of(CycleKey.PULSE_RATE),
                        of(CycleKey.PULSE_ON_TIME) / 100,
                        of(CycleKey.PULSE_BACKGROUND) / 100,
                        peak);
    }
}
