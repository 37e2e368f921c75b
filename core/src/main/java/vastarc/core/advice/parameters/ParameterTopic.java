package vastarc.core.advice.parameters;

/** A topic on which practitioners use different rules of thumb. */
public enum ParameterTopic {
    /** Working current. */
    WORKING_CURRENT,
    /** Pedal ceiling. */
    PEDAL_CEILING,
    /** Start current. */
    START_CURRENT,
    /** Up-slope. */
    UP_SLOPE,
    /** Pre-flow. */
    PRE_FLOW,
    /** Post-flow. */
    POST_FLOW,
    /** Diameter of the filler rod. */
    WIRE_SIZE,
    /** Gas flow. */
    GAS_FLOW,
    /** Purge flow. */
    PURGE_FLOW,
    /** Kind of tungsten. */
    TUNGSTEN_TYPE,
    /** Diameter of the tungsten. */
    TUNGSTEN_SIZE,
    /** Gas lens. */
    LENS,
    /** Filler diameter on titanium. */
    TITANIUM_WIRE
}
