package vastarc.core.physics.heat;

import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FillerFeed;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.joint.WeldingConditions;

/**
 * What the arc must melt, how much wire it must melt besides, and how fast it goes.
 *
 * <p>Source: {@code docs/model/fusion.md}: widths and reach fitted on trade figures (3.5 t: judgement), deposit areas judgement,
 * speeds fitted and judgement.
 *
 * @param halfWidthMm y, half width of the fusion line, mm
 * @param depthMm     z, depth at which it lies: the plate's thickness for through fusion, 0 for a corner, mm
 * @param depositedAreaMm2 section of metal added by one pass, mm²
 * @param legMm       fillet leg, 0 where there is none, mm
 * @param speedMmPerS travel, mm/s
 * @param arcMm       arc length, mm
 * @param sinkMm      no member takes heat as if thicker than this (the root of a V is in thinner metal), mm
 */
public record FusionRequirement(
        double halfWidthMm,
        double depthMm,
        double depositedAreaMm2,
        double legMm,
        double speedMmPerS,
        double arcMm,
        double sinkMm) {

    /** Below this thickness the work is micro work: shorter arc, needle tip, small cup. */
    public static final double MICRO_BELOW_MM = 0.5;

    /** Section of a root pass, mm²; less where the whole groove and its cap take less. Source: 8 to 10 [judgement]. */
    public static final double ROOT_AREA_MM2 = 10;

    private static final double USUAL_ARC_MM = 2;
    private static final double MICRO_ARC_MM = 1;
    private static final double SHORT_ARC_TO_MM = 0.3;

    /** Largest leg welded in one pass, mm. */
    public static final double MAX_LEG_MM = 6;

    /** A gap under a corner is filled about half way through. */
    private static final double GAP_FILLED = 0.5;

    private static final double MAX_REACH_MM = 2.7;
    private static final double SPEED_REFERENCE_MM = 2;
    private static final double STEM_COVER = 0.25;

    /** Thicker metal is not welded slower: by then it is filled in passes of one size. */
    private static final double SLOWEST_FROM_MM = 6;

    private static final double LIMITED_HALF_WIDTH_MM = 0.5;

    private static final double HALF_DEPTH = 0.5;
    private static final double EACH_SIDE = 0.65;
    private static final double SURFACE_SHARE = 0.25;
    private static final double SURFACE_MM = 0.8;

    /**
     * {@return the demand of a joint's first pass: all of it, where one pass does}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static FusionRequirement of(Joint joint, WeldingConditions conditions) {
        Penetration penetration = Penetration.of(joint, conditions);
        double speed = speed(joint.thinnerMm(), conditions);
        double arc = arcMm(joint.thinnerMm());
        if (joint.isCorner()) {
            return corner(joint, conditions, penetration);
        }
        if (joint.groove().isPresent()) {
            return root(joint, conditions, penetration, joint.groove().get(), speed, arc);
        }
        FusionRequirement through = through(joint, conditions, speed, arc);
        return penetration == Penetration.FULL
                ? through
                : through.limitedTo(depthMm(joint, conditions), joint, conditions.wire());
    }

    /**
     * {@return how deep a run melts where it does not go through, mm: as given or half the thickness, not deeper than
     * one run melts; 0.65 t from each side; a surface run 0.25 t or 0.8 mm, the smaller} Source: [judgement].
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static double depthMm(Joint joint, WeldingConditions conditions) {
        double t = joint.thinnerMm();
        return switch (Penetration.of(joint, conditions)) {
            case PARTIAL ->
                conditions
                        .depth()
                        .map(Length::inMillimetres)
                        .orElse(Math.min(HALF_DEPTH * t, joint.material().deepestRunMm()));
            case BOTH_SIDES -> EACH_SIDE * t;
            case SURFACE -> Math.min(SURFACE_SHARE * t, SURFACE_MM);
            default -> t;
        };
    }

    /**
     * Both faces melted as far as the leg of the first pass wants; a corner that has to be melted through, at least so far that its back is.
     */
    private static FusionRequirement corner(Joint joint, WeldingConditions conditions, Penetration penetration) {
        double t = joint.thinnerMm();
        double arc = arcMm(t);
        double speed = speed(t, conditions);
        double leg = Math.min(joint.legMm(), MAX_LEG_MM);
        boolean bevelled = joint.preparation().isBevelledT();
        double laid = bevelled
                ? Math.min(ROOT_AREA_MM2, bevelledSideMm2(joint))
                : legAreaMm2(leg) + joint.gap().inMillimetres() * t * GAP_FILLED;
        FusionRequirement onFaces = new FusionRequirement(
                CornerModel.reachMm(joint, conditions, leg),
                0,
                conditions.wire() ? laid : 0,
                conditions.wire() ? leg : 0,
                speed,
                arc,
                joint.thickerMm());
        return penetration == Penetration.THROUGH ? onFaces.orThrough(joint, conditions) : onFaces;
    }

    /** The same, or what melts the back of the thinner member as wide as a butt's, whichever takes more. */
    private FusionRequirement orThrough(Joint joint, WeldingConditions conditions) {
        double t = joint.thinnerMm();
        double half = conditions.position().reachFactor() * usualWidth(t) / 2;
        JointConduction heat = JointConduction.of(joint, conditions, this);
        boolean isThrough = heat.powerW(halfWidthMm, depthMm) >= heat.powerW(half, t);
        return isThrough ? this : new FusionRequirement(half, t, depositedAreaMm2, legMm, speedMmPerS, arcMm, sinkMm);
    }

    /**
     * {@return section of one side of a bevelled stem, mm²: half the angle's share of the groove, and a fillet of a
     * quarter of the stem over it} Source: geometry [textbook], the fillet [judgement].
     *
     * @param joint the joint
     */
    public static double bevelledSideMm2(Joint joint) {
        Groove groove = joint.groove().orElseThrow();
        int sides = joint.preparation() == EdgePreparation.BEVEL_BOTH_SIDES ? 2 : 1;
        double stem = joint.abutting().inMillimetres();
        double cut = Math.max(0, stem - groove.rootFace().inMillimetres()) / sides;
        return cut * cut * groove.halfAngleTangent() / 2 + legAreaMm2(STEM_COVER * stem);
    }

    /**
     * {@return section of a fillet a little convex, mm²: 1.1 L²/2}
     *
     * @param legMm leg, mm
     */
    public static double legAreaMm2(double legMm) {
        return 1.1 * legMm * legMm / 2;
    }

    private static FusionRequirement through(Joint joint, WeldingConditions conditions, double speed, double arc) {
        double t = joint.thinnerMm();
        double y = conditions.position().reachFactor()
                * usualWidth(t)
                / 2
                * joint.form().reachFactor();
        double deposit = conditions.wire() ? flatBead(y, t) + joint.gap().inMillimetres() * t : 0;
        return new FusionRequirement(y, t, deposit, 0, speed, arc, joint.thickerMm());
    }

    /** A run that stops at a depth adds metal for what it melts, and half the gap. */
    private FusionRequirement limitedTo(double depth, Joint joint, boolean wire) {
        double y = Math.min(LIMITED_HALF_WIDTH_MM, halfWidthMm);
        double bead = flatBead(y, Math.min(joint.thinnerMm(), 2 * depth));
        double deposit = wire ? bead + joint.gap().inMillimetres() * depth : 0;
        return new FusionRequirement(y, Math.min(depth, depthMm), deposit, 0, speedMmPerS, arcMm, joint.thickerMm());
    }

    /**
     * {@return a fill pass: melts a half width of the face, at most the reach of a corner and less out of position,
     * and adds a section} Falling, it goes no faster than flat.
     *
     * @param joint the joint
     * @param halfWidth half the width of the pool, mm
     * @param squareMm section, mm²
     * @param conditions the welding conditions
     */
    public FusionRequirement onFace(Joint joint, double halfWidth, double squareMm, WeldingConditions conditions) {
        Position position = conditions.position();
        double half = position.reachFactor(joint) * Math.min(MAX_REACH_MM, halfWidth);
        double speed = conditions.travelMmPerS().isPresent() ? speedMmPerS : speedMmPerS / position.speedFactor();
        return new FusionRequirement(half, 0, squareMm, 0, speed, arcMm, joint.thickerMm());
    }

    /**
     * {@return the same run at another place of a seam that passes through several positions}
     *
     * @param joint the joint
     * @param here the position the requirement is for
     * @param there the position of the other place
     */
    public FusionRequirement turnedFrom(Joint joint, Position here, Position there) {
        double half = halfWidthMm / here.reachFactor(joint) * there.reachFactor(joint);
        return new FusionRequirement(half, depthMm, depositedAreaMm2, legMm, speedMmPerS, arcMm, sinkMm);
    }

    /**
     * {@return the run from the other side of a groove, ground back to sound metal: a little past the middle of the
     * land}
     *
     * @param joint the joint
     * @param groove the groove
     */
    public FusionRequirement onBack(Joint joint, Groove groove) {
        double depth =
                Math.max(LIMITED_HALF_WIDTH_MM, EACH_SIDE * groove.rootFace().inMillimetres());
        return new FusionRequirement(
                LIMITED_HALF_WIDTH_MM, depth, ROOT_AREA_MM2, 0, speedMmPerS, arcMm, joint.thickerMm());
    }

    /**
     * Root pass of a V: melts the root face, in metal as thick as the bevel rises above the edge of the pool. Where the root face is not to be
     * melted through, it is melted to what is wanted of it.
     */
    private static FusionRequirement root(
            Joint joint,
            WeldingConditions conditions,
            Penetration penetration,
            Groove groove,
            double speed,
            double arc) {
        double t = joint.thinnerMm();
        double land = groove.rootFace().inMillimetres();
        double width = conditions.position().reachFactor()
                * usualWidth(Math.max(land, 1))
                * CornerModel.closedRootShare(groove.gap().inMillimetres());
        double sink = rootThicknessMm(t, width, groove);
        double through = Math.min(Math.max(land, 0.5), sink);
        double wanted = switch (penetration) {
            case PARTIAL -> depthMm(joint, conditions) - (t - land);
            case BOTH_SIDES -> EACH_SIDE * land;
            default -> through;
        };
        double depth = Math.min(through, Math.max(0, wanted));
        boolean limited = penetration == Penetration.PARTIAL || penetration == Penetration.BOTH_SIDES;
        double half = limited ? Math.min(LIMITED_HALF_WIDTH_MM, width / 2) : width / 2;
        double laid = Math.min(ROOT_AREA_MM2, groove.sectionMm2(t) + groove.capMm2(t));
        return new FusionRequirement(half, depth, laid, 0, speed, arc, sink);
    }

    /**
     * {@return the same melt with another section of added metal, mm²}
     *
     * @param squareMm section, mm²
     */
    public FusionRequirement withDepositedArea(double squareMm) {
        return new FusionRequirement(halfWidthMm, depthMm, squareMm, legMm, speedMmPerS, arcMm, sinkMm);
    }

    /** t_r = min(t, f + (w/2)/tan(α/2)), mm: what is in the way of the root pool. */
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

    /** Arc length, mm: 1 up to 0.3 mm of metal, growing to 2 at 0.5. Source: [judgement]. */
    static double arcMm(double t) {
        double grown = (t - SHORT_ARC_TO_MM) / (MICRO_BELOW_MM - SHORT_ARC_TO_MM);
        return MICRO_ARC_MM + (USUAL_ARC_MM - MICRO_ARC_MM) * Math.max(0, Math.min(1, grown));
    }

    /** Travel, mm/s: by technique and position, slower above 2 mm; the welder's own timed speed overrides. */
    private static double speed(double t, WeldingConditions conditions) {
        double usual = techniqueSpeed(conditions)
                * conditions.position().speedFactor()
                * Math.min(1, Math.pow(SPEED_REFERENCE_MM / Math.min(t, SLOWEST_FROM_MM), 0.25));
        return conditions.travelMmPerS().orElse(usual);
    }

    private static double techniqueSpeed(WeldingConditions conditions) {
        if (conditions.technique() == Technique.CUP_WALK) {
            return 1.4;
        }
        if (conditions.technique() == Technique.POSITIONER) {
            return 2.0;
        }
        if (!conditions.wire()) {
            return 2.3;
        }
        return conditions.wireFeed() == FillerFeed.LAY ? 2.1 : 1.9;
    }
}
