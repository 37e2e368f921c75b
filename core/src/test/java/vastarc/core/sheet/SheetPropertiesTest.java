package vastarc.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.consumable.Cup;
import vastarc.core.consumable.Tungsten;
import vastarc.core.finding.Outcome;
import vastarc.core.joint.Chill;
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Penetration;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.material.Material;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrasebook;

/** What must hold on every sheet. Random joints are drawn from fixed seeds, printed on failure. */
class SheetPropertiesTest {

    private static final int SHEETS_A_SEED = 1000;
    private static final Set<SettingKey> SOMETIMES = EnumSet.of(
            SettingKey.TURNS,
            SettingKey.END_OF_LAP_CURRENT,
            SettingKey.HEEL_CURRENT,
            SettingKey.TOE_CURRENT,
            SettingKey.WIRE_FEED,
            SettingKey.WIRE_SHARE,
            SettingKey.TRAIL_LENGTH,
            SettingKey.TRAIL_FLOW);

    @ParameterizedTest
    @ValueSource(longs = {11, 22, 33, 44})
    void everyJointInScopeGivesACompleteSheetWithEveryReasonSpoken(long seed) {
        RandomJoints random = new RandomJoints(seed);
        int sheets = 0;
        for (int draw = 0; sheets < SHEETS_A_SEED; draw++) {
            Joint joint = random.joint();
            Practice practice = random.practiceFor(joint);
            Outcome<Sheet> outcome = SheetPlanner.plan(joint, practice, random.schools());
            String what = "seed " + seed + " draw " + draw + " " + joint + " " + practice;
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

    private static void checkComplete(Sheet sheet, String what) {
        for (SettingKey key : SettingKey.values()) {
            if (!SOMETIMES.contains(key)) {
                assertThat(sheet.find(key)).as(what + " " + key).isPresent();
            }
        }
        for (Setting setting : sheet.settings().values()) {
            for (UnitSystem units : UnitSystem.values()) {
                assertThat(Phrasebook.say(setting.reason(), units))
                        .as(what)
                        .isNotBlank()
                        .doesNotContain("{");
                setting.text()
                        .ifPresent(
                                text -> assertThat(Phrasebook.say(text, units)).isNotBlank());
            }
            assertThat(setting.window().isPresent() || setting.text().isPresent())
                    .as(what)
                    .isTrue();
            setting.inputs()
                    .forEach(input -> assertThat(Phrasebook.find("input." + input.name()))
                            .as(input.name())
                            .isPresent());
            setting.window()
                    .ifPresent(window -> assertThat(window.value()).as(what).isBetween(window.low(), window.high()));
        }
        sheet.cautions()
                .forEach(caution -> assertThat(Phrasebook.say(caution.text(), UnitSystem.METRIC))
                        .isNotBlank());
        sheet.schools()
                .forEach(school -> assertThat(Phrasebook.say(school.note(), UnitSystem.METRIC))
                        .isNotBlank());
    }

    private static void checkOrder(Sheet sheet, String what) {
        double working = sheet.setting(SettingKey.WORKING_CURRENT).value();
        double end = sheet.setting(SettingKey.END_CURRENT).value();
        double background = sheet.setting(SettingKey.PULSE_BACKGROUND_CURRENT).value();
        Tungsten tungsten = Tungsten.sizes().stream()
                .filter(size -> size.diameterMm()
                        == sheet.setting(SettingKey.TUNGSTEN_DIAMETER).value())
                .findFirst()
                .orElseThrow();
        assertThat(sheet.setting(SettingKey.PEDAL_CEILING).value()).as(what).isGreaterThanOrEqualTo(working);
        assertThat(working).as(what).isGreaterThanOrEqualTo(end);
        assertThat(end).as(what).isGreaterThanOrEqualTo(tungsten.minStableA() - 1e-9);
        assertThat(working).as(what).isLessThanOrEqualTo(tungsten.practicalMaxA());
        assertThat(background).as(what).isBetween(tungsten.minStableA() - 1e-3, tungsten.practicalMaxA());
        double cup = sheet.setting(SettingKey.CUP_SIZE).value();
        double reynolds = Cup.atLeast(0, (int) cup)
                .reynolds(sheet.setting(SettingKey.GAS_FLOW).value());
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
                double current = working(Joint.of(material, JointForm.SQUARE_BUTT, t), Practice.usual());
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
                    .isGreaterThanOrEqualTo(working(Joint.of(material, JointForm.SQUARE_BUTT, t), Practice.usual()));
        }
    }

    @ParameterizedTest
    @EnumSource(Chill.class)
    void aBarNeverLowersTheCurrent(Chill chill) {
        for (Material material : Material.values()) {
            for (JointForm form : List.of(JointForm.SQUARE_BUTT, JointForm.OUTSIDE_CORNER, JointForm.T_FILLET)) {
                Joint joint = Joint.of(material, form, 1.2);
                assertThat(working(joint, Practice.usual().with(draft -> draft.chill = chill)))
                        .as(material + " " + form)
                        .isGreaterThanOrEqualTo(working(joint, Practice.usual()));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void theCupsExitReynoldsNumberStaysInItsBand(Material material) {
        for (double t = 0.2; t <= 3.2; t += 0.2) {
            Sheet sheet = sheet(
                    Joint.of(material, JointForm.EDGE, t), Practice.usual().with(draft -> draft.wire = false));
            Setting flow = sheet.setting(SettingKey.GAS_FLOW);
            Cup cup = Cup.atLeast(0, (int) sheet.setting(SettingKey.CUP_SIZE).value());
            boolean lens = sheet.setting(SettingKey.GAS_LENS)
                    .text()
                    .orElseThrow()
                    .key()
                    .endsWith("fitted");
            boolean micro = sheet.setting(SettingKey.WORKING_CURRENT).value() < 15;
            double low = material.isTitanium() || !micro ? 1000 : 600;
            double high = material.isTitanium() ? 1200 : micro ? 900 : lens ? 1600 : 1400;
            assertThat(cup.reynolds(flow.window().orElseThrow().low())).isGreaterThanOrEqualTo(low - 1e-6);
            assertThat(cup.reynolds(flow.window().orElseThrow().high())).isLessThanOrEqualTo(high + 1e-6);
            assertThat(sheet.setting(SettingKey.STICK_OUT).value()).isLessThanOrEqualTo(cup.boreMm());
        }
    }

    @ParameterizedTest
    @EnumSource(Position.class)
    void noFilletTakesMoreThanFlatAndAFallingOneAboutAsMuch(Position position) {
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 2);
        double flat = working(joint, Practice.usual());
        double there = working(joint, Practice.usual().with(draft -> draft.position = position));

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
            double current =
                    working(joint, Practice.usual().with(draft -> draft.travelMmPerS = OptionalDouble.of(travel)));
            assertThat(current).isGreaterThan(before);
            before = current;
        }
    }

    @Test
    void unequalMembersLieBetweenTheTwoSingleThicknesses() {
        for (Material material : Material.values()) {
            double unequal = working(Joint.of(material, JointForm.T_FILLET, 3).abutting(1.5), Practice.usual());
            assertThat(unequal)
                    .isGreaterThan(working(Joint.of(material, JointForm.T_FILLET, 1.5), Practice.usual()))
                    .isLessThan(working(Joint.of(material, JointForm.T_FILLET, 3), Practice.usual()));
        }
    }

    @ParameterizedTest
    @EnumSource(PulsePurpose.class)
    void aPulseKeepsTheHeatTheJointNeeds(PulsePurpose purpose) {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5);
        Practice pulsed = Practice.usual().with(draft -> {
            draft.pulse = purpose;
            draft.control = Control.TRIGGER_4T;
        });

        assertThat(sheet(joint, pulsed).setting(SettingKey.HEAT_INPUT).value())
                .isCloseTo(
                        sheet(joint, Practice.usual())
                                .setting(SettingKey.HEAT_INPUT)
                                .value(),
                        org.assertj.core.data.Percentage.withPercentage(0.01));
    }

    @Test
    void thePedalRestsEverythingTheFootDoes() {
        Sheet sheet = sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 2), Practice.usual());

        for (SettingKey key :
                List.of(SettingKey.START_CURRENT, SettingKey.UP_SLOPE, SettingKey.DOWN_SLOPE, SettingKey.END_CURRENT)) {
            assertThat(sheet.setting(key).idle()).as(key.name()).isTrue();
        }
        assertThat(sheet.setting(SettingKey.PEDAL_CEILING).idle()).isFalse();
    }

    @Test
    void aLiftSetHasOnlyAmps() {
        Practice lift = Practice.usual().with(draft -> {
            draft.control = Control.LIFT_ONLY;
            draft.pulse = PulsePurpose.HEAT;
        });
        Sheet sheet = sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 2), lift);

        assertThat(sheet.settings().values().stream()
                        .filter(setting -> setting.key().group() == SettingKey.Group.PANEL && !setting.idle())
                        .map(Setting::key))
                .containsExactlyInAnyOrder(SettingKey.WORKING_CURRENT, SettingKey.PRE_FLOW, SettingKey.POST_FLOW);
    }

    @Test
    void eachSchoolSetsItsOwnFigureAndShowsTheOthers() {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        Practice trigger = Practice.usual().with(draft -> draft.control = Control.TRIGGER_2T);
        Setting byRule = SheetPlanner.plan(joint, trigger, Schools.usual().with(School.AMPS_PER_MM))
                .value()
                .orElseThrow()
                .setting(SettingKey.WORKING_CURRENT);

        assertThat(byRule.value()).isEqualTo(60);
        assertThat(byRule.school()).isEqualTo(School.AMPS_PER_MM);
        assertThat(byRule.others())
                .extracting(Setting.Alternative::school)
                .containsExactly(School.HEAT_BALANCE, School.AMP_PER_THOU);
    }

    private static Practice through(Joint joint) {
        return joint.isCorner() ? Practice.usual().melting(Penetration.THROUGH) : Practice.usual();
    }

    private static double working(Joint joint, Practice practice) {
        return sheet(joint, practice).setting(SettingKey.WORKING_CURRENT).value();
    }

    private static Sheet sheet(Joint joint, Practice practice) {
        return SheetPlanner.plan(joint, practice).value().orElseThrow();
    }
}
