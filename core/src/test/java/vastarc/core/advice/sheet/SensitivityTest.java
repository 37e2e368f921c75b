package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.HeatBalance;

/** What a little more or less of thickness, travel or gap does to the current: the same as planning that joint anew. */
class SensitivityTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();
    private static final double CLOSE = 1e-9;

    private static List<Sensitivity> of(Joint joint) {
        return Sensitivity.of(SheetPlanner.plan(joint, USUAL).value().orElseThrow());
    }

    private static Sensitivity named(List<Sensitivity> steps, String what) {
        return steps.stream()
                .filter(step -> step.what().equals(what))
                .findFirst()
                .orElseThrow();
    }

    private static Joint butt(double t, double gapMm) {
        return Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, t)
                .with(draft -> draft.gap = Length.ofMillimetres(gapMm));
    }

    @Test
    void aTenthOfTheThicknessEitherWay() {
        Sensitivity step = named(of(butt(2, 0)), "thickness");

        assertThat(step.low()).isCloseTo(1.8, within(CLOSE));
        assertThat(step.now()).isEqualTo(2);
        assertThat(step.high()).isCloseTo(2.2, within(CLOSE));
        assertThat(step.lowCurrentA()).isCloseTo(HeatBalance.currentA(butt(1.8, 0), USUAL), within(1e-6));
        assertThat(step.highCurrentA()).isCloseTo(HeatBalance.currentA(butt(2.2, 0), USUAL), within(1e-6));
    }

    @Test
    void bothMembersOfAnUnequalJointAreScaled() {
        Joint unequal = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 4).abutting(2);
        Sensitivity step = named(of(unequal), "thickness");
        Joint thicker = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 4.4).abutting(2.2);

        assertThat(step.highCurrentA()).isCloseTo(HeatBalance.currentA(thicker, USUAL), within(1e-6));
    }

    @Test
    void aFifthOfTheTravelEitherWay() {
        Joint joint = butt(2, 0);
        Sensitivity step = named(of(joint), "travel");
        double speed = HeatBalance.of(joint, USUAL).demand().speedMmPerS();

        assertThat(step.low()).isCloseTo(48 * speed, within(CLOSE));
        assertThat(step.now()).isCloseTo(60 * speed, within(CLOSE));
        assertThat(step.high()).isCloseTo(72 * speed, within(CLOSE));
        assertThat(step.lowCurrentA()).isCloseTo(at(joint, 0.8 * speed), within(1e-6));
        assertThat(step.highCurrentA()).isCloseTo(at(joint, 1.2 * speed), within(1e-6));
    }

    private static double at(Joint joint, double mmPerS) {
        return HeatBalance.currentA(joint, USUAL.with(draft -> draft.travelMmPerS = OptionalDouble.of(mmPerS)));
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 0.5", "0.3, 0, 0.8", "0.8, 0.3, 1.3"})
    void halfAMillimetreOfGapNotBelowClosedUp(double gap, double low, double high) {
        Sensitivity step = named(of(butt(3, gap)), "gap");

        assertThat(step.low()).isCloseTo(low, within(CLOSE));
        assertThat(step.now()).isEqualTo(gap);
        assertThat(step.high()).isCloseTo(high, within(CLOSE));
        assertThat(step.lowCurrentA()).isCloseTo(HeatBalance.currentA(butt(3, low), USUAL), within(1e-6));
        assertThat(step.highCurrentA()).isCloseTo(HeatBalance.currentA(butt(3, high), USUAL), within(1e-6));
    }

    @Test
    void whatMovesNothingIsLeftOut() {
        Joint edge = Joint.of(Material.CARBON_STEEL, JointForm.EDGE, 1.5);

        assertThat(of(edge)).extracting(Sensitivity::what).contains("thickness", "travel");
        assertThat(of(edge))
                .allSatisfy(step -> assertThat(Math.abs(step.highCurrentA() - step.currentA())
                                + Math.abs(step.lowCurrentA() - step.currentA()))
                        .isGreaterThan(1e-6));
        assertThat(of(edge).stream().anyMatch(step -> step.what().equals("gap")))
                .isEqualTo(
                        Math.abs(HeatBalance.currentA(gapped(edge), USUAL) - HeatBalance.currentA(edge, USUAL)) > 1e-6);
    }

    private static Joint gapped(Joint joint) {
        return joint.with(draft -> draft.gap = Length.ofMillimetres(0.5));
    }
}
