package vastarc.core.sheet;

import java.util.Arrays;
import java.util.Optional;
import vastarc.core.quantity.Unit;
import vastarc.core.table.SourceKind;

/**
 * The settings of a sheet. Each is spoken by {@code setting.<apiName>} with {@code .formula}, {@code .source} and {@code .ifWrong}.
 */
public enum SettingKey {
    WORKING_CURRENT("workingCurrent", Unit.AMPERE, Group.PANEL, SourceKind.FITTED),
    PEDAL_CEILING("pedalCeiling", Unit.AMPERE, Group.PANEL, SourceKind.JUDGEMENT),
    START_CURRENT("startCurrent", Unit.AMPERE, Group.PANEL, SourceKind.SIMULATED),
    UP_SLOPE("upSlope", Unit.SECOND, Group.PANEL, SourceKind.JUDGEMENT),
    DOWN_SLOPE("downSlope", Unit.SECOND, Group.PANEL, SourceKind.SIMULATED),
    END_CURRENT("endCurrent", Unit.AMPERE, Group.PANEL, SourceKind.JUDGEMENT),
    PRE_FLOW("preFlow", Unit.SECOND, Group.PANEL, SourceKind.JUDGEMENT),
    POST_FLOW("postFlow", Unit.SECOND, Group.PANEL, SourceKind.SIMULATED),
    PULSE_RATE("pulseRate", Unit.HERTZ, Group.PANEL, SourceKind.JUDGEMENT),
    PULSE_ON_TIME("pulseOnTime", Unit.PERCENT, Group.PANEL, SourceKind.JUDGEMENT),
    PULSE_BACKGROUND("pulseBackground", Unit.PERCENT, Group.PANEL, SourceKind.JUDGEMENT),
    PULSE_BACKGROUND_CURRENT("pulseBackgroundCurrent", Unit.AMPERE, Group.PANEL, SourceKind.JUDGEMENT),

    TUNGSTEN_DIAMETER("tungstenDiameter", Unit.STOCK_MILLIMETRE, Group.TORCH, SourceKind.JUDGEMENT),
    TUNGSTEN_TYPE("tungstenType", Unit.NUMBER, Group.TORCH, SourceKind.STANDARD),
    TIP_ANGLE("tipAngle", Unit.DEGREE, Group.TORCH, SourceKind.JUDGEMENT),
    TIP_FLAT("tipFlat", Unit.FLAT_MILLIMETRE, Group.TORCH, SourceKind.JUDGEMENT),
    STICK_OUT("stickOut", Unit.RULED_MILLIMETRE, Group.TORCH, SourceKind.JUDGEMENT),
    CUP_SIZE("cupSize", Unit.NUMBER, Group.TORCH, SourceKind.JUDGEMENT),
    GAS_LENS("gasLens", Unit.NUMBER, Group.TORCH, SourceKind.JUDGEMENT),
    GAS_FLOW("gasFlow", Unit.LITRE_PER_MIN, Group.TORCH, SourceKind.TEXTBOOK),

    WIRE_DIAMETER("wireDiameter", Unit.STOCK_MILLIMETRE, Group.WIRE, SourceKind.JUDGEMENT),
    WIRE_ALLOY("wireAlloy", Unit.NUMBER, Group.WIRE, SourceKind.HANDBOOK),
    TORCH_CLASS("torchClass", Unit.NUMBER, Group.WELD, SourceKind.HANDBOOK),
    WIRE_FEED("wireFeed", Unit.MM_PER_MIN, Group.WELD, SourceKind.JUDGEMENT),
    WIRE_SHARE("wireShare", Unit.PERCENT, Group.WELD, SourceKind.TEXTBOOK),
    PURGE_FLOW("purgeFlow", Unit.LITRE_PER_MIN, Group.WIRE, SourceKind.JUDGEMENT),
    PURGE_HOLD("purgeHold", Unit.LITRE_PER_MIN, Group.WIRE, SourceKind.JUDGEMENT),

    TRAIL_LENGTH("trailLength", Unit.RULED_MILLIMETRE, Group.WIRE, SourceKind.TEXTBOOK),
    TRAIL_FLOW("trailFlow", Unit.LITRE_PER_MIN, Group.WIRE, SourceKind.JUDGEMENT),

    TRAVEL_SPEED("travelSpeed", Unit.MM_PER_MIN, Group.WELD, SourceKind.FITTED),
    PASSES("passes", Unit.NUMBER, Group.WELD, SourceKind.JUDGEMENT),
    TURNS("turnsPerMinute", Unit.RPM, Group.WELD, SourceKind.DEFINED),
    END_OF_LAP_CURRENT("endOfLapCurrent", Unit.AMPERE, Group.WELD, SourceKind.TEXTBOOK),
    HEEL_CURRENT("heelCurrent", Unit.AMPERE, Group.WELD, SourceKind.JUDGEMENT),
    TOE_CURRENT("toeCurrent", Unit.AMPERE, Group.WELD, SourceKind.JUDGEMENT),
    AVERAGE_CURRENT("averageCurrent", Unit.AMPERE, Group.WELD, SourceKind.TEXTBOOK),
    RMS_CURRENT("rmsCurrent", Unit.AMPERE, Group.WELD, SourceKind.TEXTBOOK),
    ARC_VOLTAGE("arcVoltage", Unit.VOLT, Group.WELD, SourceKind.TEXTBOOK),
    HEAT_INPUT("heatInput", Unit.KJ_PER_MM, Group.WELD, SourceKind.STANDARD),
    ARC_ENERGY("arcEnergy", Unit.KJ_PER_MM, Group.WELD, SourceKind.STANDARD),
    POOL_WIDTH("poolWidth", Unit.RULED_MILLIMETRE, Group.WELD, SourceKind.FITTED),
    BACK_BEAD("backBead", Unit.RULED_MILLIMETRE, Group.WELD, SourceKind.FITTED),
    PREHEAT("preheat", Unit.CELSIUS, Group.WELD, SourceKind.JUDGEMENT),
    INTERPASS("interpass", Unit.CELSIUS, Group.WELD, SourceKind.JUDGEMENT),
    FRONT_TINT("frontTint", Unit.NUMBER, Group.WELD, SourceKind.JUDGEMENT),
    BACK_TINT("backTint", Unit.NUMBER, Group.WELD, SourceKind.JUDGEMENT),
    HELMET_SHADE("helmetShade", Unit.NUMBER, Group.WELD, SourceKind.HANDBOOK);

    /** Where the hand goes to set it. */
    public enum Group {
        PANEL,
        TORCH,
        WIRE,
        WELD
    }

    private final String apiName;
    private final Unit unit;
    private final Group group;
    private final SourceKind sourceKind;

    SettingKey(String apiName, Unit unit, Group group, SourceKind sourceKind) {
        this.apiName = apiName;
        this.unit = unit;
        this.group = group;
        this.sourceKind = sourceKind;
    }

    /** The key of an API name. */
    public static Optional<SettingKey> named(String apiName) {
        return Arrays.stream(values())
                .filter(key -> key.apiName.equals(apiName))
                .findFirst();
    }

    public String apiName() {
        return apiName;
    }

    public Unit unit() {
        return unit;
    }

    public Group group() {
        return group;
    }

    public SourceKind sourceKind() {
        return sourceKind;
    }

    /** The words it is spoken by. */
    public String words() {
        return "setting." + apiName;
    }
}
