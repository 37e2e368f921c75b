package vastarc.core.advice.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterKey.ParameterGroup;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;

/** Which settings a welder may set itself, within what, and what must fit together. */
public final class OwnValueRules {

    private static final Set<ParameterKey> LONG_GAS = Set.of(ParameterKey.POST_FLOW);
    private static final Map<ParameterKey, InputRange> RANGES = ranges();

    private OwnValueRules() {}

    /** Which of the welder's own values can be used, and why the rest cannot. */
    record CheckedValues(OwnValues own, List<Problem> problems) {}

    private static Map<ParameterKey, InputRange> ranges() {
        Map<ParameterKey, InputRange> ranges = new EnumMap<>(ParameterKey.class);
        for (ParameterKey key : ParameterKey.values()) {
            if (key.group() == ParameterGroup.PANEL && key != ParameterKey.PULSE_BACKGROUND_CURRENT) {
                ranges.put(key, rangeOf(key));
            }
        }
        return ranges;
    }

    private static InputRange rangeOf(ParameterKey key) {
        return switch (key) {
            case PULSE_RATE -> new InputRange(key.apiName(), 0.1, 1000, Unit.HERTZ);
            case PULSE_ON_TIME -> new InputRange(key.apiName(), 5, 95, Unit.PERCENT);
            case PULSE_BACKGROUND -> new InputRange(key.apiName(), 1, 100, Unit.PERCENT);
            default ->
                key.unit() == Unit.AMPERE
                        ? new InputRange(key.apiName(), 0.5, 500, Unit.AMPERE)
                        : new InputRange(key.apiName(), 0, LONG_GAS.contains(key) ? 120 : 60, Unit.SECOND);
        };
    }

    /**
     * {@return within what the welder may set it; empty where the setting is not the welder's to set}
     *
     * @param key the key
     */
    public static Optional<InputRange> range(ParameterKey key) {
        return Optional.ofNullable(RANGES.get(key));
    }

    /** Idle settings are left alone, values out of range or above the peak are refused by name. */
    static CheckedValues check(SetupSheet engine, OwnValues own) {
        Map<ParameterKey, Double> standing = new EnumMap<>(ParameterKey.class);
        List<Problem> problems = new ArrayList<>();
        for (ParameterKey key : RANGES.keySet()) {
            own.of(key)
                    .ifPresent(value -> problem(engine, standing, key, value)
                            .ifPresentOrElse(problems::add, () -> keep(engine, standing, key, value)));
        }
        return new CheckedValues(new OwnValues(standing), problems);
    }

    private static void keep(SetupSheet engine, Map<ParameterKey, Double> standing, ParameterKey key, double value) {
        if (!engine.setting(key).idle()) {
            standing.put(key, value);
        }
    }

    /** The working current comes first in the order of the keys, so that the others are compared with the one that is used. */
    private static Optional<Problem> problem(
            SetupSheet engine, Map<ParameterKey, Double> standing, ParameterKey key, double value) {
        Optional<Problem> outside = Maps.get(RANGES, key).check(value);
        if (outside.isPresent() || engine.setting(key).idle()) {
            return outside;
        }
        double working = standing.getOrDefault(
                ParameterKey.WORKING_CURRENT,
                engine.setting(ParameterKey.WORKING_CURRENT).value());
        boolean belowPeak = key == ParameterKey.START_CURRENT || key == ParameterKey.END_CURRENT;
        if (belowPeak && value > working) {
            return Optional.of(Problem.badValue(
                    key.apiName(), "own.abovePeak", Quantity.amperes(value), Quantity.amperes(working)));
        }
        return Optional.empty();
    }
}
