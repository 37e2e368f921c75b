package vastarc.core.coach;

/** What a cue says. */
public enum CueKind {
    /** The gas is open; the arc waits until it covers the place. */
    GAS_ON(Urgency.SOON),
    /** The arc ignites. */
    STRIKE(Urgency.SOON),
    /** The rod goes into the pool. */
    DAB(Urgency.PACE),
    /** The torch has come another 10 mm. */
    TRAVEL(Urgency.PACE),
    /** Half of the seam is welded. */
    HALFWAY(Urgency.PACE),
    /** The current begins to fall. */
    EASE_OFF(Urgency.SOON),
    /** The arc goes out. */
    BREAK_ARC(Urgency.SOON),
    /** Hold the torch still over the end, so many seconds more. */
    HOLD(Urgency.SOON),
    /** The end is cold enough for air: lift the torch. */
    LIFT(Urgency.SOON),
    /** Wait until the metal has cooled, so many seconds more. */
    WAIT(Urgency.SOON),
    /** The seam may be welded again. */
    COLD_ENOUGH(Urgency.SOON),
    /** So many dips of the rod: titanium is left to cool under its gas after ten to fifteen. */
    DIP(Urgency.SOON),
    /** Machine or torch has burnt for nearly as long as it may. */
    DUTY(Urgency.SOON),
    /** The arc is too long. */
    ARC_LONG(Urgency.NOW),
    /** The current is not the planned one. */
    CURRENT_OFF(Urgency.NOW),
    /** Less gas flows than planned, or oxygen inside is above its target. */
    GAS_LOW(Urgency.NOW),
    /** No gas flows. */
    GAS_LOST(Urgency.NOW),
    /** The current no longer pulses. */
    PULSE_LOST(Urgency.NOW);

    private final Urgency urgency;

    CueKind(Urgency urgency) {
        this.urgency = urgency;
    }

    /** {@return how urgent it is} */
    public Urgency urgency() {
        return urgency;
    }

    /** {@return whether meters raise it, rather than the plan} */
    public boolean isLive() {
        return urgency == Urgency.NOW;
    }

    /** {@return whether it keeps time only: rod in, torch on} */
    public boolean isBeat() {
        return this == DAB || this == TRAVEL;
    }

    /** {@return the key of its sentence in {@code words.properties}} */
    public String words() {
        return "coach." + name();
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String nameWords() {
        return "coach.kind." + name();
    }
}
