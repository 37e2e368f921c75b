package vastarc.core.simulation.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.mesh.JointSection;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;
import vastarc.core.simulation.shape.BeadSection.BeadMakeup;
import vastarc.core.simulation.shape.BeadSection.BeadShape;
import vastarc.core.simulation.shape.BeadSection.Toes;

/** A bead's section holds the metal laid, and hangs as its weight and surface tension have it. */
class BeadSectionTest {

    private static final double CAPILLARY_MM2 = 25;
    private static final Toes FACE = new Toes(-3, 3);
    private static final Toes ROOT = new Toes(-1.5, 1.5);

    private static BeadSection of(JointForm form, double mm, Toes rim) {
        Joint joint = Joint.of(Material.CARBON_STEEL, form, mm);
        Joint sized = form.isTube() ? joint.tubeOd(40) : joint;
        return new BeadSection(
                JointSection.of(sized, MeshDetail.LIVE, 0, 40).shape(), CAPILLARY_MM2, mm, 0, sized.isCorner(), rim);
    }

    private static final BeadSection BUTT = of(JointForm.SQUARE_BUTT, 2, Toes.NONE);
    private static final BeadSection FILLET = of(JointForm.T_FILLET, 3, Toes.NONE);

    private static double middleZ(BeadSection section, BeadShape shape) {
        return section.front(shape, BeadSection.FRONT_POINTS / 2, 0).z();
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void whatIsDrawnHoldsTheMetalLaidWhateverMelts(JointForm form) {
        Random chance = new Random(20261201);
        Toes rim = switch (form) {
            case EDGE -> new Toes(-2, 2);
            case LAP -> new Toes(-2, 9);
            default -> Toes.NONE;
        };
        BeadSection section = of(form, 2, rim);
        for (int i = 0; i < 300; i++) {
            double left = -0.5 - (form == JointForm.LAP ? 1.5 : 2.5) * chance.nextDouble();
            double right = 0.5 + 2.5 * chance.nextDouble();
            Toes front =
                    form == JointForm.EDGE ? new Toes(Math.max(-2, left), Math.min(2, right)) : new Toes(left, right);
            Toes back = chance.nextBoolean() && form != JointForm.EDGE ? new Toes(0.4 * left, 0.4 * right) : Toes.NONE;
            double laid = 0.3 + 6 * chance.nextDouble();
            BeadShape shape = section.shape(new BeadMakeup(front, back, laid, 2 * chance.nextDouble() - 1, false));
            assertThat(section.addedMm2(shape))
                    .as("%s of %.2f mm², %s", form, laid, shape)
                    .isCloseTo(laid, offset(0.01 * laid + 0.01));
        }
    }

    @Test
    void moreMetalStandsHigherAndLittleLeavesAFilletHollow() {
        BeadShape much = FILLET.shape(new BeadMakeup(FACE, Toes.NONE, 7, 1, true));
        BeadShape flat = FILLET.shape(new BeadMakeup(FACE, Toes.NONE, 4.5, 1, true));
        BeadShape little = FILLET.shape(new BeadMakeup(FACE, Toes.NONE, 3, 1, true));
        assertThat(much.riseMm()).isPositive();
        assertThat(flat.riseMm()).isCloseTo(0, offset(1e-3));
        assertThat(little.riseMm()).isNegative();
        assertThat(little.wetted()).isEqualTo(FACE);
    }

    /** A corner of 3 by 3 mm takes a sixth of 9 mm² at its hollowest; with less the bead is smaller than what was fused. */
    @Test
    void aStarvedFilletIsUndercut() {
        BeadShape starved = FILLET.shape(new BeadMakeup(FACE, Toes.NONE, 0.8, 1, true));
        assertThat(starved.wetted().rightMm()).isLessThan(2.9);
        assertThat(starved.undercutMm()).isBetween(0.01, 0.4);
        SectionPoint washed = FILLET.front(starved, BeadSection.FRONT_POINTS - 2, 0);
        assertThat(washed.z()).isCloseTo(starved.undercutMm(), offset(1e-6));
    }

    @Test
    void aRootSagsWhenFlatAndIsSuckedInOverhead() {
        BeadShape flat = BUTT.shape(new BeadMakeup(FACE, ROOT, 2, 1, false));
        BeadShape upright = BUTT.shape(new BeadMakeup(FACE, ROOT, 2, 0, false));
        BeadShape overhead = BUTT.shape(new BeadMakeup(FACE, ROOT, 2, -1, false));
        assertThat(flat.sagMm()).isGreaterThan(upright.sagMm());
        assertThat(upright.sagMm()).isGreaterThan(overhead.sagMm());
        assertThat(flat.riseMm()).isLessThan(overhead.riseMm());
        assertThat(middleZ(BUTT, overhead)).isNegative();
    }

    /** 8 s_b / w_b² = t/a² + 8 s/w², and two thirds of both arcs are the metal. */
    @Test
    void capAndRootBalance() {
        BeadShape shape = BUTT.shape(new BeadMakeup(FACE, ROOT, 2, 1, false));
        assertThat(8 * shape.sagMm() / 9).isCloseTo(2 / CAPILLARY_MM2 + 8 * shape.riseMm() / 36, offset(1e-9));
        assertThat(2.0 / 3 * (6 * shape.riseMm() + 3 * shape.sagMm())).isCloseTo(2, withPercentage(1.5));
    }

    @Test
    void withoutWireTheCapSinksByWhatHangsThrough() {
        BeadShape shape = BUTT.shape(new BeadMakeup(FACE, ROOT, 0, 1, false));
        assertThat(shape.riseMm()).isNegative();
        assertThat(3 * shape.sagMm()).isCloseTo(-6 * shape.riseMm(), withPercentage(1.5));
    }

    @Test
    void aBarHoldsTheRootFlush() {
        assertThat(BUTT.shape(new BeadMakeup(FACE, ROOT, 2, 1, true)).sagMm()).isZero();
    }

    @Test
    void anEdgeThatMeltsAllAcrossIsRounded() {
        Toes rim = new Toes(-2, 2);
        BeadShape shape = of(JointForm.EDGE, 2, rim).shape(new BeadMakeup(rim, Toes.NONE, 0, 1, true));
        assertThat(shape.dropMm()).isCloseTo(2.0 / 3 * shape.riseMm(), withPercentage(1));
        assertThat(shape.riseMm()).isPositive();
    }

    @Test
    void whereNothingMeltsNothingStands() {
        BeadShape shape = BUTT.shape(new BeadMakeup(Toes.NONE, Toes.NONE, 3, 1, false));
        assertThat(BUTT.addedMm2(shape)).isZero();
        assertThat(middleZ(BUTT, shape)).isZero();
    }
}
