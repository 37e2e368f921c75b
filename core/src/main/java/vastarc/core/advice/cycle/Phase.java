package vastarc.core.advice.cycle;

/** Where the arc is in its life. */
public enum Phase {
    IDLE,
    PRE_FLOW,
    STRIKE,
    START_HOLD,
    UP_SLOPE,
    WELD,
    SECOND_CURRENT,
    DOWN_SLOPE,
    END_HOLD,
    /** No arc, gas still on: an instant at the end of a weld, the pause between the spots of a stitch. */
    ARC_OUT,
    POST_FLOW;

    /** An arc is burning. */
    public boolean isArc() {
        return ordinal() >= STRIKE.ordinal() && ordinal() <= END_HOLD.ordinal();
    }

    /** The machine's own valve is open. */
    boolean machineGas() {
        return this != IDLE;
    }

    /** The torch travels. */
    public boolean travels() {
        return this == WELD || this == SECOND_CURRENT;
    }

    /** The key of its name in {@code words.properties}. */
    public String words() {
        return "phase." + name();
    }
}
