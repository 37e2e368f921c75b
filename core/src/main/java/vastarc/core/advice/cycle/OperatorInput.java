package vastarc.core.advice.cycle;

/**
 * One thing the welder does.
 *
 * @param atS  when, s; not negative
 * @param kind what
 * @param foot where the foot then is, 0 at rest to 1 flat down; it moves evenly from one {@link InputAction#FOOT} to the next
 */
public record OperatorInput(double atS, InputAction kind, double foot) {

    /** Kinds of touch: of a torch switch or lift start, of a pedal, of the valve on the torch. */
    public enum InputAction {
        /** The switch is pressed, or the tungsten touches for a lift start. */
        PRESS,
        /** The switch is released, or the arc is broken. */
        RELEASE,
        /** The pedal moves. */
        FOOT,
        /** The valve on the torch is opened. */
        VALVE_OPEN,
        /** The valve on the torch is closed. */
        VALVE_CLOSE
    }

    /** Checks its values; throws {@link IllegalArgumentException} where one is out of range. */
    public OperatorInput {
        if (!(atS >= 0 && Double.isFinite(atS))) {
            throw new IllegalArgumentException("touch at " + atS + " s, must be 0 s or later");
        }
        if (!(foot >= 0 && foot <= 1)) {
            throw new IllegalArgumentException("foot at " + foot + ", must be from 0 to 1");
        }
    }

    /**
     * {@return a press of the trigger at a time, s}
     *
     * @param atS time, s
     */
    public static OperatorInput press(double atS) {
        return new OperatorInput(atS, InputAction.PRESS, 0);
    }

    /**
     * {@return a release of the trigger at a time, s}
     *
     * @param atS time, s
     */
    public static OperatorInput release(double atS) {
        return new OperatorInput(atS, InputAction.RELEASE, 0);
    }

    /**
     * {@return a pedal position, 0 to 1, reached at a time, s}
     *
     * @param atS time, s
     * @param position position, 0 to 1
     */
    public static OperatorInput foot(double atS, double position) {
        return new OperatorInput(atS, InputAction.FOOT, position);
    }

    /**
     * {@return the gas valve of the torch opened or closed at a time, s}
     *
     * @param atS time, s
     * @param open whether the valve is open
     */
    public static OperatorInput valve(double atS, boolean open) {
        return new OperatorInput(atS, open ? InputAction.VALVE_OPEN : InputAction.VALVE_CLOSE, 0);
    }
}
