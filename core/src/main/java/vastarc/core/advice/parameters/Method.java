package vastarc.core.advice.parameters;

import org.jspecify.annotations.Nullable;

/** One answer to a {@link ParameterTopic}. Its words: {@code school.<name>}; the first of each topic is the default. */
public enum Method {
    /** The heat balance of this joint. */
    HEAT_BALANCE(ParameterTopic.WORKING_CURRENT),
    /** One ampere for each thousandth of an inch. */
    AMP_PER_THOU(ParameterTopic.WORKING_CURRENT),
    /** Amperes for each millimetre. */
    AMPS_PER_MM(ParameterTopic.WORKING_CURRENT),
    /** The heat balance, corrected by good runs of this shop. */
    AS_PROVEN_HERE(ParameterTopic.WORKING_CURRENT),

    /** Pedal ceiling a little above the working current. */
    CEILING_ABOVE(ParameterTopic.PEDAL_CEILING),
    /** Pedal ceiling well above the working current. */
    CEILING_WELL_ABOVE(ParameterTopic.PEDAL_CEILING),
    /** Pedal ceiling at the working current. */
    CEILING_AT_WORKING(ParameterTopic.PEDAL_CEILING),

    /** Start current by how quickly the edge takes the heat. */
    START_BY_EDGE(ParameterTopic.START_CURRENT),
    /** The lowest start current that strikes. */
    START_LOWEST(ParameterTopic.START_CURRENT),
    /** Half of the working current. */
    START_HALF(ParameterTopic.START_CURRENT),

    /** Up-slope by how quickly the edge takes the heat. */
    UP_SLOPE_BY_EDGE(ParameterTopic.UP_SLOPE),
    /** No up-slope. */
    UP_SLOPE_NONE(ParameterTopic.UP_SLOPE),
    /** Up-slope until the pool has settled. */
    UP_SLOPE_SETTLED(ParameterTopic.UP_SLOPE),

    /** Pre-flow that empties hose and cup of air. */
    PRE_FLOW_BY_HOSE(ParameterTopic.PRE_FLOW),
    /** No pre-flow. */
    PRE_FLOW_NONE(ParameterTopic.PRE_FLOW),
    /** A short pre-flow. */
    PRE_FLOW_SHORT(ParameterTopic.PRE_FLOW),
    /** A long pre-flow. */
    PRE_FLOW_LONG(ParameterTopic.PRE_FLOW),

    /** Post-flow until weld end and tungsten no longer colour in air. */
    POST_FLOW_UNTIL_COLD(ParameterTopic.POST_FLOW),
    /** One second of post-flow for each ten amperes. */
    POST_FLOW_BY_CURRENT(ParameterTopic.POST_FLOW),
    /** The same post-flow at every current. */
    POST_FLOW_FIXED(ParameterTopic.POST_FLOW),

    /** Filler diameter by the metal the bead needs. */
    WIRE_BY_DEPOSIT(ParameterTopic.WIRE_SIZE),
    /** A size thinner. */
    WIRE_THINNER(ParameterTopic.WIRE_SIZE),
    /** A size thicker. */
    WIRE_THICKER(ParameterTopic.WIRE_SIZE),

    /** Gas flow by the cup's bore. */
    GAS_BY_CUP(ParameterTopic.GAS_FLOW),
    /** The upper end of the cup's range. */
    GAS_GENEROUS(ParameterTopic.GAS_FLOW),
    /** The lower end of the cup's range. */
    GAS_JUST_ENOUGH(ParameterTopic.GAS_FLOW),

    /** Fill quickly, then hold by a low flow. */
    PURGE_FAST_THEN_SLOW(ParameterTopic.PURGE_FLOW),
    /** A high flow throughout. */
    PURGE_HIGH(ParameterTopic.PURGE_FLOW),
    /** A low flow throughout. */
    PURGE_LOW(ParameterTopic.PURGE_FLOW),

    /** Lanthanated tungsten. */
    TUNGSTEN_LANTHANATED(ParameterTopic.TUNGSTEN_TYPE),
    /** Ceriated tungsten. */
    TUNGSTEN_CERIATED(ParameterTopic.TUNGSTEN_TYPE),
    /** Tungsten with a mix of rare earths. */
    TUNGSTEN_RARE_EARTH(ParameterTopic.TUNGSTEN_TYPE),

    /** The usual tungsten diameter for the current. */
    USUAL(ParameterTopic.TUNGSTEN_SIZE),
    /** The thinnest tungsten that bears the current. */
    SMALLEST(ParameterTopic.TUNGSTEN_SIZE),
    /** One diameter for everything. */
    ONE_SIZE(ParameterTopic.TUNGSTEN_SIZE),

    /** Gas lens where the metal or the reach asks for it. */
    LENS_BY_METAL(ParameterTopic.LENS),
    /** Gas lens always. */
    LENS_ALWAYS(ParameterTopic.LENS),
    /** Never a gas lens. */
    LENS_NEVER(ParameterTopic.LENS),

    /** Thinner filler on titanium. */
    TITANIUM_WIRE_THIN(ParameterTopic.TITANIUM_WIRE),
    /** Filler on titanium as on steel. */
    TITANIUM_WIRE_AS_STEEL(ParameterTopic.TITANIUM_WIRE),

    /** Physics or table without dispute. */
    RULE(null);

    private final @Nullable ParameterTopic matter;

    Method(@Nullable ParameterTopic topic) {
        this.matter = topic;
    }

    /** {@return the topic it answers; null for {@link #RULE}} */
    public @Nullable ParameterTopic matter() {
        return matter;
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "school." + name();
    }
}
