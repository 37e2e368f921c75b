package vastarc.core.domain.joint;

/**
 * Joint forms. A joint is a bundle of half plates ("legs") that share one arc.
 *
 * <p>Half plates and factors: {@code docs/model/conduction.md (2)}, {@code docs/model/fusion.md (1)}; the edge factor 0.8 is judgement.
 */
public enum JointForm {
    /** Plates edge to edge, square edges. */
    SQUARE_BUTT(1, Fusion.THROUGH, 1, false),
    /** Plates edge to edge with a V groove. */
    V_BUTT(1, Fusion.THROUGH, 1, false),
    /** A plate standing on another. */
    T_FILLET(2, Fusion.CORNER, 1, false),
    /** Plates overlapping. */
    LAP(2, Fusion.CORNER, 1, false),
    /** A corner welded on its inside. */
    INSIDE_CORNER(1, Fusion.CORNER, 1, false),
    /** A corner welded on its outside. */
    OUTSIDE_CORNER(1, Fusion.THROUGH, 0.8, false),
    /** Plates face to face, welded along the edge. */
    EDGE(1, Fusion.THROUGH, 0.8, false),
    /** Tube ends together. */
    TUBE_BUTT(1, Fusion.THROUGH, 1, true),
    /** A coped tube on another. */
    TUBE_SADDLE(2, Fusion.CORNER, 1, true),
    /** A tube standing on a plate. */
    TUBE_TO_PLATE(2, Fusion.CORNER, 1, true);

    /** What the arc must melt. */
    public enum Fusion {
        /** Both members through to the back face. */
        THROUGH,
        /** The corner between two members, on the face only. */
        CORNER
    }

    private final int baseLegs;
    private final Fusion fusion;
    private final double reachFactor;
    private final boolean tube;

    JointForm(int baseLegs, Fusion fusion, double reachFactor, boolean tube) {
        this.baseLegs = baseLegs;
        this.fusion = fusion;
        this.reachFactor = reachFactor;
        this.tube = tube;
    }

    /** {@return half plates of the base (through) member; the abutting member always gives one} */
    public int baseLegs() {
        return baseLegs;
    }

    /** {@return what the arc has to melt} */
    public Fusion fusion() {
        return fusion;
    }

    /** {@return whether two faces meet at an angle and the weld is a fillet} */
    public boolean isCorner() {
        return fusion == Fusion.CORNER;
    }

    /** {@return the position it is welded in unless another is chosen: a fillet with one plate standing, all else flat} */
    public Position usualPosition() {
        return isCorner() && !tube ? Position.PB : Position.PA;
    }

    /** {@return factor on the melted half width: edges have no metal beyond them} */
    public double reachFactor() {
        return reachFactor;
    }

    /** {@return whether a member is a tube} */
    public boolean isTube() {
        return tube;
    }
}
