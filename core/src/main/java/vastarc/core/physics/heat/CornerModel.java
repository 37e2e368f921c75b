package vastarc.core.physics.heat;

import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;

/**
 * A corner fused along both faces: how far a leg wants them melted, and how wide the arc's own breadth then melts them.
 *
 * <p>\( y = c\,\min(L, L_k + s\,(L - L_k)) \), the half width that a line of heat at the root must melt, and \( w = 2y + k\,r\,t/(t +
 * t_k) \), the width that an arc of radius r melts.
 * <ul>
 *   <li>L leg of one pass, mm <li>c product of shares for form, position, filler and gap <li>r e⁻² radius of the arc, mm <li>t thinner
 *   member, mm <li>L_k, s, k, t_k free constants
 * </ul>
 * {@code docs/model/fusion.md (3)}. Source: table {@code corner-model.csv} [fitted]. Checked by: corner-currents.csv, and by simulations.
 */
public final class CornerModel {

    private static final Map<String, Double> VALUES =
            Table.read("corner-model.csv", Set.of("key", "value", "unit")).stream()
                    .collect(Collectors.toUnmodifiableMap(row -> row.text("key"), row -> row.number("value")));

    private static final double GAP_OF_THICKNESS = 1.0 / 3;

    private CornerModel() {}

    private static double value(String key) {
        return Objects.requireNonNull(VALUES.get(key), key);
    }

    /** Half width that a line of heat at the root must melt for a leg welded in one pass, mm. */
    static double reachMm(Joint joint, WeldingConditions conditions, double legMm) {
        double knee = value("reachKnee");
        double reach = legMm <= knee ? legMm : knee + value("reachPerLeg") * (legMm - knee);
        return reach
                * formShare(joint)
                * conditions.position().reachFactor(joint)
                * (conditions.wire() ? 1 : value("withoutFiller"))
                * gapShare(joint);
    }

    private static double formShare(Joint joint) {
        return switch (joint.form()) {
            case LAP -> value("lap");
            case TUBE_SADDLE -> value("saddle");
            default -> 1;
        };
    }

    private static double gapShare(Joint joint) {
        double third = GAP_OF_THICKNESS * joint.thinnerMm();
        return 1 - value("gap") * Math.min(1, joint.gap().inMillimetres() / third);
    }

    /** How much more heat the members of a corner take near the root than half plates of their thickness would, share. */
    static double pathShare(Joint joint) {
        return joint.form() == JointForm.INSIDE_CORNER && joint.isCorner() ? value("innerBlock") : 1;
    }

    /**
     * Width of the pool, mm, where a line of heat would melt {@code lineMm}: of a corner both faces together; of an edge joint at most both
     * members; of any other joint that of the line.
     */
    static double widthMm(Joint joint, double lineMm, double currentA) {
        boolean edge = joint.form() == JointForm.EDGE;
        if (!joint.isCorner() && !edge || lineMm <= 0) {
            return lineMm;
        }
        double t = joint.thinnerMm();
        double width = lineMm + value("spread") * ArcModel.radiusMm(currentA) * t / (t + value("spreadThickness"));
        if (edge) {
            return Math.min(
                    width, joint.base().inMillimetres() + joint.abutting().inMillimetres());
        }
        return joint.form() == JointForm.LAP ? width + lapEdgeMm(width / 2 / t) * t : width;
    }

    /** How much warmer a small tube is on the mean while it is welded round, K: it has nowhere else to send the heat. */
    static double warmthK(Joint joint, double wallMm) {
        double share = joint.tubeOd()
                .map(od -> 1 - od.inMillimetres() / (value("smallTube") * wallMm))
                .orElse(0.0);
        return value("smallTubeWarms") * Math.max(0, share);
    }

    /** How much wider the root of a V is melted with its gap, share: 1 where it is open. */
    static double closedRootShare(double gapMm) {
        return 1 + value("closedRoot") * Math.max(0, 1 - gapMm / value("openFrom"));
    }

    private static double lapEdgeMm(double halfWidths) {
        double from = value("lapEdgeFrom");
        double share = (halfWidths - from) / (value("lapEdgeTo") - from);
        return value("lapEdge") * Math.max(0, Math.min(1, share));
    }
}
