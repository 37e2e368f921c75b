package vastarc.core.physics.heat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleFunction;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Family;
import vastarc.core.domain.material.Material;

/** Corners: what a bench welder strikes with, and figures that go evenly with everything a welder can change. */
class CornerModelTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();
    private static final Set<JointForm> CORNERS = EnumSet.of(
            JointForm.T_FILLET, JointForm.LAP, JointForm.INSIDE_CORNER, JointForm.TUBE_SADDLE, JointForm.TUBE_TO_PLATE);

    /** Largest step of the current between two neighbours of a sweep, as a share; or 1.3 times the share by which the figure itself grew: the leg grows with the thickness. */
    private static final double MOST_JUMP = 0.03;

    private static final double ELASTICITY = 1.3;

    /** What the series of the heat paths may fall short by, as a share. */
    private static final double ROUNDING = 1e-4;

    private static double current(Joint joint, WeldingConditions conditions) {
        return HeatBalance.currentA(joint, conditions);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/corner-currents.csv", useHeadersInDisplayName = true)
    void aFilletIsStruckWithWhatABenchWelderSets(Family family, double t, double low, double high) {
        WeldingConditions horizontal = USUAL.with(draft -> draft.position = Position.PB);
        Arrays.stream(Material.values())
                .filter(material -> material.family() == family)
                .forEach(material -> assertThat(current(Joint.of(material, JointForm.T_FILLET, t), horizontal))
                        .as(material.name())
                        .isBetween(low, high));
    }

    @ParameterizedTest
    @CsvSource({"PF, 0.88, 0.95", "PD, 0.85, 0.93", "PE, 0.85, 0.93", "PG, 0.85, 1.0"})
    void aFilletOutOfPositionTakesItsShareOfTheFlatOne(Position position, double low, double high) {
        for (Material material : Material.values()) {
            for (double t : new double[] {1, 2, 3}) {
                Joint joint = Joint.of(material, JointForm.T_FILLET, t);
                assertThat(current(joint, USUAL.with(draft -> draft.position = position)) / current(joint, USUAL))
                        .as(material + " " + t)
                        .isBetween(low, high);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void theCurrentGrowsEvenlyWithThickness(Material material) {
        for (JointForm form : CORNERS) {
            sweep(material + " " + form, 1, 12, 0.05, t -> current(sized(material, form, t), USUAL), true);
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void theCurrentGoesEvenlyWithGapDiameterPartnerTravelPreheatAndLeg(Material material) {
        for (JointForm form : CORNERS) {
            Joint two = sized(material, form, 2);
            String what = material + " " + form;
            sweep(
                    what + " gap",
                    0,
                    1.5,
                    0.05,
                    gap -> current(two.with(draft -> draft.gap = Length.ofMillimetres(gap)), USUAL),
                    false);
            sweep(what + " partner", 1, 8, 0.05, other -> current(two.abutting(other), USUAL), true);
            sweep(
                    what + " travel",
                    60,
                    200,
                    2,
                    travel -> current(two, USUAL.with(draft -> draft.travelMmPerS = OptionalDouble.of(travel / 60))),
                    true);
            sweep(
                    what + " preheat",
                    400,
                    -20,
                    -5,
                    warm -> current(two, USUAL.with(draft -> draft.preheatC = OptionalDouble.of(warm))),
                    true);
            sweep(
                    what + " leg",
                    1,
                    10,
                    0.05,
                    leg -> current(two.with(draft -> draft.leg = Optional.of(Length.ofMillimetres(leg))), USUAL),
                    true);
            if (form.isTube()) {
                sweep(what + " diameter", 6, 60, 0.5, od -> current(two.tubeOd(od), USUAL), true);
            }
        }
    }

    private static Joint sized(Material material, JointForm form, double t) {
        Joint joint = Joint.of(material, form, t);
        return form.isTube() ? joint.tubeOd(219.1) : joint;
    }

    private static void sweep(
            String what, double from, double to, double step, DoubleFunction<Double> current, boolean grows) {
        double before = current.apply(from);
        for (double at = from + step; step > 0 ? at <= to : at >= to; at += step) {
            double now = current.apply(at);
            double grew = ELASTICITY * Math.abs(step / (at - step));
            assertThat(Math.abs(now / before - 1))
                    .as(what + " jumps at " + at)
                    .isLessThanOrEqualTo(Math.max(MOST_JUMP, grew));
            if (grows) {
                assertThat(now).as(what + " falls at " + at).isGreaterThanOrEqualTo(before * (1 - ROUNDING));
            }
            before = now;
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aPurgeDoesNotMoveTheCurrent(Material material) {
        for (JointForm form : CORNERS) {
            Joint joint = sized(material, form, 2);
            assertThat(current(joint, USUAL.with(draft -> draft.purged = true))).isEqualTo(current(joint, USUAL));
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aLapAndASaddleTakeLessThanATAndMeltingThroughNeverLess(Material material) {
        for (double t : new double[] {0.9, 1.5, 2.5, 3}) {
            double tee = current(sized(material, JointForm.T_FILLET, t), USUAL);
            assertThat(current(sized(material, JointForm.LAP, t), USUAL)).isLessThan(tee);
            assertThat(current(sized(material, JointForm.TUBE_SADDLE, t), USUAL))
                    .isLessThan(tee);
            HeatBalance through =
                    HeatBalance.of(sized(material, JointForm.T_FILLET, t), USUAL.melting(Penetration.THROUGH));
            assertThat(through.currentA()).isGreaterThanOrEqualTo(tee);
            assertThat(through.pool().backWidthMm()).isPositive();
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aClosedRootOfAVTakesAFifthToAThirdMore(Material material) {
        Joint open = Joint.of(material, JointForm.V_BUTT, 6);
        Joint closed = open.with(draft -> draft.groove =
                open.groove().map(vee -> new Groove(vee.angleDeg(), vee.rootFace(), Length.ofMillimetres(0))));
        assertThat(current(closed, USUAL) / current(open, USUAL)).isBetween(1.2, 1.3);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void theRootOfAVDoesNotKnowThePlatesThickness(Material material) {
        double six = current(Joint.of(material, JointForm.V_BUTT, 6), USUAL);
        for (double t : new double[] {8, 10, 12}) {
            assertThat(current(Joint.of(material, JointForm.V_BUTT, t), USUAL))
                    .isCloseTo(six, Percentage.withPercentage(1));
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aSmallTubeTakesLess(Material material) {
        for (JointForm form : List.of(JointForm.TUBE_BUTT, JointForm.TUBE_SADDLE)) {
            Joint tube = Joint.of(material, form, 2);
            assertThat(current(tube.tubeOd(10), USUAL)).isLessThan(0.95 * current(tube.tubeOd(60), USUAL));
            assertThat(current(tube.tubeOd(24), USUAL)).isEqualTo(current(tube.tubeOd(60), USUAL));
        }
    }
}
