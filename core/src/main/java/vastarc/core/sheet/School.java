package vastarc.core.sheet;

import org.jspecify.annotations.Nullable;

/** One answer to a {@link Matter}. Spoken by the words {@code school.<name>}; the first of each matter is the default. */
public enum School {
    HEAT_BALANCE(Matter.WORKING_CURRENT),
    AMP_PER_THOU(Matter.WORKING_CURRENT),
    AMPS_PER_MM(Matter.WORKING_CURRENT),
    AS_PROVEN_HERE(Matter.WORKING_CURRENT),

    CEILING_ABOVE(Matter.PEDAL_CEILING),
    CEILING_WELL_ABOVE(Matter.PEDAL_CEILING),
    CEILING_AT_WORKING(Matter.PEDAL_CEILING),

    START_BY_EDGE(Matter.START_CURRENT),
    START_LOWEST(Matter.START_CURRENT),
    START_HALF(Matter.START_CURRENT),

    UP_SLOPE_BY_EDGE(Matter.UP_SLOPE),
    UP_SLOPE_NONE(Matter.UP_SLOPE),
    UP_SLOPE_SETTLED(Matter.UP_SLOPE),

    PRE_FLOW_BY_HOSE(Matter.PRE_FLOW),
    PRE_FLOW_NONE(Matter.PRE_FLOW),
    PRE_FLOW_SHORT(Matter.PRE_FLOW),
    PRE_FLOW_LONG(Matter.PRE_FLOW),

    POST_FLOW_UNTIL_COLD(Matter.POST_FLOW),
    POST_FLOW_BY_CURRENT(Matter.POST_FLOW),
    POST_FLOW_FIXED(Matter.POST_FLOW),

    WIRE_BY_DEPOSIT(Matter.WIRE_SIZE),
    WIRE_THINNER(Matter.WIRE_SIZE),
    WIRE_THICKER(Matter.WIRE_SIZE),

    GAS_BY_CUP(Matter.GAS_FLOW),
    GAS_GENEROUS(Matter.GAS_FLOW),
    GAS_JUST_ENOUGH(Matter.GAS_FLOW),

    PURGE_FAST_THEN_SLOW(Matter.PURGE_FLOW),
    PURGE_HIGH(Matter.PURGE_FLOW),
    PURGE_LOW(Matter.PURGE_FLOW),

    TUNGSTEN_LANTHANATED(Matter.TUNGSTEN_TYPE),
    TUNGSTEN_CERIATED(Matter.TUNGSTEN_TYPE),
    TUNGSTEN_RARE_EARTH(Matter.TUNGSTEN_TYPE),

    USUAL(Matter.TUNGSTEN_SIZE),
    SMALLEST(Matter.TUNGSTEN_SIZE),
    ONE_SIZE(Matter.TUNGSTEN_SIZE),

    LENS_BY_METAL(Matter.LENS),
    LENS_ALWAYS(Matter.LENS),
    LENS_NEVER(Matter.LENS),

    TITANIUM_WIRE_THIN(Matter.TITANIUM_WIRE),
    TITANIUM_WIRE_AS_STEEL(Matter.TITANIUM_WIRE),

    /** Physics or table without dispute. */
    RULE(null);

    private final @Nullable Matter matter;

    School(@Nullable Matter matter) {
        this.matter = matter;
    }

    /** The matter it answers; null for {@link #RULE}. */
    public @Nullable Matter matter() {
        return matter;
    }

    /** The words it is spoken by. */
    public String words() {
        return "school." + name();
    }
}
