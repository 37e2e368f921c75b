package vastarc.core.advice.sheet;

/** A topic on which practitioners use different rules of thumb. */
public enum ParameterTopic {
    WORKING_CURRENT,
    PEDAL_CEILING,
    START_CURRENT,
    UP_SLOPE,
    PRE_FLOW,
    POST_FLOW,
    WIRE_SIZE,
    GAS_FLOW,
    PURGE_FLOW,
    TUNGSTEN_TYPE,
    TUNGSTEN_SIZE,
    LENS,
    TITANIUM_WIRE
}
