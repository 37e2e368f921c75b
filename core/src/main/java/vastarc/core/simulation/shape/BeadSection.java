package vastarc.core.simulation.shape;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.simulation.mesh.SectionMesh.JointOutline;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;

/**
 * A bead cut across its seam. Its surface is a parabola from toe to toe that holds the metal laid, as high as it must be; where the pool hangs
 * through, cap and root share the metal as weight and surface tension balance. Source: {@code docs/model/simulation.md (5)}.
 */
public final class BeadSection {

    /** Points of a front surface across: both fused toes, the middles of both undercuts, and the face between them. */
    public static final int FRONT_POINTS = 17;

    /** Points of a back surface across. */
    public static final int BACK_POINTS = 9;

    private static final int FACE_POINTS = FRONT_POINTS - 4;
    private static final int PROFILE_POINTS = 24;
    /** A parabola's section over its width and rise, as so many straight pieces draw it: 2/3 (1 − 1/n²). */
    private static final double FACE = drawn(FACE_POINTS - 1);

    private static final double ROOT = drawn(BACK_POINTS - 1);
    private static final double WASHED = 0.5;
    private static final double DEEPEST_SINK = 0.35;
    private static final double DEEPEST_SAG = 0.5;
    private static final double UNDERCUT_SLOPE = 0.12;
    private static final double MOST_UNDERCUT_MM = 0.4;
    private static final double ROUNDED = 0.2;
    private static final double STEEPEST = 0.45;
    private static final double WIDEST_LUMP = 40;
    private static final double NEAR = 1e-6;
    private static final int HALVINGS = 24;
    private static final double STEP_MM = 1e-4;

    private static double drawn(int pieces) {
        return 2.0 / 3 * (1 - 1.0 / (pieces * pieces));
    }

    private final JointOutline outline;
    private final double capillaryMm2;
    private final double thicknessMm;
    private final double gapMm2;
    private final boolean corner;
    private final double rimLeftMm;
    private final double rimRightMm;

    /**
     * Both toes of a bead on a face.
     *
     * @param leftMm  place of one, mm from the root
     * @param rightMm place of the other, not below that
     */
    public record Toes(double leftMm, double rightMm) {

        /** Nothing molten. */
        public static final Toes NONE = new Toes(0, 0);

        /** {@return whether nothing is molten} */
        public boolean isNone() {
            return rightMm - leftMm < NEAR;
        }

        private Toes by(double share) {
            return new Toes(leftMm * share, rightMm * share);
        }
    }

    /**
     * What a bead is made of at a place of the seam.
     *
     * @param front   toes on the arc's faces
     * @param back    toes behind
     * @param laidMm2 section of the metal laid
     * @param pull    of its weight into the metal, −1 to 1
     * @param held    a bar holds the back flush
     */
    public record BeadMakeup(Toes front, Toes back, double laidMm2, double pull, boolean held) {}

    /**
     * The shape.
     *
     * @param fused      toes of what was molten in front
     * @param wetted     toes of the bead: within it, or beyond it where more metal was laid than it holds up
     * @param riseMm     of the face above the straight line from toe to toe; below 0 where it is hollow
     * @param dropMm     that both toes lie below the old face: a rim that has rounded itself
     * @param undercutMm deepest place between a fused toe and the bead's
     * @param back       toes of the root bead
     * @param sagMm      that it stands out of the back; below 0 where it is sucked in
     */
    public record BeadShape(
            Toes fused, Toes wetted, double riseMm, double dropMm, double undercutMm, Toes back, double sagMm) {}

    /**
     * Beads of a joint.
     *
     * @param outline      of its section
     * @param capillaryMm2 surface tension over specific weight of the melt, mm²
     * @param thicknessMm  of the thinner member, mm
     * @param gapMm2       section of a gap that its metal fills first, mm²
     * @param corner       whether the bead is a fillet between two faces
     * @param rim          edges that the bead does not run over: on an edge joint, where all of it is molten, the pool rounds itself between
     *                     them; of a lap, the one of the upper sheet. {@link Toes#NONE} without one
     */
    public BeadSection(
            JointOutline outline, double capillaryMm2, double thicknessMm, double gapMm2, boolean corner, Toes rim) {
        this.outline = outline;
        this.capillaryMm2 = capillaryMm2;
        this.thicknessMm = thicknessMm;
        this.gapMm2 = gapMm2;
        this.corner = corner;
        this.rimLeftMm = rim.isNone() ? Double.NEGATIVE_INFINITY : rim.leftMm();
        this.rimRightMm = rim.isNone() ? Double.POSITIVE_INFINITY : rim.rightMm();
    }

    /**
     * {@return the shape of a bead}
     *
     * @param makeup what it is made of
     */
    public BeadShape shape(BeadMakeup makeup) {
        Toes fused = makeup.front();
        if (fused.isNone()) {
            return new BeadShape(fused, fused, 0, 0, 0, Toes.NONE, 0);
        }
        Toes wets = new Toes(Math.max(rimLeftMm, fused.leftMm()), Math.min(rimRightMm, fused.rightMm()));
        double wide = chordMm(wets);
        double frontVoid = voidMm2(wets, true) + gapMm2;
        double backWide = makeup.back().isNone() ? 0 : chordMm(ends(makeup.back(), false));
        double backVoid = makeup.back().isNone() ? 0 : voidMm2(makeup.back(), false);
        double metal = makeup.laidMm2() - frontVoid - backVoid;
        double sag = makeup.held() ? 0 : sagMm(metal, wide, backWide, makeup.pull());
        double face = makeup.laidMm2() - backVoid - ROOT * backWide * sag - gapMm2;
        double rise = (face - voidMm2(wets, true)) / (FACE * wide);
        double lowest = lowestMm(wets);
        if (rise > STEEPEST * wide && rimLeftMm == Double.NEGATIVE_INFINITY) {
            return lumped(fused, wets, face, makeup.back(), sag);
        }
        if (rise >= lowest) {
            boolean all = fused.leftMm() <= rimLeftMm + NEAR && fused.rightMm() >= rimRightMm - NEAR;
            double rounds = all ? ROUNDED * wide : 0;
            return new BeadShape(fused, wets, rise + rounds, FACE * rounds, 0, makeup.back(), sag);
        }
        return voidMm2(wets, true) > NEAR
                ? starved(fused, wets, face, makeup.back(), sag)
                : new BeadShape(fused, wets, lowest, 0, 0, makeup.back(), sag);
    }

    /**
     * The root's sag s under the cap's rise h: what hangs is held by its own curve, 8 s/w_b² = t/a² cos θ + 8 h/w², and both hold the metal,
     * 2/3 (w h + w_b s) = A.
     */
    private double sagMm(double metalMm2, double wide, double backWide, double pull) {
        if (backWide < NEAR) {
            return 0;
        }
        double weight = thicknessMm * pull / (8 * capillaryMm2);
        double square = backWide * backWide;
        double sag = corner
                ? square * weight
                : square
                        * (weight
                                + (metalMm2 - ROOT * weight * square * backWide)
                                        / (FACE * wide + ROOT * square * backWide / (wide * wide))
                                        / (wide * wide));
        return Math.max(-DEEPEST_SAG * thicknessMm, Math.min(DEEPEST_SAG * backWide, sag));
    }

    /** Less metal than the hollowest face takes: the bead wets less than was fused, and the rest is washed out. */
    private BeadShape starved(Toes fused, Toes most, double face, Toes back, double sag) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double share = (low + high) / 2;
            Toes wetted = most.by(share);
            double takes = voidMm2(wetted, true) + FACE * chordMm(wetted) * lowestMm(wetted) - washedMm2(most, share);
            low = takes < face ? share : low;
            high = takes < face ? high : share;
        }
        Toes wetted = most.by(high);
        double washed = corner ? undercutMm(widest(most) * (1 - high)) : 0;
        return new BeadShape(fused, wetted, lowestMm(wetted), 0, washed, back, sag);
    }

    /** More metal than the fused width holds up: the rest runs over its toes and lies on the plate unfused. */
    private BeadShape lumped(Toes fused, Toes least, double face, Toes back, double sag) {
        double low = 1;
        double high = WIDEST_LUMP;
        for (int i = 0; i < HALVINGS; i++) {
            double share = (low + high) / 2;
            Toes wetted = least.by(share);
            double wide = chordMm(wetted);
            double takes = voidMm2(wetted, true) + FACE * STEEPEST * wide * wide;
            low = takes < face ? share : low;
            high = takes < face ? high : share;
        }
        Toes wetted = least.by(high);
        double rise = (face - voidMm2(wetted, true)) / (FACE * chordMm(wetted));
        return new BeadShape(fused, wetted, rise, 0, 0, back, sag);
    }

    private static double widest(Toes toes) {
        return Math.max(-toes.leftMm(), toes.rightMm());
    }

    private static double undercutMm(double widthMm) {
        return Math.min(MOST_UNDERCUT_MM, UNDERCUT_SLOPE * widthMm);
    }

    private double washedMm2(Toes fused, double share) {
        double bare = (1 - share) * (fused.rightMm() - fused.leftMm());
        return corner ? WASHED * bare * undercutMm(widest(fused) * (1 - share)) : 0;
    }

    /** The lowest rise at which the face does not cut into the members: a hollow corner leaves both at a tangent. */
    private double lowestMm(Toes toes) {
        double deep = deepMm(toes);
        return deep > NEAR ? -deep / 2 : -DEEPEST_SINK * chordMm(toes);
    }

    /** The points of both toes. */
    private SectionPoint[] ends(Toes toes, boolean front) {
        return new SectionPoint[] {old(front, toes.leftMm()), old(front, toes.rightMm())};
    }

    private static double chordMm(SectionPoint[] ends) {
        return Math.max(NEAR, Math.hypot(ends[1].y() - ends[0].y(), ends[1].z() - ends[0].z()));
    }

    /** A point beside the straight line between two ends: so far along it as a share, so far out to the side of the arc. */
    private static SectionPoint beside(SectionPoint[] ends, double share, double out) {
        double y = ends[1].y() - ends[0].y();
        double z = ends[1].z() - ends[0].z();
        double chord = chordMm(ends);
        return new SectionPoint(ends[0].y() + share * y + out * z / chord, ends[0].z() + share * z - out * y / chord);
    }

    /** Area of a closed line, mm²; below 0 where it runs against the clock with y to the right and z downward. */
    private static double areaMm2(List<SectionPoint> line) {
        double twice = 0;
        SectionPoint last = line.get(line.size() - 1);
        for (SectionPoint next : line) {
            twice += last.y() * next.z() - next.y() * last.z();
            last = next;
        }
        return twice / 2;
    }

    private List<SectionPoint> oldFace(Toes toes, boolean front) {
        List<SectionPoint> line = new ArrayList<>(2 * PROFILE_POINTS);
        for (double place : places(toes)) {
            line.add(old(front, place));
        }
        return line;
    }

    private double chordMm(Toes toes) {
        return chordMm(ends(toes, true));
    }

    private SectionPoint old(boolean front, double place) {
        return front ? outline.frontAt(place) : outline.backAt(place);
    }

    /** Room between the straight line from toe to toe and the old faces, mm²; below 0 where they bulge beyond it. */
    private double voidMm2(Toes toes, boolean front) {
        double area = areaMm2(oldFace(toes, front));
        return front ? -area : area;
    }

    /** Deepest place of the old faces below the straight line from toe to toe, mm. */
    private double deepMm(Toes toes) {
        SectionPoint[] ends = ends(toes, true);
        double chord = chordMm(ends);
        double alongY = (ends[1].y() - ends[0].y()) / chord;
        double alongZ = (ends[1].z() - ends[0].z()) / chord;
        double deepest = 0;
        for (double place : places(toes)) {
            SectionPoint there = old(true, place);
            double out = (there.y() - ends[0].y()) * alongZ - (there.z() - ends[0].z()) * alongY;
            deepest = Math.max(deepest, -out);
        }
        return deepest;
    }

    /** Places from toe to toe, the root among them. */
    private static double[] places(Toes toes) {
        double[] places = new double[PROFILE_POINTS + 1];
        boolean overRoot = toes.leftMm() < 0 && toes.rightMm() > 0;
        int left = PROFILE_POINTS / 2;
        for (int i = 0; i <= PROFILE_POINTS; i++) {
            double share = i / (double) PROFILE_POINTS;
            places[i] = !overRoot
                    ? toes.leftMm() + share * (toes.rightMm() - toes.leftMm())
                    : i <= left
                            ? toes.leftMm() * (1 - (double) i / left)
                            : toes.rightMm() * (i - left) / (PROFILE_POINTS - left);
        }
        return places;
    }

    /**
     * {@return the place along the faces that a point of the front surface stands over, mm from the root}
     *
     * @param shape the shape
     * @param point number of the point across, from 0 to {@link #FRONT_POINTS} − 1
     */
    public static double frontPlace(BeadShape shape, int point) {
        Toes fused = shape.fused();
        Toes wetted = shape.wetted();
        int last = FRONT_POINTS - 1;
        double left = Math.min(fused.leftMm(), wetted.leftMm());
        double right = Math.max(fused.rightMm(), wetted.rightMm());
        if (point == 0 || point == last) {
            return point == 0 ? left : right;
        }
        if (point == 1 || point == last - 1) {
            return point == 1 ? (left + wetted.leftMm()) / 2 : (right + wetted.rightMm()) / 2;
        }
        return wetted.leftMm() + share(point) * (wetted.rightMm() - wetted.leftMm());
    }

    private static double share(int point) {
        return (point - 2) / (double) (FACE_POINTS - 1);
    }

    /**
     * {@return a point of the front surface}
     *
     * @param shape    the shape
     * @param point    number of the point across, from 0 to {@link #FRONT_POINTS} − 1
     * @param higherMm that the middle of the face stood higher when this point froze
     */
    public SectionPoint front(BeadShape shape, int point, double higherMm) {
        int last = FRONT_POINTS - 1;
        if (point <= 1 || point >= last - 1) {
            double deep = point == 1 || point == last - 1 ? shape.undercutMm() : 0;
            return out(frontPlace(shape, point), -deep - shape.dropMm());
        }
        double share = share(point);
        double out = 4 * share * (1 - share) * (shape.riseMm() + higherMm) - shape.dropMm();
        return beside(ends(shape.wetted(), true), share, out);
    }

    /** A point so far outside the old face at a place. */
    private SectionPoint out(double place, double mm) {
        SectionPoint there = outline.frontAt(place);
        SectionPoint before = outline.frontAt(place - STEP_MM);
        SectionPoint after = outline.frontAt(place + STEP_MM);
        double length = Math.max(NEAR * STEP_MM, Math.hypot(after.y() - before.y(), after.z() - before.z()));
        return new SectionPoint(
                there.y() + mm * (after.z() - before.z()) / length, there.z() - mm * (after.y() - before.y()) / length);
    }

    /**
     * {@return a point of the back surface}
     *
     * @param shape the shape
     * @param point number of the point across, from 0 to {@link #BACK_POINTS} − 1
     */
    public SectionPoint back(BeadShape shape, int point) {
        double share = point / (double) (BACK_POINTS - 1);
        return beside(ends(shape.back(), false), share, -4 * share * (1 - share) * shape.sagMm());
    }

    /**
     * {@return the place along the back that a point of the back surface stands over, mm from the root}
     *
     * @param shape the shape
     * @param point number of the point across, from 0 to {@link #BACK_POINTS} − 1
     */
    public static double backPlace(BeadShape shape, int point) {
        return shape.back().leftMm()
                + point
                        / (double) (BACK_POINTS - 1)
                        * (shape.back().rightMm() - shape.back().leftMm());
    }

    /**
     * {@return section that a drawn bead adds to the old joint, mm²: between its front points and the old faces, and between its back points
     * and the old back; as much as was laid}
     *
     * @param shape the shape
     */
    public double addedMm2(BeadShape shape) {
        if (shape.fused().isNone()) {
            return 0;
        }
        List<SectionPoint> front = oldFace(new Toes(frontPlace(shape, 0), frontPlace(shape, FRONT_POINTS - 1)), true);
        for (int point = FRONT_POINTS - 1; point >= 0; point--) {
            front.add(front(shape, point, 0));
        }
        List<SectionPoint> back = oldFace(shape.back(), false);
        for (int point = BACK_POINTS - 1; point >= 0; point--) {
            back.add(back(shape, point));
        }
        return areaMm2(back) - areaMm2(front) + gapMm2;
    }
}
