package vastarc.core.advice.sheet;

import org.jspecify.annotations.Nullable;

/** One answer to a {@link ParameterTopic}. Its words: {@code school.<name>}; the first of each topic is the default. */
public enum Method {
    HEAT_BALANCE(ParameterTopic.WORKING_CURRENT),
    AMP_PER_THOU(ParameterTopic.WORKING_CURRENT),
    AMPS_PER_MM(ParameterTopic.WORKING_CURRENT),
    AS_PROVEN_HERE(ParameterTopic.WORKING_CURRENT),

    CEILING_ABOVE(ParameterTopic.PEDAL_CEILING),
    CEILING_WELL_ABOVE(ParameterTopic.PEDAL_CEILING),
    CEILING_AT_WORKING(ParameterTopic.PEDAL_CEILING),

    START_BY_EDGE(ParameterTopic.START_CURRENT),
    START_LOWEST(ParameterTopic.START_CURRENT),
    START_HALF(ParameterTopic.START_CURRENT),

    UP_SLOPE_BY_EDGE(ParameterTopic.UP_SLOPE),
    UP_SLOPE_NONE(ParameterTopic.UP_SLOPE),
    UP_SLOPE_SETTLED(ParameterTopic.UP_SLOPE),

    PRE_FLOW_BY_HOSE(ParameterTopic.PRE_FLOW),
    PRE_FLOW_NONE(ParameterTopic.PRE_FLOW),
    PRE_FLOW_SHORT(ParameterTopic.PRE_FLOW),
    PRE_FLOW_LONG(ParameterTopic.PRE_FLOW),

    POST_FLOW_UNTIL_COLD(ParameterTopic.POST_FLOW),
    POST_FLOW_BY_CURRENT(ParameterTopic.POST_FLOW),
    POST_FLOW_FIXED(ParameterTopic.POST_FLOW),

    WIRE_BY_DEPOSIT(ParameterTopic.WIRE_SIZE),
    WIRE_THINNER(ParameterTopic.WIRE_SIZE),
    WIRE_THICKER(ParameterTopic.WIRE_SIZE),

    GAS_BY_CUP(ParameterTopic.GAS_FLOW),
    GAS_GENEROUS(ParameterTopic.GAS_FLOW),
    GAS_JUST_ENOUGH(ParameterTopic.GAS_FLOW),

    PURGE_FAST_THEN_SLOW(ParameterTopic.PURGE_FLOW),
    PURGE_HIGH(ParameterTopic.PURGE_FLOW),
    PURGE_LOW(ParameterTopic.PURGE_FLOW),

    TUNGSTEN_LANTHANATED(ParameterTopic.TUNGSTEN_TYPE),
    TUNGSTEN_CERIATED(ParameterTopic.TUNGSTEN_TYPE),
    TUNGSTEN_RARE_EARTH(ParameterTopic.TUNGSTEN_TYPE),

    USUAL(ParameterTopic.TUNGSTEN_SIZE),
    SMALLEST(ParameterTopic.TUNGSTEN_SIZE),
    ONE_SIZE(ParameterTopic.TUNGSTEN_SIZE),

    LENS_BY_METAL(ParameterTopic.LENS),
    LENS_ALWAYS(ParameterTopic.LENS),
    LENS_NEVER(ParameterTopic.LENS),

    TITANIUM_WIRE_THIN(ParameterTopic.TITANIUM_WIRE),
    TITANIUM_WIRE_AS_STEEL(ParameterTopic.TITANIUM_WIRE),

    /** Physics or table without dispute. */
    RULE(null);

    private final @Nullable ParameterTopic matter;

    Method(@Nullable ParameterTopic topic) {
        this.matter = topic;
    }

    /** The topic it answers; null for {@link #RULE}. */
    public @Nullable ParameterTopic matter() {
        return matter;
    }

    /** The key of its name in {@code words.properties}. */
    public String words() {
        return "school." + name();
    }
}
