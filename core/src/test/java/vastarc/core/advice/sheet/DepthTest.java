package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.advice.parameters.ChosenMethods;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassKind;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.PassSchedule.ClockPosition;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.parameters.ScopeRules;
import vastarc.core.advice.parameters.SheetChoices;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.ThermalPlan;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.consumable.Tint;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;

/** How deep, which preparation, which pass: what must hold between them. */
class DepthTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();

    private static SetupSheet sheet(Joint joint, WeldingConditions conditions) {
        return SheetPlanner.plan(joint, conditions).value().orElseThrow();
    }

    private static double current(Joint joint, WeldingConditions conditions) {
        return HeatBalance.currentA(joint, conditions);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void whatGoesLessDeepTakesLess(Material material) {
        for (JointForm form : List.of(JointForm.SQUARE_BUTT, JointForm.OUTSIDE_CORNER, JointForm.EDGE)) {
            for (double t = 0.3; t <= 3.2; t += 0.2) {
                Joint joint = Joint.of(material, form, t);
                double full = current(joint, USUAL);
                double before = 0;
                for (double share = 0.2; share < 1; share += 0.15) {
                    double partial = current(joint, USUAL.melting(share * t));
                    assertThat(partial).as(form + " " + t + " " + share).isBetween(before, full - 1e-6);
                    before = partial;
                }
                assertThat(current(joint, USUAL.melting(Penetration.BOTH_SIDES)))
                        .isLessThan(full);
                assertThat(current(joint, USUAL.melting(Penetration.SURFACE))).isLessThan(full);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aFilletByItsLegTakesNoMoreThanOneMeltedThrough(Material material) {
        for (JointForm form : EnumSet.of(JointForm.T_FILLET, JointForm.LAP, JointForm.INSIDE_CORNER)) {
            for (double t = 0.3; t <= 10; t *= 1.4) {
                Joint joint = Joint.of(material, form, t);
                HeatBalance root = HeatBalance.of(joint, USUAL.melting(Penetration.ROOT));
                assertThat(root.currentA())
                        .as(form + " " + t)
                        .isLessThanOrEqualTo(current(joint, USUAL.melting(Penetration.THROUGH)) + 1e-9);
            }
        }
    }

    /** Example 6 of the worked examples: 6 mm steel to 3 mm; the others calculated by the same formulas in a separate sheet. */
    @ParameterizedTest
    @CsvSource({"CARBON_STEEL, 6, 3, 149.655"})
    void aPartialDepthMatchesItsWorkedExample(Material material, double t, double depth, double amperes) {
        double calculated = current(Joint.of(material, JointForm.SQUARE_BUTT, t), USUAL.melting(depth));

        assertThat(calculated).isCloseTo(amperes, within(0.005 * amperes));
    }

    @Test
    void halfTheThicknessIsTheUsualDepth() {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 4);

        assertThat(FusionRequirement.depthMm(joint, USUAL.melting(Penetration.PARTIAL)))
                .isEqualTo(2);
        assertThat(FusionRequirement.depthMm(joint, USUAL.melting(Penetration.BOTH_SIDES)))
                .isCloseTo(2.6, within(1e-9));
        assertThat(FusionRequirement.depthMm(joint, USUAL.melting(Penetration.SURFACE)))
                .isEqualTo(0.8);
    }

    @Test
    void whatIsNotThroughIsRefusedWhereProductTouchesAndCautionedElsewhere() {
        Joint joint = Joint.of(Material.STAINLESS_316L, JointForm.SQUARE_BUTT, 2);
        WeldingConditions partial = USUAL.melting(Penetration.PARTIAL);
        WeldingConditions clean = partial.with(draft -> draft.finish = FinishRequirement.HYGIENIC);

        assertThat(SheetPlanner.plan(joint, clean).problems())
                .extracting(Problem::field)
                .containsExactly("penetration");
        assertThat(sheet(joint, partial).cautions().toString()).contains("notch");
        assertThat(sheet(joint, USUAL).cautions().toString()).doesNotContain("notch");
    }

    @ParameterizedTest
    @EnumSource(value = BackingBar.class, mode = EnumSource.Mode.EXCLUDE, names = "NONE")
    void aBarNeverLengthensCoolingTrailOrPostFlow(BackingBar bar) {
        for (Material material : Material.values()) {
            for (JointForm form : List.of(JointForm.SQUARE_BUTT, JointForm.T_FILLET, JointForm.EDGE)) {
                for (double t : List.of(0.5, 1.0, 2.0, 3.0)) {
                    Joint joint = Joint.of(material, form, t);
                    HeatBalance bare = HeatBalance.of(joint, USUAL);
                    HeatBalance barred = HeatBalance.of(joint, USUAL.with(draft -> draft.chill = bar));
                    String what = material + " " + form + " " + t;
                    assertThat(barred.cooling(0, 100).timeToS(425))
                            .as(what)
                            .isLessThanOrEqualTo(bare.cooling(0, 100).timeToS(425) + 1e-6);
                    assertThat(barred.trailLengthMm(425)).as(what).isLessThanOrEqualTo(bare.trailLengthMm(425) + 1e-6);
                    assertThat(metalCooling(sheet(joint, USUAL.with(draft -> draft.chill = bar))))
                            .as(what)
                            .isLessThanOrEqualTo(metalCooling(sheet(joint, USUAL)) + 1e-6);
                }
            }
        }
    }

    private static double metalCooling(SetupSheet sheet) {
        return sheet.setting(ParameterKey.POST_FLOW).inputs().stream()
                .filter(input -> input.name().equals("metalCooling"))
                .findFirst()
                .orElseThrow()
                .value()
                .value();
    }

    @ParameterizedTest
    @EnumSource(
            value = Position.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"PA", "PG", "PJ", "JL045"})
    void noFillOutOfPositionTakesMoreThanItsFlatOne(Position position) {
        for (double t : List.of(4.0, 6.0, 8.0, 12.0)) {
            Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, t);
            double flat = hottestFill(joint, USUAL);
            double there = hottestFill(joint, USUAL.with(draft -> draft.position = position));
            assertThat(there).as(position + " " + t).isLessThanOrEqualTo(flat + 1e-9);
        }
    }

    private static double hottestFill(Joint joint, WeldingConditions conditions) {
        return sheet(joint, conditions).passes().orElseThrow().passes().stream()
                .skip(1)
                .mapToDouble(ScheduledPass::currentA)
                .max()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(
            value = Material.class,
            names = {"STAINLESS_304L", "STAINLESS_316L"})
    void wellSetPurgedStainlessIsNoDarkerThanBlue(Material material) {
        double blueTo = 650;
        for (double t = 0.5; t <= 3; t += 0.25) {
            for (JointForm form :
                    List.of(JointForm.SQUARE_BUTT, JointForm.TUBE_BUTT, JointForm.LAP, JointForm.T_FILLET)) {
                SetupSheet sheet = sheet(Joint.of(material, form, t), USUAL.with(draft -> draft.purged = true));
                double leaves = sheet.setting(ParameterKey.FRONT_TINT).inputs().stream()
                        .filter(input -> input.name().equals("leavesGasAt"))
                        .findFirst()
                        .orElseThrow()
                        .value()
                        .value();
                Tint colour = Tint.of(material.family(), leaves);
                assertThat(colour.toC()).as(form + " " + t + " " + colour).isLessThanOrEqualTo(blueTo);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void titaniumKeepsItsGasUnderEverySchool(Method method) {
        if (method.matter() == null) {
            return;
        }
        Joint joint = Joint.of(Material.TITANIUM_GR5, JointForm.SQUARE_BUTT, 3);
        SetupSheet sheet = SheetPlanner.plan(joint, USUAL, ChosenMethods.usual().with(method))
                .value()
                .orElseThrow();

        assertThat(sheet.setting(ParameterKey.PRE_FLOW).value()).isGreaterThanOrEqualTo(1.5);
        assertThat(sheet.setting(ParameterKey.POST_FLOW).value()).isGreaterThanOrEqualTo(metalCooling(sheet) - 1e-9);
    }

    @Test
    void pipeWithAVHasRootHotFillsAndCapAndTheClockWhereItStandsStill() {
        Joint pipe = Joint.of(Material.CARBON_STEEL, JointForm.TUBE_BUTT, 8)
                .tubeOd(114.3)
                .prepared(EdgePreparation.V);
        PassSchedule turned = sheet(pipe, USUAL).passes().orElseThrow();
        PassSchedule still = sheet(pipe, USUAL.with(draft -> draft.position = Position.PH))
                .passes()
                .orElseThrow();

        assertThat(turned.passes())
                .extracting(ScheduledPass::kind)
                .startsWith(PassKind.ROOT, PassKind.HOT)
                .endsWith(PassKind.CAP);
        assertThat(turned.clock()).isEmpty();
        assertThat(still.clock())
                .extracting(ClockPosition::position)
                .containsExactly(Position.PE, Position.PF, Position.PA);
        assertThat(still.passes().size()).isGreaterThan(turned.passes().size());
    }

    @Test
    void whatIsFittedToTheTorchIsChosenForTheHottestPassAndEveryPassHasItsOwnSheet() {
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 12);
        SetupSheet root = sheet(joint, USUAL);
        List<ScheduledPass> passes = root.passes().orElseThrow().passes();
        double hottest =
                passes.stream().mapToDouble(ScheduledPass::currentA).max().orElseThrow();

        assertThat(hottest)
                .isGreaterThan(1.3 * root.setting(ParameterKey.WORKING_CURRENT).value());
        assertThat(root.setting(ParameterKey.PEDAL_CEILING).value()).isGreaterThanOrEqualTo(hottest);
        assertThat(passes).allMatch(ScheduledPass::tungstenHolds);
        ThermalPlan thermal = ThermalPlan.of(joint, USUAL).value().orElseThrow();
        for (int pass = 1; pass <= passes.size(); pass++) {
            SetupSheet sheet = SheetPlanner.later(thermal, SheetChoices.of(ShopDefaults.usual()), pass)
                    .value()
                    .orElseThrow();
            assertThat(sheet.pass()).isEqualTo(pass);
            assertThat(sheet.setting(ParameterKey.WORKING_CURRENT).value())
                    .isCloseTo(passes.get(pass - 1).currentA(), within(1e-6));
            assertThat(sheet.setting(ParameterKey.TUNGSTEN_DIAMETER).value())
                    .isEqualTo(root.setting(ParameterKey.TUNGSTEN_DIAMETER).value());
        }
        assertThat(SheetPlanner.later(thermal, SheetChoices.of(ShopDefaults.usual()), passes.size() + 1)
                        .problems())
                .extracting(Problem::field)
                .containsExactly("pass");
    }

    @ParameterizedTest
    @ValueSource(longs = {5, 6, 7, 8, 9})
    void noRefusalIsADeadEndExceptMetalsThatDoNotJoin(long seed) {
        RandomJoints random = new RandomJoints(seed);
        int refused = 0;
        for (int draw = 0; draw < 1000; draw++) {
            Joint joint = random.joint();
            WeldingConditions conditions = random.practiceFor(joint);
            if (SheetPlanner.plan(joint, conditions).value().isEmpty()) {
                refused++;
                String what = "seed " + seed + " draw " + draw + " " + joint + " " + conditions;
                List<Alternative> alternatives = Alternative.outOf(joint, conditions, ShopDefaults.usual());
                assertThat(alternatives.isEmpty()).as(what).isEqualTo(ScopeRules.isForeignPair(joint));
                alternatives.forEach(alternative ->
                        assertThat(alternative.currentA()).as(what).isGreaterThanOrEqualTo(1));
            }
        }
        assertThat(refused).isGreaterThan(50);
    }

    @Test
    void aRefusedButtIsOfferedAVBothSidesADepthAndASurfaceRun() {
        List<Alternative> alternatives = Alternative.outOf(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 4), USUAL, ShopDefaults.usual());

        assertThat(alternatives)
                .extracting(alternative -> alternative.change().get("penetration"))
                .containsExactly("FULL", "BOTH_SIDES", "PARTIAL", "SURFACE");
        assertThat(alternatives.get(2).change()).containsEntry("depthMm", 2.0);
    }

    @Test
    void aHeavyPartnerLetsTheWindowReachDownToTwoThinMembers() {
        Joint heavy = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 8).abutting(1.5);
        double thin = current(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 1.5), USUAL);

        assertThat(sheet(heavy, USUAL)
                        .setting(ParameterKey.WORKING_CURRENT)
                        .window()
                        .orElseThrow()
                        .low())
                .isLessThanOrEqualTo(1.15 * thin + 1e-6);
    }

    @ParameterizedTest
    @CsvSource({
        "USUAL, 60, 1.6", "USUAL, 95, 2.4", "USUAL, 210, 3.2",
        "SMALLEST, 60, 1.0", "SMALLEST, 95, 1.6", "SMALLEST, 210, 2.4",
        "ONE_SIZE, 60, 2.4", "ONE_SIZE, 95, 2.4", "ONE_SIZE, 210, 2.4"
    })
    void eachSchoolOfTungstenTakesItsSize(Method method, double amperes, double diameterMm) {
        SetupSheet engine = SheetPlanner.plan(
                        Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2),
                        USUAL,
                        ChosenMethods.usual().with(method))
                .value()
                .orElseThrow();
        SetupSheet own = SheetPlanner.plan(
                        engine.joint(),
                        USUAL,
                        ShopDefaults.usual().with(method),
                        new OwnValues(Map.of(ParameterKey.WORKING_CURRENT, amperes)))
                .value()
                .orElseThrow();

        assertThat(own.setting(ParameterKey.TUNGSTEN_DIAMETER).value()).isEqualTo(diameterMm);
        assertThat(own.setting(ParameterKey.TUNGSTEN_DIAMETER).others()).hasSize(2);
    }
}
