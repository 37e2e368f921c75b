package vastarc.core.advice.cycle;

import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.OwnValueRules;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.JointLimits.InputRange;

/** What can be pulled or typed on a weld cycle: settings of the sheet, and a few figures that only a weld cycle in time has. */
public enum CycleKey {
    /** Gas before the arc, s. */
    PRE_FLOW(ParameterKey.PRE_FLOW, TriggerMode.SupportedSetting.PRE_FLOW),
    /** Current at the strike, A. */
    START_CURRENT(ParameterKey.START_CURRENT, TriggerMode.SupportedSetting.START_CURRENT),
    /** How long the start current is held, s. */
    START_HOLD("startHold", Unit.SECOND, 0, 60, TriggerMode.SupportedSetting.START_CURRENT),
    /** Time from start to working current, s. */
    UP_SLOPE(ParameterKey.UP_SLOPE, TriggerMode.SupportedSetting.UP_SLOPE),
    /** Current of the weld, A; with pulse its peak. */
    WORKING_CURRENT(ParameterKey.WORKING_CURRENT, null),
    /** Current with the pedal fully down, A. */
    PEDAL_CEILING(ParameterKey.PEDAL_CEILING, null),
    /** Pulses per second, Hz; 0 is no pulse. */
    PULSE_RATE(ParameterKey.PULSE_RATE, TriggerMode.SupportedSetting.PULSE),
    /** Share of each pulse at peak current, %. */
    PULSE_ON_TIME(ParameterKey.PULSE_ON_TIME, TriggerMode.SupportedSetting.PULSE),
    /** Background current as a share of the peak, %. */
    PULSE_BACKGROUND(ParameterKey.PULSE_BACKGROUND, TriggerMode.SupportedSetting.PULSE),
    /** The second current of a four-touch switch, A. */
    SECOND_CURRENT("secondCurrent", Unit.AMPERE, 0.5, 500, TriggerMode.SupportedSetting.SECOND_CURRENT),
    /** Time from working to end current, s. */
    DOWN_SLOPE(ParameterKey.DOWN_SLOPE, TriggerMode.SupportedSetting.DOWN_SLOPE),
    /** Current that fills the crater, A. */
    END_CURRENT(ParameterKey.END_CURRENT, TriggerMode.SupportedSetting.END_CURRENT),
    /** How long the end current is held, s. */
    END_HOLD("endHold", Unit.SECOND, 0, 60, TriggerMode.SupportedSetting.END_CURRENT),
    /** Gas after the arc, s. */
    POST_FLOW(ParameterKey.POST_FLOW, TriggerMode.SupportedSetting.POST_FLOW),
    /** Length of seam welded, mm. */
    SEAM_LENGTH("seamMm", Unit.MILLIMETRE, 1, 5000, null),
    /** Time in which the pedal is pressed to working current, s. */
    FOOT_IN("footIn", Unit.SECOND, 0.1, 60, null),
    /** Time in which the pedal is let up, s. */
    FOOT_OUT("footOut", Unit.SECOND, 0.1, 60, null),
    /** Current of a spot or stitch, A. */
    SPOT_CURRENT("spotCurrent", Unit.AMPERE, 0.5, 500, null),
    /** Arc time of a spot or stitch, s. */
    SPOT_TIME("spotTime", Unit.SECOND, 0.05, 20, null),
    /** Pause between two stitches, s. */
    SPOT_PAUSE("spotPause", Unit.SECOND, 0.05, 60, null);

    private final Optional<ParameterKey> setting;
    private final InputRange range;
    private final Optional<TriggerMode.SupportedSetting> supportedSetting;

    CycleKey(ParameterKey key, TriggerMode.@Nullable SupportedSetting honour) {
        this.setting = Optional.of(key);
        this.range = OwnValueRules.range(key).orElseThrow();
        this.supportedSetting = Optional.ofNullable(honour);
    }

    CycleKey(String apiName, Unit unit, double low, double high, TriggerMode.@Nullable SupportedSetting honour) {
        this.setting = Optional.empty();
        this.range = new InputRange(apiName, low, high, unit);
        this.supportedSetting = Optional.ofNullable(honour);
    }

    /**
     * {@return the key of an API name}
     *
     * @param apiName the name used in calls and documents
     */
    public static Optional<CycleKey> named(String apiName) {
        return Arrays.stream(values())
                .filter(key -> key.apiName().equals(apiName))
                .findFirst();
    }

    /** {@return the sheet's setting behind it; empty for a figure that only a weld cycle has} */
    public Optional<ParameterKey> setting() {
        return setting;
    }

    /** {@return the setting a trigger mode must support for this key to have an effect} */
    public Optional<TriggerMode.SupportedSetting> supportedSetting() {
        return supportedSetting;
    }

    /** {@return the range of values accepted, in its unit} */
    public InputRange range() {
        return range;
    }

    /** {@return its name in calls and files, lower camel case} */
    public String apiName() {
        return range.field();
    }

    /** {@return the fixed unit of its value} */
    public Unit unit() {
        return range.unit();
    }

    /**
     * {@return one step of a panel, and of the arrow keys, at a value} Usual panel resolution, judgement.
     *
     * @param value the value
     */
    public double step(double value) {
        return switch (unit()) {
            case AMPERE -> value < 10 ? 0.1 : 1;
            case HERTZ -> value < 10 ? 0.1 : value < 100 ? 1 : 10;
            case PERCENT -> 1;
            case MILLIMETRE -> 5;
            default -> this == SPOT_TIME ? 0.05 : 0.1;
        };
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return setting.map(ParameterKey::words).orElse("setting." + apiName());
    }
}
