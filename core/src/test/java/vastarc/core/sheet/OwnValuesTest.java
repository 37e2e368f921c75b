package vastarc.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.material.Material;

/** The hand's own values over the engine's. */
class OwnValuesTest {

    private static Sheet sheet(Map<SettingKey, Double> own) {
        return sheet(PulsePurpose.NONE, own);
    }

    private static Sheet sheet(PulsePurpose pulse, Map<SettingKey, Double> own) {
        Practice practice = Practice.usual().with(draft -> {
            draft.control = Control.TRIGGER_4T;
            draft.pulse = pulse;
        });
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2);
        return SheetPlanner.plan(joint, practice, ShopWays.usual(), new OwnValues(own))
                .value()
                .orElseThrow();
    }

    @Test
    void anOwnValueStandsInFrontOfTheEnginesAndKeepsItsWindow() {
        Sheet engine = sheet(Map.of());
        Setting own = sheet(Map.of(SettingKey.DOWN_SLOPE, 9.0)).setting(SettingKey.DOWN_SLOPE);

        assertThat(own.value()).isEqualTo(9);
        assertThat(own.engineValue())
                .isEqualTo(engine.setting(SettingKey.DOWN_SLOPE).value());
        assertThat(own.window()).isEqualTo(engine.setting(SettingKey.DOWN_SLOPE).window());
        assertThat(own.standing()).isEqualTo(Setting.Standing.ABOVE);
    }

    @Test
    void whatHangsOnTheWorkingCurrentFollowsAnOwnOne() {
        Sheet engine = sheet(Map.of());
        Sheet own = sheet(Map.of(SettingKey.WORKING_CURRENT, 180.0));

        assertThat(own.setting(SettingKey.AVERAGE_CURRENT).value()).isEqualTo(180);
        assertThat(own.setting(SettingKey.END_CURRENT).value())
                .isGreaterThan(engine.setting(SettingKey.END_CURRENT).value());
        assertThat(own.setting(SettingKey.TUNGSTEN_DIAMETER).value())
                .isGreaterThan(engine.setting(SettingKey.TUNGSTEN_DIAMETER).value());
        assertThat(own.setting(SettingKey.WORKING_CURRENT).window())
                .isEqualTo(engine.setting(SettingKey.WORKING_CURRENT).window());
    }

    @Test
    void ownPulseFiguresMoveTheAverage() {
        Sheet own = sheet(
                PulsePurpose.HEAT,
                Map.of(
                        SettingKey.WORKING_CURRENT, 100.0,
                        SettingKey.PULSE_ON_TIME, 40.0,
                        SettingKey.PULSE_BACKGROUND, 50.0));

        assertThat(own.setting(SettingKey.AVERAGE_CURRENT).value()).isEqualTo(70);
    }

    @Test
    void anEndAboveThePeakIsRefusedByNameAndTheEnginesStands() {
        Sheet sheet = sheet(Map.of(SettingKey.END_CURRENT, 300.0, SettingKey.DOWN_SLOPE, 4.0));

        assertThat(sheet.ownProblems())
                .singleElement()
                .extracting(Problem::field)
                .isEqualTo("endCurrent");
        assertThat(sheet.setting(SettingKey.END_CURRENT).own()).isEmpty();
        assertThat(sheet.setting(SettingKey.DOWN_SLOPE).value()).isEqualTo(4);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, 1e9, Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void absurdValuesAreRefusedByName(double value) {
        for (SettingKey key : SettingKey.values()) {
            if (OwnRules.range(key).isPresent()) {
                Sheet sheet = sheet(PulsePurpose.RIPPLE, Map.of(key, value));
                assertThat(sheet.ownProblems())
                        .as(key.name())
                        .extracting(Problem::field)
                        .containsExactly(key.apiName());
                assertThat(sheet.setting(key).own()).as(key.name()).isEmpty();
            }
        }
    }

    @Test
    void aCurrentThatNoTungstenCarriesIsRefusedAndTheRestStands() {
        Sheet sheet = sheet(Map.of(SettingKey.WORKING_CURRENT, 480.0, SettingKey.UP_SLOPE, 1.5));

        assertThat(sheet.ownProblems()).extracting(Problem::field).contains("workingCurrent");
        assertThat(sheet.setting(SettingKey.WORKING_CURRENT).own()).isEmpty();
        assertThat(sheet.setting(SettingKey.UP_SLOPE).value()).isEqualTo(1.5);
    }

    @Test
    void anIdleSettingTakesNoOwnValue() {
        Sheet sheet = sheet(Map.of(SettingKey.PULSE_RATE, 5.0));

        assertThat(sheet.isPulsed()).isFalse();
        assertThat(sheet.ownProblems()).isEmpty();
    }

    @Test
    void anyOwnValueInRangeStillGivesACompleteSheet() {
        Random random = new Random(11);
        RandomJoints joints = new RandomJoints(12);
        for (int i = 0; i < 500; i++) {
            Map<SettingKey, Double> own = new EnumMap<>(SettingKey.class);
            for (SettingKey key : SettingKey.values()) {
                OwnRules.range(key)
                        .filter(range -> random.nextInt(3) == 0)
                        .ifPresent(range -> own.put(
                                key, range.low() + (range.high() - range.low()) * Math.pow(random.nextDouble(), 2)));
            }
            int round = i;
            SheetPlanner.plan(
                            joints.joint(),
                            joints.practice(),
                            new ShopWays(joints.schools(), Stock.untold()),
                            new OwnValues(own))
                    .value()
                    .ifPresent(sheet -> assertThat(sheet.settings().values())
                            .as("round " + round)
                            .allSatisfy(setting -> setting.window()
                                    .ifPresent(window ->
                                            assertThat(setting.value()).isFinite())));
        }
    }
}
