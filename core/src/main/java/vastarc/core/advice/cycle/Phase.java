package vastarc.core.advice.cycle;

/** Where the arc is in its life. */
public enum Phase {
    /** No arc and no gas. */
    IDLE,
    /** Gas before the arc. */
    PRE_FLOW,
    /** The arc ignites. */
    STRIKE,
    /** Start current, held. */
    START_HOLD,
    /** The current rises to the working current. */
    UP_SLOPE,
    /** Working current. */
    WELD,
    /** The second current of a four-touch switch. */
    SECOND_CURRENT,
    /** The current falls to the end current. */
    DOWN_SLOPE,
    /** End current, held. */
    END_HOLD,
    /** No arc, gas still on: an instant at the end of a weld, the pause between the spots of a stitch. */
    ARC_OUT,
    /** Gas after the arc. */
    POST_FLOW;

    /** {@return whether an arc is burning} */
    public boolean isArc() {
        return ordinal() >= STRIKE.ordinal() && ordinal() <= END_HOLD.ordinal();
    }

    /** The machine's own valve is open. */
    boolean machineGas() {
        return this != IDLE;
    }

    /** {@return whether the torch travels} */
    public boolean travels() {
        return this == WELD || this == SECOND_CURRENT;
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "phase." + name();
    }
}
