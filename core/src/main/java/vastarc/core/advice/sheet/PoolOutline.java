package vastarc.core.advice.sheet;

import java.util.List;
import java.util.stream.IntStream;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.physics.heat.FusionRequirement;

/**
 * The outline of the expected pool in section, in the seam's own frame: the arc strikes at the origin, x runs along the base member, y into
 * the work, mm. A closed line of quadratic curves: a start, then control and end by turns. Widths, leg and reach are those of the heat
 * balance; the shape between them is drawn by hand (judgement).
 *
 * @param points     start, then control and end by turns
 * @param backHalfMm half the width on the back; 0 where it is not through, or has no back
 * @param backAtMm   y of the lowest point of the back bead
 */
public record PoolOutline(List<OutlinePoint> points, double backHalfMm, double backAtMm) {

    /** A point of the outline, mm. */
    public record OutlinePoint(double xMm, double yMm) {}

    private static final double CROWN_WITH_WIRE = 0.16;
    private static final double SINK_WITHOUT = -0.05;
    private static final double BACK_BULGE = 0.18;

    /**
     * Draws the outline of the expected pool of a sheet.
     *
     * @param sheet the sheet
     * @return the pool outline
     */
    public static PoolOutline of(SetupSheet sheet) {
        double front = sheet.setting(ParameterKey.POOL_WIDTH).value() / 2;
        double back = sheet.setting(ParameterKey.BACK_BEAD).value() / 2;
        Joint joint = sheet.joint();
        if (joint.form() == JointForm.LAP) {
            return closed(lap(joint, leg(sheet, front), depth(joint, front)));
        }
        if (joint.isCorner()) {
            return closed(corner(leg(sheet, front), depth(joint, front)));
        }
        if (joint.groove().isPresent()) {
            return closed(root(joint.thinnerMm(), joint.groove().get()));
        }
        double crown = (sheet.practice().wire() ? CROWN_WITH_WIRE : SINK_WITHOUT) * front;
        return back > 0 ? through(joint, front, back, crown) : closed(surface(joint, front, crown));
    }

    /** Copies its collections, so that it cannot change. */
    public PoolOutline {
        points = List.copyOf(points);
    }

    private static PoolOutline closed(double... coordinates) {
        return new PoolOutline(points(coordinates), 0, 0);
    }

    /** Points of x and y by turns. */
    private static List<OutlinePoint> points(double... coordinates) {
        return IntStream.range(0, coordinates.length / 2)
                .mapToObj(i -> new OutlinePoint(coordinates[2 * i], coordinates[2 * i + 1]))
                .toList();
    }

    /**
     * {@return where the arc strikes, y above the origin, mm: on a fillet's face, on the land of a V}
     *
     * @param joint the joint
     */
    public static double strikesAtMm(Joint joint) {
        if (joint.isCorner()) {
            return 0.5 * Math.min(joint.legMm(), FusionRequirement.MAX_LEG_MM);
        }
        return -joint.groove()
                .map(groove -> joint.thinnerMm() - groove.rootFace().inMillimetres())
                .orElse(0.0);
    }

    private static double leg(SetupSheet sheet, double reach) {
        return Math.max(reach, sheet.practice().wire() ? sheet.heat().demand().legMm() : reach * 0.8);
    }

    private static double depth(Joint joint, double reach) {
        return Math.min(0.55 * reach, 0.8 * joint.thinnerMm());
    }

    /** An outside corner is on its edges: its face lies a little below their tips. */
    private static double off(Joint joint) {
        return joint.form() == JointForm.OUTSIDE_CORNER ? joint.thinnerMm() * Math.sqrt(0.5) * 0.25 : 0;
    }

    private static double[] root(double t, Groove groove) {
        double gap = groove.gap().inMillimetres() / 2;
        double land = t - groove.rootFace().inMillimetres();
        double bottom = t + 0.25 * gap;
        double top = Math.max(0, land - gap);
        double width = gap + Math.max(0, land - top) * groove.halfAngleTangent() + 0.4;
        double middle = (top + bottom) / 2;
        return new double[] {
            -width,
            top,
            0,
            top + 0.5 * gap,
            width,
            top,
            width + 0.3,
            middle,
            gap + 0.3,
            bottom - 0.2,
            0,
            bottom + 0.6,
            -gap - 0.3,
            bottom - 0.2,
            -width - 0.3,
            middle,
            -width,
            top
        };
    }

    private static PoolOutline through(Joint joint, double front, double back, double crown) {
        double t = joint.thinnerMm();
        double off = off(joint);
        double lowest = t + off + 2 * BACK_BULGE * back;
        double waist = 0.9 * (front + back) / 2;
        double[] points = {
            -front,
            off,
            0,
            off - 2 * crown,
            front,
            off,
            waist,
            t / 2 + off,
            back,
            t + off,
            0,
            lowest,
            -back,
            t + off,
            -waist,
            t / 2 + off,
            -front,
            off
        };
        return new PoolOutline(points(points), back, lowest);
    }

    private static double[] surface(Joint joint, double front, double crown) {
        double off = off(joint);
        double depth = Math.min(joint.thinnerMm(), front);
        return new double[] {
            -front, off, 0, off - 2 * crown, front, off, front * 0.9, depth, 0, depth, -front * 0.9, depth, -front, off
        };
    }

    /** A fillet bead, and the metal it has fused below both faces. */
    private static double[] corner(double leg, double depth) {
        return new double[] {
            0,
            -leg,
            0.42 * leg,
            -0.42 * leg,
            leg,
            0,
            0.6 * leg,
            depth,
            0,
            depth,
            -depth,
            depth,
            -depth,
            0,
            -depth,
            -0.6 * leg,
            0,
            -leg
        };
    }

    private static double[] lap(Joint joint, double leg, double depth) {
        double top = Math.min(joint.abutting().inMillimetres(), leg);
        return new double[] {
            -0.5 * depth,
            -top,
            0.5 * leg,
            -0.75 * top,
            leg,
            0,
            0.6 * leg,
            depth,
            0,
            depth,
            -1.3 * depth,
            0,
            -0.5 * depth,
            -top
        };
    }
}
