package vastarc.core.score;

/**
 * One thing the hand or foot does.
 *
 * @param atS  when, s; not negative
 * @param kind what
 * @param foot where the foot then is, 0 at rest to 1 flat down; it moves evenly from one {@link Kind#FOOT} to the next
 */
public record Touch(double atS, Kind kind, double foot) {

    /** Kinds of touch: of a torch switch or lift start, of a pedal, of the valve on the torch. */
    public enum Kind {
        PRESS,
        RELEASE,
        FOOT,
        VALVE_OPEN,
        VALVE_CLOSE
    }

    public Touch {
        if (!(atS >= 0 && Double.isFinite(atS))) {
            throw new IllegalArgumentException("touch at " + atS + " s, must be 0 s or later");
        }
        if (!(foot >= 0 && foot <= 1)) {
            throw new IllegalArgumentException("foot at " + foot + ", must be from 0 to 1");
        }
    }

    public static Touch press(double atS) {
        return new Touch(atS, Kind.PRESS, 0);
    }

    public static Touch release(double atS) {
        return new Touch(atS, Kind.RELEASE, 0);
    }

    public static Touch foot(double atS, double position) {
        return new Touch(atS, Kind.FOOT, position);
    }

    public static Touch valve(double atS, boolean open) {
        return new Touch(atS, open ? Kind.VALVE_OPEN : Kind.VALVE_CLOSE, 0);
    }
}
