package vastarc.core.heat;

import vastarc.core.joint.Groove;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Penetration;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Technique;
import vastarc.core.joint.WireFeed;
import vastarc.core.quantity.Length;

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
    private static final double LIMITED_HALF_WIDTH_MM = 0.5;
    private static final double OVER_LAID_MM = 0.8;
    private static final double ROOT_GUESS = 1.4;

    /** Widths are found to this; taken off, the back is solid for certain. */
    private static final double SEARCHED_TO_MM = 0.001;

    private static final double HALF_DEPTH = 0.5;
    private static final double EACH_SIDE = 0.65;
    private static final double SURFACE_SHARE = 0.25;
    private static final double SURFACE_MM = 0.8;

    /** The demand of a joint's first pass: all of it, where one pass does. */
    public static Demand of(Joint joint, Practice practice) {
        Penetration penetration = Penetration.of(joint, practice);
        double speed = speed(joint.thinnerMm(), practice);
        double arc = joint.thinnerMm() < MICRO_BELOW_MM ? MICRO_ARC_MM : USUAL_ARC_MM;
        if (joint.isCorner()) {
            Demand reach = fullReach(joint, practice);
            return penetration == Penetration.ROOT ? reach.keepingBackSolid(joint, practice) : reach;
        }
        if (joint.groove().isPresent()) {
            return root(joint, practice, penetration, joint.groove().get(), speed, arc);
        }
        Demand through = through(joint, practice, speed, arc);
        return penetration == Penetration.FULL
                ? through
                : through.limitedTo(depthMm(joint, practice), joint, practice.wire());
    }

    /**
     * How deep a run melts where it does not go through, mm: as told or half the thickness, not deeper than one run melts; 0.65 t from
     * each side; a surface run 0.25 t or 0.8 mm, the smaller. Source: [judgement].
     */
    public static double depthMm(Joint joint, Practice practice) {
        double t = joint.thinnerMm();
        return switch (Penetration.of(joint, practice)) {
            case PARTIAL ->
                practice.depth()
                        .map(Length::inMillimetres)
                        .orElse(Math.min(HALF_DEPTH * t, joint.material().deepestRunMm()));
            case BOTH_SIDES -> EACH_SIDE * t;
            case SURFACE -> Math.min(SURFACE_SHARE * t, SURFACE_MM);
            default -> t;
        };
    }

    /** Fused to its reach along both faces; where it is fused through, a leg is laid a little larger than drawn. */
    private static Demand corner(Joint joint, Practice practice, double speed, double arc) {
        double t = joint.thinnerMm();
        double reach = practice.position().reachFactor() * cornerReachMm(t) * (practice.wire() ? 1 : 0.75);
        boolean root = Penetration.of(joint, practice) == Penetration.ROOT;
        double laid = root ? joint.legMm() : laidLegMm(joint);
        double leg = practice.wire() ? Math.min(laid, MAX_LEG_MM) : 0;
        double deposit = joint.preparation().isBevelledT() && practice.wire() ? ROOT_AREA_MM2 : legAreaMm2(leg);
        return new Demand(reach, 0, deposit, leg, speed, arc, NO_LIMIT);
    }

    /** Leg as a hand lays it, mm: 0.8 over the leg drawn, or over the thickness where none is. */
    public static double laidLegMm(Joint joint) {
        double drawn = joint.leg().map(Length::inMillimetres).orElse(Math.max(joint.thinnerMm(), joint.legMm()));
        return OVER_LAID_MM + drawn;
    }

    /** Section of a fillet a little convex, mm²: 1.1 L²/2. */
    public static double legAreaMm2(double legMm) {
        return 1.1 * legMm * legMm / 2;
    }

    /** How far a corner is fused along both faces, flat and with wire, mm: min(0.8 + t, 2.7). */
    public static double cornerReachMm(double t) {
        return Math.min(0.8 + t, MAX_REACH_MM);
    }

    /** Reaches less far where its full reach would melt the back of the thinner member. */
    private Demand keepingBackSolid(Joint joint, Practice practice) {
        JointHeat heat = JointHeat.of(joint, practice, this);
        double most = solidPowerW(heat, joint);
        if (heat.powerW(halfWidthMm, depthMm) <= most) {
            return this;
        }
        double guess = Math.min(2 * halfWidthMm, ROOT_GUESS * joint.thinnerMm());
        double found = heat.frontWidthMm(most, guess) / 2 - SEARCHED_TO_MM;
        double reach = Math.max(found, JointHeat.LEAST_HALF_WIDTH_MM);
        return new Demand(reach, 0, depositMm2, legMm, speedMmPerS, arcMm, sinkMm);
    }

    private static double solidPowerW(JointHeat heat, Joint joint) {
        return heat.powerW(JointHeat.LEAST_HALF_WIDTH_MM, joint.thinnerMm());
    }

    /** Power into the plates of a corner fused at its root, W: no more than leaves the back solid. Its reach need not be known for that. */
    static double rootPowerW(Joint joint, Practice practice, Demand reach) {
        JointHeat heat = JointHeat.of(joint, practice, reach);
        return Math.min(solidPowerW(heat, joint), heat.powerW(reach.halfWidthMm, reach.depthMm));
    }

    /** What a corner would be asked for if its back might melt: speed, arc and section laid are those of its root run too. */
    static Demand fullReach(Joint joint, Practice practice) {
        double arc = joint.thinnerMm() < MICRO_BELOW_MM ? MICRO_ARC_MM : USUAL_ARC_MM;
        return corner(joint, practice, speed(joint.thinnerMm(), practice), arc);
    }

    private static Demand through(Joint joint, Practice practice, double speed, double arc) {
        double t = joint.thinnerMm();
        double y = practice.position().reachFactor()
                * usualWidth(t)
                / 2
                * joint.form().reachFactor();
        double deposit = practice.wire() ? flatBead(y, t) + joint.gap().inMillimetres() * t : 0;
        return new Demand(y, t, deposit, 0, speed, arc, NO_LIMIT);
    }

    /** A run that stops at a depth adds metal for what it melts, and half the gap. */
    private Demand limitedTo(double depth, Joint joint, boolean wire) {
        double y = Math.min(LIMITED_HALF_WIDTH_MM, halfWidthMm);
        double bead = flatBead(y, Math.min(joint.thinnerMm(), 2 * depth));
        double deposit = wire ? bead + joint.gap().inMillimetres() * depth : 0;
        return new Demand(y, Math.min(depth, depthMm), deposit, 0, speedMmPerS, arcMm, NO_LIMIT);
    }

    /** Limited penetration to a depth: half width 0.5 mm at the depth (judgement). */
    public static Demand limited(double depthMm, double beadThicknessMm, double speed, double arc, boolean wire) {
        double y = LIMITED_HALF_WIDTH_MM;
        double deposit = wire ? flatBead(y, beadThicknessMm) : 0;
        return new Demand(y, depthMm, deposit, 0, speed, arc, NO_LIMIT);
    }

    /**
     * A fill pass: melts a half width of the face, at most the reach of a corner and less out of position, and adds a section. Falling, it
     * goes no faster than flat.
     */
    public Demand onFace(double halfWidth, double squareMm, Practice practice) {
        Position position = practice.position();
        double half = position.reachFactor() * Math.min(MAX_REACH_MM, halfWidth);
        double speed = practice.travelMmPerS().isPresent() ? speedMmPerS : speedMmPerS / position.speedFactor();
        return new Demand(half, 0, squareMm, 0, speed, arcMm, NO_LIMIT);
    }

    /** The same run at another place of a seam that passes through several positions. */
    public Demand turnedFrom(Position here, Position there) {
        double half = halfWidthMm / here.reachFactor() * there.reachFactor();
        return new Demand(half, depthMm, depositMm2, legMm, speedMmPerS, arcMm, sinkMm);
    }

    /** The run from the other side of a groove, ground back to sound metal: a little past the middle of the land. */
    public Demand onBack(Groove groove) {
        double depth =
                Math.max(LIMITED_HALF_WIDTH_MM, EACH_SIDE * groove.rootFace().inMillimetres());
        return new Demand(LIMITED_HALF_WIDTH_MM, depth, ROOT_AREA_MM2, 0, speedMmPerS, arcMm, NO_LIMIT);
    }

    /**
     * Root pass of a V: melts the land, in metal as thick as the bevel stands above the edge of the pool. Where the land is not to be
     * melted through, it is melted to what is wanted of it.
     */
    private static Demand root(
            Joint joint, Practice practice, Penetration penetration, Groove groove, double speed, double arc) {
        double t = joint.thinnerMm();
        double land = groove.rootFace().inMillimetres();
        double width = practice.position().reachFactor() * usualWidth(Math.max(land, 1));
        double sink = rootThicknessMm(t, width, groove);
        double through = Math.min(Math.max(land, 0.5), sink);
        double wanted = switch (penetration) {
            case PARTIAL -> depthMm(joint, practice) - (t - land);
            case BOTH_SIDES -> EACH_SIDE * land;
            default -> through;
        };
        double depth = Math.min(through, Math.max(0, wanted));
        double half = depth < through ? Math.min(LIMITED_HALF_WIDTH_MM, width / 2) : width / 2;
        return new Demand(half, depth, ROOT_AREA_MM2, 0, speed, arc, sink);
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
