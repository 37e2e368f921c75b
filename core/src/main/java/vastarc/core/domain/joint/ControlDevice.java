package vastarc.core.domain.joint;

/** What the welder controls the arc with. */
public enum ControlDevice {
    PEDAL,
    TRIGGER_2T,
    TRIGGER_4T,
    LIFT_ONLY;

    /** The machine runs the slopes: a pedal makes its own, a bare lift set has none. */
    public boolean runsSlopes() {
        return this == TRIGGER_2T || this == TRIGGER_4T;
    }
}
