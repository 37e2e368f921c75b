package vastarc.core.heat;

import vastarc.core.joint.Groove;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Technique;
import vastarc.core.joint.WireFeed;

/**
 * What the arc must melt, how much wire it must melt besides, and how fast it goes.
 *
 * <p>Source: engine specification section 2: widths and reach fitted on trade figures (3.5 t: judgement), deposit areas judgement,
 * speeds fitted and judgement.
 *
 * @param halfWidthMm y, half width of the fusion line, mm
 * @param depthMm     z, depth at which it lies: the plate's thickness for through fusion, 0 for a corner, mm
 * @param depositMm2  section of metal added by one pass, mm²
 * @param legMm       fillet leg, 0 where there is none, mm
 * @param speedMmPerS travel, mm/s
 * @param arcMm       arc length, mm
 * @param sinkMm      no member drinks heat as if thicker than this (the root of a V stands in thinner metal), mm
 */
public record Demand(
        double halfWidthMm,
        double depthMm,
        double depositMm2,
        double legMm,
        double speedMmPerS,
        double arcMm,
        double sinkMm) {

    /** Below this thickness the work is micro work: shorter arc, needle tip, small cup. */
    public static final double MICRO_BELOW_MM = 0.5;

    /** Section of a root pass, 8–10 mm² (judgement). */
    static final double ROOT_AREA_MM2 = 9;

    private static final double NO_LIMIT = Double.MAX_VALUE;
    private static final double USUAL_ARC_MM = 2;
    private static final double MICRO_ARC_MM = 1;
    private static final double MAX_LEG_MM = 4.5;
    private static final double MAX_REACH_MM = 2.7;
    private static final double SPEED_REFERENCE_MM = 2;

    /** The demand of a joint in one pass, full penetration or full corner; a groove's root pass. */
    public static Demand of(Joint joint, Practice practice) {
        double t = joint.thinnerMm();
        double f = practice.position().reachFactor();
        double speed = speed(t, practice);
        double arc = t < MICRO_BELOW_MM ? MICRO_ARC_MM : USUAL_ARC_MM;
        if (joint.form().isCorner()) {
            return corner(t, f, practice.wire(), speed, arc);
        }
        if (practice.bothSides()) {
            return halfDepth(t, speed, arc, practice.wire(), joint.gap().inMillimetres());
        }
        return joint.groove()
                .map(groove -> root(t, f, groove, speed, arc))
                .orElseGet(() -> through(joint, t, f, practice, speed, arc));
    }

    private static Demand corner(double t, double f, boolean wire, double speed, double arc) {
        double reach = f * cornerReachMm(t) * (wire ? 1 : 0.75);
        double leg = wire ? Math.min(0.8 + t, MAX_LEG_MM) : 0;
        return new Demand(reach, 0, 1.1 * leg * leg / 2, leg, speed, arc, NO_LIMIT);
    }

    /** How far a corner is fused along both faces, flat and with wire, mm: min(0.8 + t, 2.7). */
    public static double cornerReachMm(double t) {
        return Math.min(0.8 + t, MAX_REACH_MM);
    }

    private static Demand through(Joint joint, double t, double f, Practice practice, double speed, double arc) {
        double y = f * usualWidth(t) / 2 * joint.form().reachFactor();
        double deposit = practice.wire() ? flatBead(y, t) + joint.gap().inMillimetres() * t : 0;
        return new Demand(y, t, deposit, 0, speed, arc, NO_LIMIT);
    }

    /** Each side melts a little past the middle, so that the two sides meet. */
    private static Demand halfDepth(double t, double speed, double arc, boolean wire, double gap) {
        Demand side = limited(0.55 * t, 0.55 * t, speed, arc, wire);
        return side.withDeposit(side.depositMm2() + (wire ? gap * t / 2 : 0));
    }

    /** Limited penetration to a depth: half width 0.5 mm at the depth (judgement). */
    public static Demand limited(double depthMm, double beadThicknessMm, double speed, double arc, boolean wire) {
        double y = 0.5;
        double deposit = wire ? flatBead(y, beadThicknessMm) : 0;
        return new Demand(y, depthMm, deposit, 0, speed, arc, NO_LIMIT);
    }

    /** A fill pass: melts a half width of the face, adds a section, at the speed and arc of another pass. */
    public static Demand onFace(double halfWidthMm, double depositMm2, Demand like) {
        return new Demand(halfWidthMm, 0, depositMm2, 0, like.speedMmPerS(), like.arcMm(), NO_LIMIT);
    }

    /** Root pass of a V: melts the land, in metal as thick as the bevel stands above the edge of the pool. */
    private static Demand root(double t, double f, Groove groove, double speed, double arc) {
        double land = groove.rootFace().inMillimetres();
        double width = f * usualWidth(Math.max(land, 1));
        double sink = rootThicknessMm(t, width, groove);
        return new Demand(width / 2, Math.min(Math.max(land, 0.5), sink), ROOT_AREA_MM2, 0, speed, arc, sink);
    }

    /** The same melt with another section of added metal, mm². */
    public Demand withDeposit(double squareMm) {
        return new Demand(halfWidthMm, depthMm, squareMm, legMm, speedMmPerS, arcMm, sinkMm);
    }

    /** t_r = min(t, f + (w/2)/tan(α/2)), mm: what stands in the way of the root pool. */
    static double rootThicknessMm(double t, double widthMm, Groove groove) {
        return Math.min(t, groove.rootFace().inMillimetres() + widthMm / 2 / groove.halfAngleTangent());
    }

    /** Back width of a sound through weld, mm. */
    static double usualWidth(double t) {
        return Math.min(3.5 * t, 2.35 + 0.65 * t);
    }

    private static double flatBead(double y, double t) {
        return 0.67 * ((2 * y + t) * (0.3 + 0.15 * t) + 2 * y * 0.4);
    }

    /** Travel, mm/s: by technique and position, slower above 2 mm; the hand's own timed speed overrides. */
    private static double speed(double t, Practice practice) {
        double usual = techniqueSpeed(practice)
                * practice.position().speedFactor()
                * Math.min(1, Math.pow(SPEED_REFERENCE_MM / t, 0.25));
        return practice.travelMmPerS().orElse(usual);
    }

    private static double techniqueSpeed(Practice practice) {
        if (practice.technique() == Technique.CUP_WALK) {
            return 1.4;
        }
        if (practice.technique() == Technique.POSITIONER) {
            return 2.0;
        }
        if (!practice.wire()) {
            return 2.3;
        }
        return practice.wireFeed() == WireFeed.LAY ? 2.1 : 1.9;
    }
}
