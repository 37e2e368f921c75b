package vastarc.core.advice.parameters;

import java.util.Arrays;
import java.util.Optional;
import vastarc.core.base.tables.SourceKind;
import vastarc.core.base.units.Unit;

/**
 * The settings of a sheet. Each is its words: {@code setting.<apiName>} with {@code .formula}, {@code .source} and {@code .ifWrong}.
 */
public enum ParameterKey {
    /** Current of the weld; with pulse its peak. */
    WORKING_CURRENT("workingCurrent", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.FITTED),
    /** Current with the pedal fully down. */
    PEDAL_CEILING("pedalCeiling", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    /** Current at the strike. */
    START_CURRENT("startCurrent", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.SIMULATED),
    /** Time from start to working current. */
    UP_SLOPE("upSlope", Unit.SECOND, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    /** Time from working to end current. */
    DOWN_SLOPE("downSlope", Unit.SECOND, ParameterGroup.PANEL, SourceKind.SIMULATED),
    /** Current that fills the crater. */
    END_CURRENT("endCurrent", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    /** Gas before the arc. */
    PRE_FLOW("preFlow", Unit.SECOND, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    /** Gas after the arc. */
    POST_FLOW("postFlow", Unit.SECOND, ParameterGroup.PANEL, SourceKind.SIMULATED),
    /** Pulses per second. */
    PULSE_RATE("pulseRate", Unit.HERTZ, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    /** Share of each pulse at peak current. */
    PULSE_ON_TIME("pulseOnTime", Unit.PERCENT, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    /** Background current as a share of the peak. */
    PULSE_BACKGROUND("pulseBackground", Unit.PERCENT, ParameterGroup.PANEL, SourceKind.JUDGEMENT),
    /** Background current. */
    PULSE_BACKGROUND_CURRENT("pulseBackgroundCurrent", Unit.AMPERE, ParameterGroup.PANEL, SourceKind.JUDGEMENT),

    /** Diameter of the tungsten. */
    TUNGSTEN_DIAMETER("tungstenDiameter", Unit.STOCK_MILLIMETRE, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    /** Kind of tungsten. */
    TUNGSTEN_TYPE("tungstenType", Unit.NUMBER, ParameterGroup.TORCH, SourceKind.STANDARD),
    /** Included angle of the ground point. */
    TIP_ANGLE("tipAngle", Unit.DEGREE, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    /** Flat left at the point. */
    TIP_FLAT("tipFlat", Unit.FLAT_MILLIMETRE, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    /** Tungsten beyond the cup. */
    STICK_OUT("stickOut", Unit.RULED_MILLIMETRE, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    /** Cup number: bore in sixteenths of an inch. */
    CUP_SIZE("cupSize", Unit.NUMBER, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    /** Whether a gas lens is fitted. */
    GAS_LENS("gasLens", Unit.NUMBER, ParameterGroup.TORCH, SourceKind.JUDGEMENT),
    /** Argon through the torch. */
    GAS_FLOW("gasFlow", Unit.LITRE_PER_MIN, ParameterGroup.TORCH, SourceKind.TEXTBOOK),

    /** Diameter of the filler rod. */
    WIRE_DIAMETER("wireDiameter", Unit.STOCK_MILLIMETRE, ParameterGroup.WIRE, SourceKind.JUDGEMENT),
    /** Filler by its classification. */
    WIRE_ALLOY("wireAlloy", Unit.NUMBER, ParameterGroup.WIRE, SourceKind.HANDBOOK),
    /** Rating of the torch. */
    TORCH_CLASS("torchClass", Unit.NUMBER, ParameterGroup.WELD, SourceKind.HANDBOOK),
    /** Filler rod used a minute. */
    WIRE_FEED("wireFeed", Unit.MM_PER_MIN, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    /** Share of the bead that is filler. */
    WIRE_SHARE("wireShare", Unit.PERCENT, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    /** Argon to fill the root side. */
    PURGE_FLOW("purgeFlow", Unit.LITRE_PER_MIN, ParameterGroup.WIRE, SourceKind.JUDGEMENT),
    /** Argon to hold it while welding. */
    PURGE_HOLD("purgeHold", Unit.LITRE_PER_MIN, ParameterGroup.WIRE, SourceKind.JUDGEMENT),

    /** Length of a trailing shield. */
    TRAIL_LENGTH("trailLength", Unit.RULED_MILLIMETRE, ParameterGroup.WIRE, SourceKind.TEXTBOOK),
    /** Argon through the trailing shield. */
    TRAIL_FLOW("trailFlow", Unit.LITRE_PER_MIN, ParameterGroup.WIRE, SourceKind.JUDGEMENT),

    /** Travel of the torch. */
    TRAVEL_SPEED("travelSpeed", Unit.MM_PER_MIN, ParameterGroup.WELD, SourceKind.FITTED),
    /** Number of passes. */
    PASSES("passes", Unit.NUMBER, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    /** Turns of the tube for one lap. */
    TURNS("turnsPerMinute", Unit.RPM, ParameterGroup.WELD, SourceKind.DEFINED),
    /** Current as the lap closes on hot metal. */
    END_OF_LAP_CURRENT("endOfLapCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    /** Current at the heel of a saddle. */
    HEEL_CURRENT("heelCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    /** Current at the toe of a saddle. */
    TOE_CURRENT("toeCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    /** Mean current over a pulse. */
    AVERAGE_CURRENT("averageCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    /** Effective current over a pulse, which heats cables and torch. */
    RMS_CURRENT("rmsCurrent", Unit.AMPERE, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    /** Voltage of the arc. */
    ARC_VOLTAGE("arcVoltage", Unit.VOLT, ParameterGroup.WELD, SourceKind.TEXTBOOK),
    /** Heat into the work for each millimetre (EN 1011-1). */
    HEAT_INPUT("heatInput", Unit.KJ_PER_MM, ParameterGroup.WELD, SourceKind.STANDARD),
    /** Energy of the arc for each millimetre. */
    ARC_ENERGY("arcEnergy", Unit.KJ_PER_MM, ParameterGroup.WELD, SourceKind.STANDARD),
    /** Width of the pool. */
    POOL_WIDTH("poolWidth", Unit.RULED_MILLIMETRE, ParameterGroup.WELD, SourceKind.FITTED),
    /** Width of the bead on the root side. */
    BACK_BEAD("backBead", Unit.RULED_MILLIMETRE, ParameterGroup.WELD, SourceKind.FITTED),
    /** Preheat. */
    PREHEAT("preheat", Unit.CELSIUS, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    /** Highest temperature before the next pass. */
    INTERPASS("interpass", Unit.CELSIUS, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    /** Temper colour of the face. */
    FRONT_TINT("frontTint", Unit.NUMBER, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    /** Temper colour of the root side. */
    BACK_TINT("backTint", Unit.NUMBER, ParameterGroup.WELD, SourceKind.JUDGEMENT),
    /** Shade number of the helmet. */
    HELMET_SHADE("helmetShade", Unit.NUMBER, ParameterGroup.WELD, SourceKind.HANDBOOK);

    /** Where the welder goes to set it. */
    public enum ParameterGroup {
        /** At the machine. */
        PANEL,
        /** At the torch. */
        TORCH,
        /** In the hand that feeds. */
        WIRE,
        /** Nothing to set: what to expect of the weld. */
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

    /**
     * {@return the key of an API name}
     *
     * @param apiName the name used in calls and documents
     */
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

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "setting." + apiName;
    }
}
