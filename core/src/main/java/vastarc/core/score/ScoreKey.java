package vastarc.core.score;

import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.quantity.Unit;
import vastarc.core.score.ControlLogic.Honour;
import vastarc.core.sheet.OwnRules;
import vastarc.core.sheet.SettingKey;

/** What can be pulled or typed on a score: settings of the sheet, and a few figures that only a score in time has. */
public enum ScoreKey {
    PRE_FLOW(SettingKey.PRE_FLOW, Honour.PRE_FLOW),
    START_CURRENT(SettingKey.START_CURRENT, Honour.START_CURRENT),
    START_HOLD("startHold", Unit.SECOND, 0, 60, Honour.START_CURRENT),
    UP_SLOPE(SettingKey.UP_SLOPE, Honour.UP_SLOPE),
    WORKING_CURRENT(SettingKey.WORKING_CURRENT, null),
    PEDAL_CEILING(SettingKey.PEDAL_CEILING, null),
    PULSE_RATE(SettingKey.PULSE_RATE, Honour.PULSE),
    PULSE_ON_TIME(SettingKey.PULSE_ON_TIME, Honour.PULSE),
    PULSE_BACKGROUND(SettingKey.PULSE_BACKGROUND, Honour.PULSE),
    SECOND_CURRENT("secondCurrent", Unit.AMPERE, 0.5, 500, Honour.SECOND_CURRENT),
    DOWN_SLOPE(SettingKey.DOWN_SLOPE, Honour.DOWN_SLOPE),
    END_CURRENT(SettingKey.END_CURRENT, Honour.END_CURRENT),
    END_HOLD("endHold", Unit.SECOND, 0, 60, Honour.END_CURRENT),
    POST_FLOW(SettingKey.POST_FLOW, Honour.POST_FLOW),
    SEAM_LENGTH("seamMm", Unit.MILLIMETRE, 1, 5000, null),
    FOOT_IN("footIn", Unit.SECOND, 0.1, 60, null),
    FOOT_OUT("footOut", Unit.SECOND, 0.1, 60, null),
    SPOT_CURRENT("spotCurrent", Unit.AMPERE, 0.5, 500, null),
    SPOT_TIME("spotTime", Unit.SECOND, 0.05, 20, null),
    SPOT_PAUSE("spotPause", Unit.SECOND, 0.05, 60, null);

    private final Optional<SettingKey> setting;
    private final Range range;
    private final Optional<Honour> honour;

    ScoreKey(SettingKey setting, @Nullable Honour honour) {
        this.setting = Optional.of(setting);
        this.range = OwnRules.range(setting).orElseThrow();
        this.honour = Optional.ofNullable(honour);
    }

    ScoreKey(String apiName, Unit unit, double low, double high, @Nullable Honour honour) {
        this.setting = Optional.empty();
        this.range = new Range(apiName, low, high, unit);
        this.honour = Optional.ofNullable(honour);
    }

    /** The key of an API name. */
    public static Optional<ScoreKey> named(String apiName) {
        return Arrays.stream(values())
                .filter(key -> key.apiName().equals(apiName))
                .findFirst();
    }

    /** The sheet's setting behind it; empty for a figure that only a score has. */
    public Optional<SettingKey> setting() {
        return setting;
    }

    /** The setting a logic must honour for it to matter. */
    Optional<Honour> honour() {
        return honour;
    }

    public Range range() {
        return range;
    }

    public String apiName() {
        return range.field();
    }

    public Unit unit() {
        return range.unit();
    }

    /** One step of a panel, and of the arrow keys, at a value. Usual panel resolution, judgement. */
    public double step(double value) {
        return switch (unit()) {
            case AMPERE -> value < 10 ? 0.1 : 1;
            case HERTZ -> value < 10 ? 0.1 : value < 100 ? 1 : 10;
            case PERCENT -> 1;
            case MILLIMETRE -> 5;
            default -> this == SPOT_TIME ? 0.05 : 0.1;
        };
    }

    /** The words it is spoken by. */
    public String words() {
        return setting.map(SettingKey::words).orElse("setting." + apiName());
    }
}
