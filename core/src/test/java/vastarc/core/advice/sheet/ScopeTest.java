package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.base.validation.Problem.ProblemKind;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** What is refused, and what the refusal offers. */
class ScopeTest {

    @ParameterizedTest
    @CsvSource({
        "CARBON_STEEL, SQUARE_BUTT, 6, 3.2 mm",
        "STAINLESS_304L, TUBE_BUTT, 4, 3.5 mm",
        "TITANIUM_GR2, OUTSIDE_CORNER, 5, 3.2 mm"
    })
    void tooThickForOnePassNamesTheLimitAndThePreparation(Material material, JointForm form, double t, String limit) {
        Outcome<SetupSheet> outcome = SheetPlanner.plan(
                Joint.of(material, form, t).prepared(EdgePreparation.SQUARE), WeldingConditions.usual());

        assertThat(outcome.value()).isEmpty();
        assertThat(outcome.problems()).singleElement().satisfies(problem -> {
            assertThat(problem.kind()).isEqualTo(ProblemKind.OUT_OF_SCOPE);
            assertThat(problem.message(UnitSystem.METRIC)).contains(limit);
        });
    }

    @Test
    void bothSidesReachFurtherThanOne() {
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 5);

        assertThat(SheetPlanner.plan(joint, WeldingConditions.usual()).value()).isEmpty();
        assertThat(SheetPlanner.plan(
                                joint,
                                WeldingConditions.usual()
                                        .with(draft -> draft.penetration = Optional.of(Penetration.BOTH_SIDES)))
                        .value())
                .isPresent();
    }

    @Test
    void bothSidesWantAccessToTheBack() {
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2);
        WeldingConditions walled = WeldingConditions.usual().with(draft -> {
            draft.penetration = Optional.of(Penetration.BOTH_SIDES);
            draft.backAccess = false;
        });

        assertThat(SheetPlanner.plan(joint, walled).problems())
                .extracting(Problem::field)
                .containsExactly("penetration");
    }

    @Test
    void titaniumToSteelIsRefusedWithAnotherWay() {
        Joint joint =
                Joint.of(Material.STAINLESS_304L, JointForm.LAP, 1).with(draft -> draft.other = Material.TITANIUM_GR2);

        assertThat(SheetPlanner.plan(joint, WeldingConditions.usual()).problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains("brittle", "mechanically"));
    }

    @Test
    void foilBelowAnyTungstenIsRefusedWithAnotherWay() {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 0.1);
        WeldingConditions fusion = WeldingConditions.usual().with(draft -> draft.wire = false);

        assertThat(SheetPlanner.plan(joint, fusion).problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains("1 A", "flange"));
    }

    @ParameterizedTest
    @CsvSource({"-1", "0", "0.05", "1e9", "NaN", "Infinity"})
    void thicknessOutsideTheRangeIsABadValue(double t) {
        assertThat(JointLimits.THICKNESS.check(t))
                .get()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains("0.1 mm", "12 mm"));
    }

    @Test
    void aWallMustFitInItsTube() {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.TUBE_BUTT, 3).tubeOd(5);

        assertThat(JointLimits.misfits(joint)).extracting(Problem::field).containsExactly("tubeOdMm");
    }

    @Test
    void aLandMustLeaveAGroove() {
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 1.5);

        assertThat(JointLimits.misfits(joint)).extracting(Problem::field).containsExactly("rootFaceMm");
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/v-groove.csv", useHeadersInDisplayName = true)
    void grooveMatchesTheTable(
            double t,
            double grooveMm2,
            double capMm2,
            double total,
            int passes,
            double wire,
            double kg,
            double minutes,
            double gas) {
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, t);
        WeldingConditions timed =
                WeldingConditions.usual().with(draft -> draft.travelMmPerS = java.util.OptionalDouble.of(1.6));
        PassSchedule plan =
                SheetPlanner.plan(joint, timed).value().orElseThrow().passes().orElseThrow();

        assertThat(Groove.USUAL.sectionMm2(t)).isCloseTo(grooveMm2, within(0.01));
        assertThat(Groove.USUAL.capMm2(t)).isCloseTo(capMm2, within(0.01));
        assertThat(plan.passes()).hasSize(passes);
        assertThat(plan.wireMPerM()).isCloseTo(wire, within(wire * 0.005));
        assertThat(plan.gramPerM()).isCloseTo(kg * 1000, within(kg * 5));
        assertThat(plan.arcMinPerM()).isCloseTo(minutes, within(0.01));
        assertThat(minutes * 9.6).isCloseTo(gas, within(0.1));
        assertThat(Length.ofMillimetres(t)).isGreaterThan(Groove.USUAL.rootFace());
    }
}
