package vastarc.core.domain.joint;

/** What the welder controls the arc with. */
public enum ControlDevice {
    /** A foot pedal. */
    PEDAL,
    /** A torch switch, press to weld. */
    TRIGGER_2T,
    /** A torch switch, four touches. */
    TRIGGER_4T,
    /** Lift start, gas valve on the torch, no remote control. */
    LIFT_ONLY;

    /** {@return whether the machine runs the slopes: a pedal makes its own, a bare lift set has none} */
    public boolean runsSlopes() {
        return this == TRIGGER_2T || this == TRIGGER_4T;
    }
}
