package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.advice.parameters.ChosenMethods;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterKey.ParameterGroup;
import vastarc.core.advice.sheet.Parameter.MethodValue;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** What must hold on every sheet. Random joints are drawn from fixed seeds, printed on failure. */
class SetupSheetPropertiesTest {

    private static final int SHEETS_A_SEED = 1000;
    private static final Set<ParameterKey> SOMETIMES = EnumSet.of(
            ParameterKey.TURNS,
            ParameterKey.END_OF_LAP_CURRENT,
            ParameterKey.HEEL_CURRENT,
            ParameterKey.TOE_CURRENT,
            ParameterKey.WIRE_FEED,
            ParameterKey.WIRE_SHARE,
            ParameterKey.TRAIL_LENGTH,
            ParameterKey.TRAIL_FLOW);

    @ParameterizedTest
    @ValueSource(longs = {11, 22, 33, 44})
    void everyJointInScopeGivesACompleteSheetWithEveryReasonSpoken(long seed) {
        RandomJoints random = new RandomJoints(seed);
        int sheets = 0;
        for (int draw = 0; sheets < SHEETS_A_SEED; draw++) {
            Joint joint = random.joint();
            WeldingConditions conditions = random.practiceFor(joint);
            Outcome<SetupSheet> outcome = SheetPlanner.plan(joint, conditions, random.schools());
            String what = "seed " + seed + " draw " + draw + " " + joint + " " + conditions;
            outcome.problems()
                    .forEach(problem -> assertThat(problem.message(UnitSystem.INCH))
                            .as(what)
                            .isNotBlank());
            if (outcome.value().isPresent()) {
                sheets++;
                checkComplete(outcome.value().get(), what);
                checkOrder(outcome.value().get(), what);
            }
        }
    }

    private static void checkComplete(SetupSheet sheet, String what) {
        for (ParameterKey key : ParameterKey.values()) {
            if (!SOMETIMES.contains(key)) {
                assertThat(sheet.find(key)).as(what + " " + key).isPresent();
            }
        }
        for (Parameter parameter : sheet.settings().values()) {
            for (UnitSystem units : UnitSystem.values()) {
                assertThat(Phrasebook.say(parameter.reason(), units))
                        .as(what)
                        .isNotBlank()
                        .doesNotContain("{");
                parameter
                        .text()
                        .ifPresent(
                                text -> assertThat(Phrasebook.say(text, units)).isNotBlank());
            }
            assertThat(parameter.window().isPresent() || parameter.text().isPresent())
                    .as(what)
                    .isTrue();
            parameter
                    .inputs()
                    .forEach(input -> assertThat(Phrasebook.find("input." + input.name()))
                            .as(input.name())
                            .isPresent());
            parameter
                    .window()
                    .ifPresent(range -> assertThat(range.value()).as(what).isBetween(range.low(), range.high()));
        }
        sheet.cautions()
                .forEach(caution -> assertThat(Phrasebook.say(caution.text(), UnitSystem.METRIC))
                        .isNotBlank());
        sheet.schools()
                .forEach(methodCurrent -> assertThat(Phrasebook.say(methodCurrent.note(), UnitSystem.METRIC))
                        .isNotBlank());
    }

    private static void checkOrder(SetupSheet sheet, String what) {
        double working = sheet.setting(ParameterKey.WORKING_CURRENT).value();
        double end = sheet.setting(ParameterKey.END_CURRENT).value();
        double background = sheet.setting(ParameterKey.PULSE_BACKGROUND_CURRENT).value();
        Tungsten tungsten = Tungsten.sizes().stream()
                .filter(size -> size.diameterMm()
                        == sheet.setting(ParameterKey.TUNGSTEN_DIAMETER).value())
                .findFirst()
                .orElseThrow();
        assertThat(sheet.setting(ParameterKey.PEDAL_CEILING).value()).as(what).isGreaterThanOrEqualTo(working);
        assertThat(working).as(what).isGreaterThanOrEqualTo(end);
        assertThat(end).as(what).isGreaterThanOrEqualTo(tungsten.minStableA() - 1e-9);
        assertThat(working).as(what).isLessThanOrEqualTo(tungsten.practicalMaxA());
        assertThat(background).as(what).isBetween(tungsten.minStableA() - 1e-3, tungsten.practicalMaxA());
        double cup = sheet.setting(ParameterKey.CUP_SIZE).value();
        double reynolds = Cup.atLeast(0, (int) cup)
                .reynolds(sheet.setting(ParameterKey.GAS_FLOW).value());
        assertThat(reynolds).as(what).isBetween(600 - 1e-6, 1600 + 1e-6);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void currentRisesWithThickness(Material material) {
        for (JointForm form :
                List.of(JointForm.SQUARE_BUTT, JointForm.T_FILLET, JointForm.LAP, JointForm.OUTSIDE_CORNER)) {
            double before = 0;
            for (double t = 0.4; t <= 3.2; t += 0.2) {
                Joint joint = Joint.of(material, form, t);
                double current = working(joint, through(joint));
                assertThat(current).as(form + " " + t).isGreaterThan(before);
                before = current;
            }
        }
    }

    @Test
    void currentFallsFromConductiveToLessConductiveMetal() {
        for (double t = 0.5; t <= 3.2; t += 0.3) {
            double before = Double.MAX_VALUE;
            for (Material material : List.of(Material.CARBON_STEEL, Material.STAINLESS_304L, Material.TITANIUM_GR5)) {
                double current = working(Joint.of(material, JointForm.SQUARE_BUTT, t), WeldingConditions.usual());
                assertThat(current).as(material + " " + t).isLessThan(before);
                before = current;
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aTeeWantsAtLeastAsMuchAsAButtUpToThreeMillimetres(Material material) {
        for (double t = 0.5; t <= 3; t += 0.25) {
            Joint tee = Joint.of(material, JointForm.T_FILLET, t);
            assertThat(working(tee, through(tee)))
                    .isGreaterThanOrEqualTo(
                            working(Joint.of(material, JointForm.SQUARE_BUTT, t), WeldingConditions.usual()));
        }
    }

    @ParameterizedTest
    @EnumSource(BackingBar.class)
    void aBarNeverLowersTheCurrent(BackingBar bar) {
        for (Material material : Material.values()) {
            for (JointForm form : List.of(JointForm.SQUARE_BUTT, JointForm.OUTSIDE_CORNER, JointForm.T_FILLET)) {
                Joint joint = Joint.of(material, form, 1.2);
                assertThat(working(joint, WeldingConditions.usual().with(draft -> draft.chill = bar)))
                        .as(material + " " + form)
                        .isGreaterThanOrEqualTo(working(joint, WeldingConditions.usual()));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void theCupsExitReynoldsNumberStaysInItsBand(Material material) {
        for (double t = 0.2; t <= 3.2; t += 0.2) {
            SetupSheet sheet = sheet(
                    Joint.of(material, JointForm.EDGE, t),
                    WeldingConditions.usual().with(draft -> draft.wire = false));
            Parameter flow = sheet.setting(ParameterKey.GAS_FLOW);
            Cup cup = Cup.atLeast(0, (int) sheet.setting(ParameterKey.CUP_SIZE).value());
            boolean lens = sheet.setting(ParameterKey.GAS_LENS)
                    .text()
                    .orElseThrow()
                    .key()
                    .endsWith("fitted");
            double current = sheet.setting(ParameterKey.WORKING_CURRENT).value();
            double grown = Math.max(0, Math.min(1, (current - 10) / 10));
            double low = material.isTitanium() ? 1000 : 600 + 400 * grown;
            double high = material.isTitanium() ? 1200 : 900 + ((lens ? 1600 : 1400) - 900) * grown;
            assertThat(cup.reynolds(flow.window().orElseThrow().low())).isGreaterThanOrEqualTo(low - 1e-6);
            assertThat(cup.reynolds(flow.window().orElseThrow().high())).isLessThanOrEqualTo(high + 1e-6);
            assertThat(sheet.setting(ParameterKey.STICK_OUT).value()).isLessThanOrEqualTo(cup.boreMm());
        }
    }

    @ParameterizedTest
    @EnumSource(Position.class)
    void noFilletTakesMoreThanFlatAndAFallingOneAboutAsMuch(Position position) {
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 2);
        double flat = working(joint, WeldingConditions.usual());
        double there = working(joint, WeldingConditions.usual().with(draft -> draft.position = position));

        if (position.isDownhill()) {
            assertThat(there).isBetween(0.85 * flat, flat);
        } else {
            assertThat(there).isLessThanOrEqualTo(flat);
        }
    }

    @Test
    void pullingTheHandsOwnTravelMovesTheCurrentWithIt() {
        Joint joint = Joint.of(Material.STAINLESS_316L, JointForm.LAP, 1.5);
        double before = 0;
        for (double speed = 0.8; speed <= 4; speed += 0.4) {
            double travel = speed;
            double current = working(
                    joint, WeldingConditions.usual().with(draft -> draft.travelMmPerS = OptionalDouble.of(travel)));
            assertThat(current).isGreaterThan(before);
            before = current;
        }
    }

    @Test
    void unequalMembersLieBetweenTheTwoSingleThicknesses() {
        for (Material material : Material.values()) {
            double unequal =
                    working(Joint.of(material, JointForm.T_FILLET, 3).abutting(1.5), WeldingConditions.usual());
            assertThat(unequal)
                    .isGreaterThan(working(Joint.of(material, JointForm.T_FILLET, 1.5), WeldingConditions.usual()))
                    .isLessThan(working(Joint.of(material, JointForm.T_FILLET, 3), WeldingConditions.usual()));
        }
    }

    @ParameterizedTest
    @EnumSource(PulsePurpose.class)
    void aPulseKeepsTheHeatTheJointNeeds(PulsePurpose purpose) {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5);
        WeldingConditions pulsed = WeldingConditions.usual().with(draft -> {
            draft.pulse = purpose;
            draft.control = ControlDevice.TRIGGER_4T;
        });

        assertThat(sheet(joint, pulsed).setting(ParameterKey.HEAT_INPUT).value())
                .isCloseTo(
                        sheet(joint, WeldingConditions.usual())
                                .setting(ParameterKey.HEAT_INPUT)
                                .value(),
                        org.assertj.core.data.Percentage.withPercentage(0.01));
    }

    @Test
    void thePedalRestsEverythingTheFootDoes() {
        SetupSheet sheet = sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 2), WeldingConditions.usual());

        for (ParameterKey key : List.of(
                ParameterKey.START_CURRENT, ParameterKey.UP_SLOPE, ParameterKey.DOWN_SLOPE, ParameterKey.END_CURRENT)) {
            assertThat(sheet.setting(key).idle()).as(key.name()).isTrue();
        }
        assertThat(sheet.setting(ParameterKey.PEDAL_CEILING).idle()).isFalse();
    }

    @Test
    void aLiftSetHasOnlyAmps() {
        WeldingConditions lift = WeldingConditions.usual().with(draft -> {
            draft.control = ControlDevice.LIFT_ONLY;
            draft.pulse = PulsePurpose.HEAT;
        });
        SetupSheet sheet = sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 2), lift);

        assertThat(sheet.settings().values().stream()
                        .filter(parameter -> parameter.key().group() == ParameterGroup.PANEL && !parameter.idle())
                        .map(Parameter::key))
                .containsExactlyInAnyOrder(ParameterKey.WORKING_CURRENT, ParameterKey.PRE_FLOW, ParameterKey.POST_FLOW);
    }

    @Test
    void eachSchoolSetsItsOwnFigureAndShowsTheOthers() {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        WeldingConditions trigger = WeldingConditions.usual().with(draft -> draft.control = ControlDevice.TRIGGER_2T);
        Parameter byRule = SheetPlanner.plan(
                        joint, trigger, ChosenMethods.usual().with(Method.AMPS_PER_MM))
                .value()
                .orElseThrow()
                .setting(ParameterKey.WORKING_CURRENT);

        assertThat(byRule.value()).isEqualTo(60);
        assertThat(byRule.school()).isEqualTo(Method.AMPS_PER_MM);
        assertThat(byRule.others())
                .extracting(MethodValue::school)
                .containsExactly(Method.HEAT_BALANCE, Method.AMP_PER_THOU);
    }

    private static WeldingConditions through(Joint joint) {
        return joint.isCorner() ? WeldingConditions.usual().melting(Penetration.THROUGH) : WeldingConditions.usual();
    }

    private static double working(Joint joint, WeldingConditions conditions) {
        return sheet(joint, conditions).setting(ParameterKey.WORKING_CURRENT).value();
    }

    private static SetupSheet sheet(Joint joint, WeldingConditions conditions) {
        return SheetPlanner.plan(joint, conditions).value().orElseThrow();
    }
}
