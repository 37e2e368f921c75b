package vastarc.core.domain.joint;

/**
 * How a joint lies: which way is up, seen from its section at the start of the seam (x along the seam, y across it from the root, over the base
 * member of a corner, z from the arc's side into the metal). Source: positions of ISO 6947 [standard], where a seam starts [judgement].
 *
 * @param upX    part of "up" along the seam
 * @param upY    part across it
 * @param upZ    part into the metal: −1 where the arc burns from above
 * @param turned the tube turns under the torch, so that "up" stays where it is
 * @param about  what the seam runs round
 */
public record Attitude(double upX, double upY, double upZ, boolean turned, SeamTurn about) {

    /** What a seam runs round. */
    public enum SeamTurn {
        /** Nothing: it is straight. */
        NONE,
        /** An axis across the seam: a tube end to end with another. */
        ACROSS,
        /** An axis into the metal: a tube that stands on something. */
        INTO
    }

    private static final double CORNER_DEG = 45;
    private static final double HALF = Math.sqrt(0.5);

    /**
     * {@return how a joint lies in the position of these conditions; in a position its form is not made for, as in the nearest that is}
     *
     * @param joint      the joint
     * @param conditions the welding conditions
     */
    public static Attitude of(Joint joint, WeldingConditions conditions) {
        return joint.form().isTube() ? tube(joint, conditions.position()) : straight(joint, conditions.position());
    }

    private static Attitude straight(Joint joint, Position position) {
        double lean = Math.toRadians(leanDeg(joint));
        boolean corner = joint.isCorner();
        return switch (position) {
            case PA -> flat(Math.sin(lean), -Math.cos(lean));
            case PB -> corner ? flat(0, -1) : flat(Math.sin(lean), -Math.cos(lean));
            case PC -> corner ? flat(0, -1) : flat(-1, 0);
            case PD -> corner ? flat(0, 1) : flat(-Math.sin(lean), Math.cos(lean));
            case PE -> flat(-Math.sin(lean), Math.cos(lean));
            case PF, PH, HL045 -> new Attitude(1, 0, 0, false, SeamTurn.NONE);
            case PG, PJ, JL045 -> new Attitude(-1, 0, 0, false, SeamTurn.NONE);
        };
    }

    private static Attitude flat(double upY, double upZ) {
        return new Attitude(0, upY, upZ, false, SeamTurn.NONE);
    }

    /** A fixed tube that is welded upwards starts at its lowest place. */
    private static Attitude tube(Joint joint, Position position) {
        boolean stands = joint.form() != JointForm.TUBE_BUTT;
        SeamTurn about = stands ? SeamTurn.INTO : SeamTurn.ACROSS;
        if (stands) {
            return switch (position) {
                case PA -> new Attitude(0, HALF, -HALF, true, about);
                case PB, PC -> new Attitude(0, 0, -1, false, about);
                case PD, PE -> new Attitude(0, 0, 1, false, about);
                case PF, PH -> new Attitude(0, -1, 0, false, about);
                case PG, PJ -> new Attitude(0, 1, 0, false, about);
                case HL045 -> new Attitude(0, -HALF, -HALF, false, about);
                case JL045 -> new Attitude(0, HALF, -HALF, false, about);
            };
        }
        return switch (position) {
            case PA, PB -> new Attitude(0, 0, -1, true, about);
            case PC -> new Attitude(0, 1, 0, false, about);
            case PD, PE -> new Attitude(0, 0, 1, true, about);
            case PF, PH -> new Attitude(0, 0, 1, false, about);
            case PG, PJ -> new Attitude(0, 0, -1, false, about);
            case HL045 -> new Attitude(0, HALF, HALF, false, about);
            case JL045 -> new Attitude(0, HALF, -HALF, false, about);
        };
    }

    /** The arc's axis from straight above the root, degrees; positive over the base. */
    private static double leanDeg(Joint joint) {
        if (joint.isCorner()) {
            return CORNER_DEG;
        }
        return joint.form() == JointForm.OUTSIDE_CORNER && joint.groove().isEmpty() ? -CORNER_DEG : 0;
    }

    /**
     * {@return how much of its weight pulls the pool into the metal, −1 to 1: 1 flat, 0 upright, −1 overhead}
     *
     * @param turns how far round the seam, in whole turns from its start; any number for a straight seam
     */
    public double pullInto(double turns) {
        if (turned || about != SeamTurn.ACROSS) {
            return -upZ;
        }
        double angle = 2 * Math.PI * turns;
        return upX * Math.sin(angle) - upZ * Math.cos(angle);
    }
}
