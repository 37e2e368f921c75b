package vastarc.core.advice.parameters;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.physics.heat.Pulse;

/**
 * Values the welder has set itself, over what the engine would set.
 *
 * @param values by setting, in the setting's unit
 */
public record OwnValues(Map<ParameterKey, Double> values) {

    private static final OwnValues NONE = new OwnValues(Map.of());

    /** Copies its collections, so that it cannot change. */
    public OwnValues {
        values = OrderedCollections.map(values);
    }

    /** {@return no own values} */
    public static OwnValues none() {
        return NONE;
    }

    /** {@return whether every parameter has its calculated value} */
    public boolean isEmpty() {
        return values.isEmpty();
    }

    /**
     * {@return the own value of a parameter in its fixed unit; empty where it is calculated}
     *
     * @param key the key
     */
    public OptionalDouble of(ParameterKey key) {
        Double value = values.get(key);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /**
     * {@return these values without one of them}
     *
     * @param key the key
     */
    public OwnValues without(ParameterKey key) {
        Map<ParameterKey, Double> fewer = new EnumMap<>(ParameterKey.class);
        fewer.putAll(values);
        fewer.remove(key);
        return new OwnValues(fewer);
    }

    /** The pulse with what the welder has set of it; a steady current keeps its shape. */
    Pulse over(Pulse pulse) {
        double peak = of(ParameterKey.WORKING_CURRENT).orElse(pulse.peakA());
        if (pulse.isSteady()) {
            return Pulse.steady(peak);
        }
        return new Pulse(
                of(ParameterKey.PULSE_RATE).orElse(pulse.rateHz()),
                percent(ParameterKey.PULSE_ON_TIME, pulse.onFraction()),
                percent(ParameterKey.PULSE_BACKGROUND, pulse.backgroundRatio()),
                peak);
    }

    private double percent(ParameterKey key, double fraction) {
        OptionalDouble own = of(key);
        return own.isPresent() ? own.getAsDouble() / 100 : fraction;
    }
}
