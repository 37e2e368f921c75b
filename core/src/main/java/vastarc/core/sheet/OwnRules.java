package vastarc.core.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.table.Complete;

/** Which settings a hand may set itself, within what, and what must fit together. */
public final class OwnRules {

    private static final Set<SettingKey> LONG_GAS = Set.of(SettingKey.POST_FLOW);
    private static final Map<SettingKey, Range> RANGES = ranges();

    private OwnRules() {}

    /** What of the hand's own values can stand, and why the rest cannot. */
    record Checked(OwnValues own, List<Problem> problems) {}

    private static Map<SettingKey, Range> ranges() {
        Map<SettingKey, Range> ranges = new EnumMap<>(SettingKey.class);
        for (SettingKey key : SettingKey.values()) {
            if (key.group() == SettingKey.Group.PANEL && key != SettingKey.PULSE_BACKGROUND_CURRENT) {
                ranges.put(key, rangeOf(key));
            }
        }
        return ranges;
    }

    private static Range rangeOf(SettingKey key) {
        return switch (key) {
            case PULSE_RATE -> new Range(key.apiName(), 0.1, 1000, Unit.HERTZ);
            case PULSE_ON_TIME -> new Range(key.apiName(), 5, 95, Unit.PERCENT);
            case PULSE_BACKGROUND -> new Range(key.apiName(), 1, 100, Unit.PERCENT);
            default ->
                key.unit() == Unit.AMPERE
                        ? new Range(key.apiName(), 0.5, 500, Unit.AMPERE)
                        : new Range(key.apiName(), 0, LONG_GAS.contains(key) ? 120 : 60, Unit.SECOND);
        };
    }

    /** Within what a hand may set it; empty where the setting is not the hand's to set. */
    public static Optional<Range> range(SettingKey key) {
        return Optional.ofNullable(RANGES.get(key));
    }

    /** Idle settings are left alone, values out of range or above the peak are refused by name. */
    static Checked check(Sheet engine, OwnValues own) {
        Map<SettingKey, Double> standing = new EnumMap<>(SettingKey.class);
        List<Problem> problems = new ArrayList<>();
        for (SettingKey key : RANGES.keySet()) {
            own.of(key)
                    .ifPresent(value -> problem(engine, standing, key, value)
                            .ifPresentOrElse(problems::add, () -> keep(engine, standing, key, value)));
        }
        return new Checked(new OwnValues(standing), problems);
    }

    private static void keep(Sheet engine, Map<SettingKey, Double> standing, SettingKey key, double value) {
        if (!engine.setting(key).idle()) {
            standing.put(key, value);
        }
    }

    /** The working current comes first in the order of the keys, so that the others are held against the one that stands. */
    private static Optional<Problem> problem(
            Sheet engine, Map<SettingKey, Double> standing, SettingKey key, double value) {
        Optional<Problem> outside = Complete.get(RANGES, key).check(value);
        if (outside.isPresent() || engine.setting(key).idle()) {
            return outside;
        }
        double working = standing.getOrDefault(
                SettingKey.WORKING_CURRENT,
                engine.setting(SettingKey.WORKING_CURRENT).value());
        boolean belowPeak = key == SettingKey.START_CURRENT || key == SettingKey.END_CURRENT;
        if (belowPeak && value > working) {
            return Optional.of(Problem.badValue(
                    key.apiName(), "own.abovePeak", Quantity.amperes(value), Quantity.amperes(working)));
        }
        return Optional.empty();
    }
}
