package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.parameters.ButtChoice;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Caution;
import vastarc.core.domain.joint.Access;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.ServiceRequirement;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Tacks, thin butts, passes, sensitivity, consumables and cautions of whole sheets. */
class SheetExtrasTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();

    private static SetupSheet sheet(Joint joint, WeldingConditions conditions) {
        return SheetPlanner.plan(joint, conditions).value().orElseThrow();
    }

    private static List<String> cautions(SetupSheet sheet) {
        return sheet.cautions().stream().map(Caution::code).toList();
    }

    private static String text(SetupSheet sheet, ParameterKey key) {
        return Phrasebook.say(sheet.setting(key).text().orElseThrow(), UnitSystem.METRIC);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aTackIsAboutAsHotAsTheSeamAndShort(Material material) {
        for (double t : new double[] {0.8, 1.5, 2, 3}) {
            SetupSheet sheet = sheet(Joint.of(material, JointForm.EDGE, t), USUAL.with(draft -> draft.wire = false));
            TackPlan tacks = sheet.tacks();
            assertThat(tacks.currentA() / sheet.heat().currentA()).isBetween(0.9, 1.2);
            assertThat(tacks.onS()).as(material + " " + t).isBetween(0.5, 2.0);
            assertThat(tacks.pauseS()).isGreaterThanOrEqualTo(0.3);
            assertThat(tacks.postFlowS()).isBetween(1.0, 5.0);
        }
    }

    @ParameterizedTest
    @CsvSource({"1.2, 20, 40", "2.5, 40, 80", "6, 80, 150"})
    void tacksAreSpacedByThickness(double t, double low, double high) {
        TackPlan tacks = sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, t), USUAL)
                .tacks();

        assertThat(tacks.spacingLowMm()).isEqualTo(low);
        assertThat(tacks.spacingHighMm()).isEqualTo(high);
        assertThat(tacks.lengthHighMm()).isEqualTo(4 * t);
    }

    @ParameterizedTest
    @CsvSource({"25, 3", "60, 4", "150, 0"})
    void tubesAreTackedByCountThenByGirth(double od, int count) {
        TackPlan tacks = sheet(
                        Joint.of(Material.STAINLESS_304L, JointForm.TUBE_BUTT, 1.5)
                                .tubeOd(od),
                        USUAL)
                .tacks();

        assertThat(tacks.count()).isEqualTo(count);
        assertThat(tacks.order()).isEqualTo(TackPlan.TackOrder.TUBE);
    }

    @Test
    void bothSidesFusedTakeLessCurrentAndPullLessThanOneSideWithWire() {
        SetupSheet sheet = sheet(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2), USUAL);
        ButtChoice both = sheet.butts().get(0);
        ButtChoice buttChoice = sheet.butts().get(1);

        assertThat(both.currentA()).isLessThan(buttChoice.currentA());
        assertThat(both.pullDeg()).isZero();
        assertThat(buttChoice.pullDeg()).isPositive();
        assertThat(buttChoice.chosen()).isTrue();
        assertThat(both.passes()).isEqualTo(2);
        assertThat(buttChoice.shrinkageMm()).isBetween(0.05, 1.0);
    }

    @Test
    void withoutAccessToTheBackOnlyOneSideIsOffered() {
        WeldingConditions walled = USUAL.with(draft -> draft.backAccess = false);
        SetupSheet sheet = sheet(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2), walled);

        assertThat(sheet.butts()).extracting(ButtChoice::possible).containsExactly(false, true);
    }

    @Test
    void otherJointsHaveNoThinButtComparison() {
        assertThat(sheet(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), USUAL)
                        .butts())
                .isEmpty();
    }

    @Test
    void aThickFilletIsLaidInPasses() {
        SetupSheet thick = sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 8), USUAL);
        PassSchedule plan = thick.passes().orElseThrow();

        assertThat(plan.passes()).hasSize(2).hasSize((int)
                thick.setting(ParameterKey.PASSES).value());
        double leg = 0.75 + 0.75 * 8;
        assertThat(plan.passes().get(0).areaMm2()).isCloseTo(1.1 * 6 * 6 / 2, within(1e-9));
        assertThat(plan.sectionMm2()).isGreaterThanOrEqualTo(1.1 * leg * leg / 2);
        assertThat(plan.passes().stream().mapToDouble(ScheduledPass::areaMm2).sum())
                .isCloseTo(plan.sectionMm2(), within(1e-9));
        assertThat(sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3), USUAL)
                        .passes())
                .isEmpty();
    }

    @Test
    void currentMovesWithThicknessTravelAndGapTheRightWay() {
        SetupSheet sheet = sheet(Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2), USUAL);

        for (Sensitivity step : Sensitivity.of(sheet)) {
            assertThat(step.currentA()).isEqualTo(sheet.heat().currentA());
            assertThat(step.highCurrentA()).as(step.what()).isGreaterThan(step.currentA());
            assertThat(step.lowCurrentA()).as(step.what()).isLessThanOrEqualTo(step.currentA());
        }
        Sensitivity travel = Sensitivity.of(sheet).get(1);
        assertThat(travel.highCurrentA() / travel.currentA()).isCloseTo(1.12, within(0.02));
        assertThat(travel.lowCurrentA() / travel.currentA()).isCloseTo(0.88, within(0.02));
    }

    @ParameterizedTest
    @CsvSource({
        "CHROMOLY_4130, CHROMOLY_4130, GENERAL, ER70S-2",
        "CHROMOLY_4130, CHROMOLY_4130, STRENGTH, ER80S-D2",
        "CARBON_STEEL, STAINLESS_304L, GENERAL, ER309L",
        "STAINLESS_304L, CARBON_STEEL, CRACK_PRONE, ER312",
        "STAINLESS_316L, STAINLESS_304L, STRENGTH, ER316L",
        "TITANIUM_GR5, TITANIUM_GR2, GENERAL, ERTi-2"
    })
    void fillerFollowsThePairAndTheService(Material material, Material two, ServiceRequirement service, String alloy) {
        Joint joint = Joint.of(material, JointForm.LAP, 2).with(draft -> draft.other = two);

        assertThat(text(sheet(joint, USUAL.with(draft -> draft.service = service)), ParameterKey.WIRE_ALLOY))
                .isEqualTo(alloy);
    }

    @Test
    void tightAccessTakesASmallCupWithALensAndALongerStickOut() {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        SetupSheet open = sheet(joint, USUAL);
        SetupSheet tight = sheet(joint, USUAL.with(draft -> draft.access = Access.TIGHT));

        assertThat(tight.setting(ParameterKey.CUP_SIZE).value())
                .isLessThan(open.setting(ParameterKey.CUP_SIZE).value());
        assertThat(tight.setting(ParameterKey.STICK_OUT).value())
                .isGreaterThan(open.setting(ParameterKey.STICK_OUT).value());
    }

    @Test
    void microWorkTakesATinyTungstenANeedleASmallCupAndLessGas() {
        SetupSheet foil =
                sheet(Joint.of(Material.STAINLESS_304L, JointForm.EDGE, 0.3), USUAL.with(draft -> draft.wire = false));

        assertThat(foil.setting(ParameterKey.WORKING_CURRENT).value()).isCloseTo(4.166, within(0.03));
        assertThat(foil.setting(ParameterKey.TUNGSTEN_DIAMETER).value()).isEqualTo(0.5);
        assertThat(foil.setting(ParameterKey.TIP_ANGLE).value()).isLessThanOrEqualTo(20);
        assertThat(foil.setting(ParameterKey.CUP_SIZE).value()).isLessThanOrEqualTo(6);
        assertThat(foil.setting(ParameterKey.GAS_FLOW).value()).isBetween(2.0, 5.0);
        assertThat(cautions(foil)).contains("microHood");
    }

    @Test
    void foilThatIsNoEdgeIsToldOfTheFlange() {
        SetupSheet foil = sheet(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 0.3), USUAL.with(draft -> draft.wire = false));

        assertThat(cautions(foil)).contains("microFlange");
    }

    @Test
    void titaniumTakesABigCupWithALensAndLongPostFlow() {
        SetupSheet sheet = sheet(Joint.of(Material.TITANIUM_GR2, JointForm.SQUARE_BUTT, 1.5), USUAL);

        assertThat(sheet.setting(ParameterKey.CUP_SIZE).value()).isGreaterThanOrEqualTo(12);
        assertThat(sheet.setting(ParameterKey.PRE_FLOW).value()).isGreaterThanOrEqualTo(1.5);
        assertThat(sheet.setting(ParameterKey.POST_FLOW).value())
                .isGreaterThan(sheet.setting(ParameterKey.WORKING_CURRENT).value() / 10);
        assertThat(cautions(sheet)).contains("titaniumNoPurge", "titaniumGas");
    }

    @Test
    void walkingTheCupIsSlowerTakesFewerAmpsAndWarnsOfMarks() {
        Joint joint =
                Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5).tubeOd(50);
        WeldingConditions fusion = USUAL.with(draft -> {
            draft.wire = false;
            draft.finish = FinishRequirement.HYGIENIC;
        });
        SetupSheet walked = sheet(joint, fusion.with(draft -> draft.technique = Technique.CUP_WALK));
        SetupSheet free = sheet(joint, fusion);

        assertThat(walked.heat().currentA()).isLessThan(free.heat().currentA());
        assertThat(walked.setting(ParameterKey.TRAVEL_SPEED).value())
                .isLessThan(free.setting(ParameterKey.TRAVEL_SPEED).value());
        assertThat(cautions(walked)).contains("cupWalkMarks");
    }

    @Test
    void aSmallTubeIsEasedOffTowardsTheEndOfTheLapAndTurnsAtItsOwnRate() {
        WeldingConditions turned = USUAL.with(draft -> draft.rotated = true);
        SetupSheet small = sheet(
                Joint.of(Material.STAINLESS_304L, JointForm.TUBE_BUTT, 1.65).tubeOd(19), turned);
        SetupSheet large = sheet(
                Joint.of(Material.STAINLESS_304L, JointForm.TUBE_BUTT, 1.65).tubeOd(150), turned);

        double smallShare = small.setting(ParameterKey.END_OF_LAP_CURRENT).value()
                / small.heat().currentA();
        double largeShare = large.setting(ParameterKey.END_OF_LAP_CURRENT).value()
                / large.heat().currentA();
        assertThat(smallShare).isLessThan(largeShare).isBetween(0.8, 0.95);
        Joint sixty =
                Joint.of(Material.STAINLESS_304L, JointForm.TUBE_BUTT, 1.5).tubeOd(60);
        WeldingConditions two = turned.with(draft -> draft.travelMmPerS = OptionalDouble.of(2));
        assertThat(sheet(sixty, two).setting(ParameterKey.TURNS).value()).isCloseTo(0.63662, within(1e-4));
    }

    @Test
    void chromolyOverThreeMillimetresIsPreheatedAndThinIsNot() {
        SetupSheet thick = sheet(
                Joint.of(Material.CHROMOLY_4130, JointForm.TUBE_TO_PLATE, 6).abutting(2), USUAL);
        SetupSheet thin = sheet(Joint.of(Material.CHROMOLY_4130, JointForm.LAP, 1.2), USUAL);

        assertThat(thick.setting(ParameterKey.PREHEAT).value()).isEqualTo(95);
        assertThat(cautions(thick)).contains("chromolyPreheat", "unequal");
        assertThat(thin.setting(ParameterKey.PREHEAT).value()).isEqualTo(20);
    }

    @Test
    void preheatedMetalNeedsFewerAmps() {
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 6);

        assertThat(sheet(joint, USUAL.with(draft -> draft.preheatC = OptionalDouble.of(150)))
                        .heat()
                        .currentA())
                .isLessThan(sheet(joint, USUAL).heat().currentA());
    }

    @Test
    void purgeDecidesTheColourBehind() {
        Joint joint = Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5);

        assertThat(text(sheet(joint, USUAL.with(draft -> draft.purged = true)), ParameterKey.BACK_TINT))
                .contains("silver");
        assertThat(text(sheet(joint, USUAL), ParameterKey.BACK_TINT)).contains("sugared");
        assertThat(cautions(sheet(joint, USUAL))).contains("stainlessSugar");
    }

    @ParameterizedTest
    @CsvSource({"RIPPLE, 0.5, 3", "HEAT, 1, 3", "STIFF, 100, 500"})
    void pulseRateStaysInTheBandOfItsPurpose(PulsePurpose purpose, double low, double high) {
        WeldingConditions pulsed = USUAL.with(draft -> {
            draft.pulse = purpose;
            draft.control = ControlDevice.TRIGGER_2T;
        });
        SetupSheet sheet = sheet(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5), pulsed);

        assertThat(sheet.setting(ParameterKey.PULSE_RATE).value()).isBetween(low, high);
        assertThat(sheet.setting(ParameterKey.WORKING_CURRENT).value())
                .isGreaterThan(sheet.setting(ParameterKey.AVERAGE_CURRENT).value());
        assertThat(sheet.setting(ParameterKey.RMS_CURRENT).value())
                .isGreaterThan(sheet.setting(ParameterKey.AVERAGE_CURRENT).value());
    }

    @Test
    void backgroundBelowWhatTheTungstenHoldsIsLiftedAndSaid() {
        WeldingConditions pulsed = USUAL.with(draft -> {
            draft.pulse = PulsePurpose.HEAT;
            draft.control = ControlDevice.TRIGGER_4T;
            draft.wire = false;
        });
        SetupSheet sheet = sheet(Joint.of(Material.STAINLESS_304L, JointForm.EDGE, 0.5), pulsed);
        double background = sheet.setting(ParameterKey.PULSE_BACKGROUND_CURRENT).value();

        assertThat(background).isGreaterThanOrEqualTo(3 - 1e-6);
        assertThat(cautions(sheet).contains("backgroundHeld")).isEqualTo(background <= 3.15);
    }

    @ParameterizedTest
    @EnumSource(value = Position.class, names = "PA", mode = EnumSource.Mode.EXCLUDE)
    void everyPositionButFlatHasItsAdvice(Position position) {
        SetupSheet sheet = sheet(
                Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), USUAL.with(draft -> draft.position = position));

        assertThat(cautions(sheet)).contains("position." + position.name());
    }
}
