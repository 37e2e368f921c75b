package vastarc.core.advice.sheet;

import java.util.Arrays;
import java.util.Optional;
import vastarc.core.base.tables.SourceKind;
import vastarc.core.base.units.Unit;

/**
 * The settings of a sheet. Each is its words: {@code setting.<apiName>} with {@code .formula}, {@code .source} and {@code .ifWrong}.
 */
public enum ParameterKey {
    WORKING_CURRENT("workingCurrent", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.FITTED),
    PEDAL_CEILING("pedalCeiling", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    START_CURRENT("startCurrent", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.SIMULATED),
    UP_SLOPE("upSlope", Unit.SECOND, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    DOWN_SLOPE("downSlope", Unit.SECOND, ParameterGroup.PANEL, SourceKind.SIMULATED),
    END_CURRENT("endCurrent", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    PRE_FLOW("preFlow", Unit.SECOND, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    POST_FLOW("postFlow", Unit.SECOND, ParameterGroup.PANEL, SourceKind.SIMULATED),
    PULSE_RATE("pulseRate", Unit.HERTZ, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    PULSE_ON_TIME("pulseOnTime", Unit.PERCENT, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    PULSE_BACKGROUND("pulseBackground", Unit.PERCENT, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    PULSE_BACKGROUND_CURRENT("pulseBackgroundCurrent", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.JUDGEMENT),

    TUNGSTEN_DIAMETER("tungstenDiameter", Unit.STOCK_MILLIMETRE, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    TUNGSTEN_TYPE("tungstenType", Unit.NUMBER, ParameterGroup.TORCH, SourceKind.STANDARD),
    TIP_ANGLE("tipAngle", Unit.DEGREE, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    TIP_FLAT("tipFlat", Unit.FLAT_MILLIMETRE, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    STICK_OUT("stickOut", Unit.RULED_MILLIMETRE, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    CUP_SIZE("cupSize", Unit.NUMBER, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    GAS_LENS("gasLens", Unit.NUMBER, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    GAS_FLOW("gasFlow", Unit.LITRE_PER_MIN, ParameterGroup.TORCH, SourceKind.TEXTBOOK),

    WIRE_DIAMETER("wireDiameter", Unit.STOCK_MILLIMETRE, ParameterGroup.WIRE, SourceKind.JUDGEMENT),
    WIRE_ALLOY("wireAlloy", Unit.NUMBER, ParameterGroup.WIRE, SourceKind.HANDBOOK),
    TORCH_CLASS("torchClass", Unit.NUMBER, ParameterGroup.WELD, SourceKind.HANDBOOK),
    WIRE_FEED("wireFeed", Unit.MM_PER_MIN, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    WIRE_SHARE("wireShare", Unit.PERCENT, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    PURGE_FLOW("purgeFlow", Unit.LITRE_PER_MIN, ParameterGroup.WIRE, SourceKind.JUDGEMENT),
    PURGE_HOLD("purgeHold", Unit.LITRE_PER_MIN, ParameterGroup.WIRE, SourceKind.JUDGEMENT),

    TRAIL_LENGTH("trailLength", Unit.RULED_MILLIMETRE, ParameterGroup.WIRE, SourceKind.TEXTBOOK),
    TRAIL_FLOW("trailFlow", Unit.LITRE_PER_MIN, ParameterGroup.WIRE, SourceKind.JUDGEMENT),

    TRAVEL_SPEED("travelSpeed", Unit.MM_PER_MIN, ParameterGroup.WELD, SourceKind.FITTED),
    PASSES("passes", Unit.NUMBER, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    TURNS("turnsPerMinute", Unit.RPM, ParameterGroup.WELD, SourceKind.DEFINED),
    END_OF_LAP_CURRENT("endOfLapCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    HEEL_CURRENT("heelCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    TOE_CURRENT("toeCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    AVERAGE_CURRENT("averageCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    RMS_CURRENT("rmsCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    ARC_VOLTAGE("arcVoltage", Unit.VOLT, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    HEAT_INPUT("heatInput", Unit.KJ_PER_MM, ParameterGroup.WELD, SourceKind.STANDARD),
    ARC_ENERGY("arcEnergy", Unit.KJ_PER_MM, ParameterGroup.WELD, SourceKind.STANDARD),
    POOL_WIDTH("poolWidth", Unit.RULED_MILLIMETRE, ParameterGroup.WELD, SourceKind.FITTED),
    BACK_BEAD("backBead", Unit.RULED_MILLIMETRE, ParameterGroup.WELD, SourceKind.FITTED),
    PREHEAT("preheat", Unit.CELSIUS, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    INTERPASS("interpass", Unit.CELSIUS, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    FRONT_TINT("frontTint", Unit.NUMBER, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    BACK_TINT("backTint", Unit.NUMBER, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    HELMET_SHADE("helmetShade", Unit.NUMBER, ParameterGroup.WELD, SourceKind.HANDBOOK);

    /** Where the welder goes to set it. */
    public enum ParameterGroup {
        PANEL,
        TORCH,
        WIRE,
        WELD
    }

    private final String apiName;
    private final Unit unit;
    private final ParameterGroup group;
    private final SourceKind sourceKind;

    ParameterKey(String apiName, Unit unit, ParameterGroup group, SourceKind sourceKind) {
        this.apiName = apiName;
        this.unit = unit;
        this.group = group;
        this.sourceKind = sourceKind;
    }

    /** The key of an API name. */
    public static Optional<ParameterKey> named(String apiName) {
        return Arrays.stream(values())
                .filter(key -> key.apiName.equals(apiName))
                .findFirst();
    }

    /** {@return its name in calls and files, lower camel case} */
    public String apiName() {
        return apiName;
    }

    /** {@return the fixed unit of its value} */
    public Unit unit() {
        return unit;
    }

    /** {@return the group it is shown in} */
    public ParameterGroup group() {
        return group;
    }

    /** {@return the kind of source of its formula} */
    public SourceKind sourceKind() {
        return sourceKind;
    }

    /** The key of its name in {@code words.properties}. */
    public String words() {
        return "setting." + apiName;
    }
}
