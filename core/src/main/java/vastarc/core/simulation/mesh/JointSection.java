package vastarc.core.simulation.mesh;

import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.simulation.mesh.JointOutlines.EdgeOutline;
import vastarc.core.simulation.mesh.JointOutlines.FlatPlate;
import vastarc.core.simulation.mesh.JointOutlines.GrooveOutline;
import vastarc.core.simulation.mesh.JointOutlines.UnequalPlates;

/**
 * A joint cut across its seam. A tube is laid out flat along its seam; a saddle is treated like a T, a socket like a lap; a bevelled stem is
 * taken as filled.
 */
public final class JointSection {

    private static final double BESIDE_GROOVE_MM = 2;
    private static final double HALF = 0.5;

    private final Joint joint;
    private final MeshDetail quality;
    private final double base;
    private final double abutting;
    private final double leg;
    private final double cell;

    private JointSection(Joint joint, MeshDetail quality, double legMm) {
        this.joint = joint;
        this.quality = quality;
        this.leg = legMm;
        this.base = joint.base().inMillimetres();
        this.abutting = joint.abutting().inMillimetres();
        this.cell = quality.cellMm(joint.thinnerMm());
    }

    /**
     * {@return the section before a run}
     *
     * @param joint the joint
     * @param quality how fine the mesh is
     * @param filledMm2 section that the runs before it laid in a groove, mm²
     * @param legMm how far the members reach from the root, mm; at most {@link SectionMesh#LEG_MM}
     */
    public static SectionMesh of(Joint joint, MeshDetail quality, double filledMm2, double legMm) {
        return new JointSection(joint, quality, legMm).section(filledMm2);
    }

    private SectionMesh section(double filledMm2) {
        if (joint.isCorner()) {
            return joint.form() == JointForm.LAP || joint.preparation() == EdgePreparation.SOCKET ? lap() : tee();
        }
        if (joint.form() == JointForm.EDGE) {
            return edge();
        }
        if (joint.isOpenCorner()) {
            return outsideCorner();
        }
        return joint.groove().map(groove -> groove(groove, filledMm2)).orElseGet(this::flat);
    }

    private int through(double mm) {
        return Math.max(quality.layers(Math.min(mm, joint.thinnerMm())), (int) Math.round(mm / cell));
    }

    private SectionMesh flat() {
        if (base == abutting) {
            return SectionMesh.of(
                    new FlatPlate(leg, base),
                    GradedMesh.from(quality, 0).growing(leg, cell).edges(),
                    GradedMesh.from(quality, 0).even(base, through(base)).edges());
        }
        double thinner = Math.min(base, abutting);
        return SectionMesh.of(
                new UnequalPlates(leg, base, abutting),
                GradedMesh.from(quality, -leg)
                        .shrinking(0, cell)
                        .growing(leg, cell)
                        .edges(),
                GradedMesh.from(quality, 0)
                        .even(thinner, through(thinner))
                        .even(Math.max(base, abutting), through(Math.abs(base - abutting)))
                        .edges());
    }

    private SectionMesh groove(Groove groove, double filledMm2) {
        double t = joint.thinnerMm();
        double land = Math.min(t, groove.rootFace().inMillimetres());
        double halfGap = groove.gap().inMillimetres() / 2;
        double tangent = groove.halfAngleTangent();
        double level = level(t, land, 2 * halfGap, tangent, filledMm2);
        double strip = joint.preparation() == EdgePreparation.BACKING_STRIP ? EdgePreparation.STRIP_MM : 0;
        GrooveOutline shape = new GrooveOutline(leg, t, level, land, halfGap, tangent, strip);
        double open = shape.openTo(0) + BESIDE_GROOVE_MM;
        GradedMesh down = GradedMesh.from(quality, 0).even(t, through(t));
        return SectionMesh.of(
                shape,
                GradedMesh.from(quality, 0)
                        .even(open, Math.max(2, (int) Math.round(open / cell)))
                        .growing(leg, cell)
                        .edges(),
                (strip > 0 ? down.even(t + strip, through(strip)) : down).edges());
    }

    /**
     * {@return how far below the face a section of metal fills a V; at least its root is closed, mm}
     *
     * @param t thickness, mm
     * @param land root face, mm
     * @param gap gap, mm
     * @param tangent tangent of half the included angle
     * @param filledMm2 section already filled, mm²
     */
    public static double level(double t, double land, double gap, double tangent, double filledMm2) {
        double above = Math.max(0, filledMm2 - gap * land);
        double height = (Math.sqrt(gap * gap + 4 * tangent * above) - gap) / (2 * tangent);
        return Math.max(0, t - land - height);
    }

    private SectionMesh edge() {
        EdgeOutline shape = new EdgeOutline(leg, base, abutting);
        GradedMesh across = shape.isMirrored()
                ? GradedMesh.from(quality, 0).even(base, through(base))
                : GradedMesh.from(quality, -abutting).even(0, through(abutting)).even(base, through(base));
        return SectionMesh.of(
                shape,
                across.edges(),
                GradedMesh.from(quality, 0).growing(leg, cell).edges());
    }

    private SectionMesh outsideCorner() {
        return SectionMesh.of(
                new JointOutlines.OutsideCorner(leg, base, abutting),
                GradedMesh.from(quality, 0)
                        .even(abutting, through(abutting))
                        .growing(leg, cell)
                        .edges(),
                GradedMesh.from(quality, 0)
                        .even(base, through(base))
                        .growing(leg, cell)
                        .edges());
    }

    private SectionMesh tee() {
        boolean goesOn = joint.baseLegs() > 1;
        double upright = joint.smallTab() ? HALF * leg : leg;
        GradedMesh across = goesOn
                ? GradedMesh.from(quality, -leg).shrinking(-abutting, cell).even(0, through(abutting))
                : GradedMesh.from(quality, -abutting).even(0, through(abutting));
        return SectionMesh.of(
                new JointOutlines.Tee(leg, base, abutting, goesOn ? leg : abutting, base <= abutting),
                across.growing(leg, cell).edges(),
                GradedMesh.from(quality, -upright)
                        .shrinking(0, cell)
                        .even(base, through(base))
                        .edges());
    }

    private SectionMesh lap() {
        return SectionMesh.of(
                new JointOutlines.Lap(leg, base, abutting),
                GradedMesh.from(quality, -leg)
                        .shrinking(0, cell)
                        .growing(leg, cell)
                        .edges(),
                GradedMesh.from(quality, -abutting)
                        .even(0, through(abutting))
                        .even(base, through(base))
                        .edges());
    }
}
