package vastarc.core.domain.joint;

import java.util.stream.Collectors;

/**
 * Welding positions by ISO 6947 letters, with their factors ({@code docs/model/fusion.md (1)}; PF fitted, others
 * judgement).
 */
public enum Position {
    /** Flat. */
    PA(1, "GF", "", 1.00, 1.00, 1.0, PoolLimit.NONE, false),
    /** Horizontal fillet. */
    PB(2, "F", "", 1.00, 1.00, 1.0, PoolLimit.SHELF, false),
    /** Horizontal butt on a vertical face. */
    PC(2, "G", "", 0.95, 0.95, 1.0, PoolLimit.SHELF, false),
    /** Overhead fillet. */
    PD(4, "F", "", 0.90, 0.85, 1.0, PoolLimit.HANGING, false),
    /** Overhead. */
    PE(4, "G", "", 0.88, 0.85, 1.0, PoolLimit.HANGING, false),
    /** Vertical up. */
    PF(3, "GF", " up", 0.88, 0.88, 1.0, PoolLimit.RUNNING, false),
    /** Vertical down. */
    PG(3, "GF", " down", 0.90, 0.72, 1.3, PoolLimit.RUNNING, true),
    /** Tube fixed level, welded upwards. */
    PH(5, "GF", " up", 0.88, 0.88, 1.0, PoolLimit.RUNNING, false),
    /** Tube fixed level, welded downwards. */
    PJ(5, "GF", " down", 0.90, 0.72, 1.3, PoolLimit.RUNNING, true),
    /** Tube fixed at 45°, welded upwards. */
    HL045(6, "G", " up", 0.90, 0.88, 1.0, PoolLimit.SLOPING, false),
    /** Tube fixed at 45°, welded downwards. */
    JL045(6, "G", " down", 0.90, 0.76, 1.2, PoolLimit.SLOPING, true);

    /** What keeps the pool from falling out. */
    public enum PoolLimit {
        /** Sag only. */
        NONE,
        /** Width at most √2 capillary lengths. */
        SHELF,
        /** Width at most π/2 capillary lengths. */
        HANGING,
        /** Width times length at most twice the capillary length squared. */
        RUNNING,
        /** As running, on a 45° slope. */
        SLOPING
    }

    private final int number;
    private final String kinds;
    private final String direction;
    private final double reachFactor;
    private final double cornerReachFactor;
    private final double speedFactor;
    private final PoolLimit poolLimit;
    private final boolean downhill;

    Position(
            int number,
            String kinds,
            String direction,
            double reachFactor,
            double cornerReachFactor,
            double speedFactor,
            PoolLimit poolLimit,
            boolean downhill) {
        this.number = number;
        this.kinds = kinds;
        this.direction = direction;
        this.reachFactor = reachFactor;
        this.cornerReachFactor = cornerReachFactor;
        this.speedFactor = speedFactor;
        this.poolLimit = poolLimit;
        this.downhill = downhill;
    }

    /** {@return the number-letter names of the same attitude} */
    public String numberLetterName() {
        return kinds.chars().mapToObj(kind -> number + Character.toString(kind)).collect(Collectors.joining(" · "))
                + direction;
    }

    /**
     * {@return the number-letter name of the attitude on a joint: with F on a fillet and G on all else, where there are both}
     *
     * @param form of the joint
     */
    public String numberLetterName(JointForm form) {
        String wanted = form.isCorner() ? "F" : "G";
        return number + (kinds.contains(wanted) ? wanted : kinds) + direction;
    }

    /** {@return f, multiplies the melted width} */
    public double reachFactor() {
        return reachFactor;
    }

    /**
     * {@return f of this joint: corners have factors of their own}
     *
     * @param joint the joint
     */
    public double reachFactor(Joint joint) {
        return joint.isCorner() ? cornerReachFactor : reachFactor;
    }

    /** {@return s, multiplies the travel speed} */
    public double speedFactor() {
        return speedFactor;
    }

    /** {@return what holds the pool in this position} */
    public PoolLimit poolLimit() {
        return poolLimit;
    }

    /** {@return whether the torch travels downhill} */
    public boolean isDownhill() {
        return downhill;
    }

    /**
     * {@return whether a joint of this form is welded in this position; others are taken too, but not offered} A girth that
     * stands still goes by its clock (5, 6), a fillet horizontal is 2F, a seam between edges 2G.
     *
     * @param form of the joint
     */
    public boolean suits(JointForm form) {
        return switch (this) {
            case PA -> true;
            case PB, PD -> form.isCorner();
            case PC -> !form.isCorner();
            case PE -> !form.isCorner() && !form.isTube();
            case PF, PG -> !form.isTube();
            case PH, PJ, HL045, JL045 -> form.isTube();
        };
    }

    /** {@return whether only a tube standing still can have this position} */
    public boolean isFixedTube() {
        return this == PH || this == PJ || this == HL045 || this == JL045;
    }

    /** {@return ISO letters as written on drawings} */
    public String letters() {
        return switch (this) {
            case HL045 -> "H-L045";
            case JL045 -> "J-L045";
            default -> name();
        };
    }
}
