package vastarc.core.physics.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** What a pass has to melt, worked by hand from docs/model/fusion.md. */
class FusionRequirementTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();

    private static Joint butt(double t) {
        return Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, t);
    }

    private static FusionRequirement of(Joint joint, Consumer<WeldingConditions.WeldingConditionsBuilder> change) {
        return FusionRequirement.of(joint, USUAL.with(change));
    }

    @Test
    void aButtIsMeltedThroughAsWideAsItsBackBeadShouldBe() {
        FusionRequirement thin = FusionRequirement.of(butt(0.5), USUAL);
        FusionRequirement thick = FusionRequirement.of(butt(3), USUAL);

        assertThat(thin.halfWidthMm()).isCloseTo(3.5 * 0.5 / 2, within(1e-9));
        assertThat(thick.halfWidthMm()).isCloseTo((2.35 + 0.65 * 3) / 2, within(1e-9));
        assertThat(thick.depthMm()).isEqualTo(3);
        assertThat(thick.depositedAreaMm2()).isCloseTo(0.67 * ((4.3 + 3) * 0.75 + 4.3 * 0.4), within(1e-9));
        assertThat(thick.speedMmPerS()).isCloseTo(1.9 * Math.pow(2 / 3.0, 0.25), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0.2, 1", "0.3, 1", "0.4, 1.5", "0.5, 2", "3, 2"})
    void theArcIsShortOnFoil(double t, double arcMm) {
        assertThat(FusionRequirement.arcMm(t)).isCloseTo(arcMm, within(1e-9));
    }

    @Test
    void whereItIsNotToGoThroughItMeltsToItsDepth() {
        assertThat(of(butt(3), draft -> draft.penetration = Optional.of(Penetration.BOTH_SIDES))
                        .depthMm())
                .isCloseTo(0.65 * 3, within(1e-9));
        assertThat(of(butt(3), draft -> draft.penetration = Optional.of(Penetration.PARTIAL))
                        .depthMm())
                .isCloseTo(1.5, within(1e-9));
        assertThat(of(butt(3), draft -> {
                            draft.penetration = Optional.of(Penetration.PARTIAL);
                            draft.depth = Optional.of(Length.ofMillimetres(1.2));
                        })
                        .depthMm())
                .isCloseTo(1.2, within(1e-9));
    }

    @Test
    void theLandOfAVIsMeltedToWhatIsWantedOfIt() {
        Joint v = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 6);
        double land = v.groove().map(Groove::rootFace).orElseThrow().inMillimetres();

        assertThat(FusionRequirement.of(v, USUAL).depthMm()).isCloseTo(Math.max(land, 0.5), within(1e-9));
        FusionRequirement both = of(v, draft -> draft.penetration = Optional.of(Penetration.BOTH_SIDES));
        assertThat(both.depthMm()).isCloseTo(0.65 * land, within(1e-9));
        assertThat(both.halfWidthMm()).isEqualTo(0.5);
        FusionRequirement partial = of(v, draft -> {
            draft.penetration = Optional.of(Penetration.PARTIAL);
            draft.depth = Optional.of(Length.ofMillimetres(6 - land + 0.2));
        });
        assertThat(partial.depthMm()).isCloseTo(0.2, within(1e-9));
    }

    @Test
    void theRunFromTheOtherSideMeltsALittlePastTheMiddleOfTheLand() {
        Joint v = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 6);
        Groove groove = v.groove().orElseThrow();
        FusionRequirement root = FusionRequirement.of(v, USUAL);

        assertThat(root.onBack(v, groove).depthMm())
                .isCloseTo(Math.max(0.5, 0.65 * groove.rootFace().inMillimetres()), within(1e-9));
        assertThat(root.onBack(v, groove).depositedAreaMm2()).isEqualTo(FusionRequirement.ROOT_AREA_MM2);
        assertThat(root.withDepositedArea(4.5).depositedAreaMm2()).isEqualTo(4.5);
    }

    @Test
    void anotherPlaceOfTheSeamMeltsByTheReachOfItsPosition() {
        Joint tube = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        FusionRequirement flat = FusionRequirement.of(tube, USUAL);
        double share = Position.PE.reachFactor() / Position.PA.reachFactor();

        assertThat(flat.turnedFrom(tube, Position.PA, Position.PE).halfWidthMm())
                .isCloseTo(share * flat.halfWidthMm(), within(1e-9));
        assertThat(flat.turnedFrom(tube, Position.PA, Position.PE).depthMm()).isEqualTo(2);
    }

    @Test
    void aFillPassGoesAsFastAsFlatUnlessTheWelderTimedIt() {
        Joint v = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 8);
        WeldingConditions up = USUAL.with(draft -> draft.position = Position.PF);
        WeldingConditions timed = up.with(draft -> draft.travelMmPerS = OptionalDouble.of(1.25));
        double flat = FusionRequirement.of(v, USUAL).speedMmPerS();

        FusionRequirement fill = FusionRequirement.of(v, up).onFace(v, 2, 12, up);
        assertThat(fill.speedMmPerS()).isCloseTo(flat, within(1e-9));
        assertThat(fill.halfWidthMm()).isCloseTo(Position.PF.reachFactor(v) * 2, within(1e-9));
        assertThat(FusionRequirement.of(v, timed).onFace(v, 9, 12, timed).speedMmPerS())
                .isEqualTo(1.25);
        assertThat(FusionRequirement.of(v, timed).onFace(v, 9, 12, timed).halfWidthMm())
                .isCloseTo(Position.PF.reachFactor(v) * 2.7, within(1e-9));
    }

    @Test
    void aBevelledStemIsFilledFromOneSideOrFromBoth() {
        Joint one = bevelled(EdgePreparation.BEVEL_ONE_SIDE);
        Joint both = bevelled(EdgePreparation.BEVEL_BOTH_SIDES);
        Groove groove = one.groove().orElseThrow();
        double cut = 10 - groove.rootFace().inMillimetres();
        double cover = 1.1 * 2.5 * 2.5 / 2;

        assertThat(FusionRequirement.bevelledSideMm2(one))
                .isCloseTo(cut * cut * groove.halfAngleTangent() / 2 + cover, within(1e-9));
        assertThat(FusionRequirement.bevelledSideMm2(both))
                .isCloseTo(cut * cut / 4 * groove.halfAngleTangent() / 2 + cover, within(1e-9));
    }

    private static Joint bevelled(EdgePreparation preparation) {
        return Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 10).prepared(preparation);
    }
}
