package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.Stock;
import vastarc.core.advice.sheet.Parameter.RangePosition;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** The welder's own values over the engine's. */
class OwnValuesTest {

    private static SetupSheet sheet(Map<ParameterKey, Double> own) {
        return sheet(PulsePurpose.NONE, own);
    }

    private static SetupSheet sheet(PulsePurpose pulse, Map<ParameterKey, Double> own) {
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.control = ControlDevice.TRIGGER_4T;
            draft.pulse = pulse;
        });
        Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2);
        return SheetPlanner.plan(joint, conditions, ShopDefaults.usual(), new OwnValues(own))
                .value()
                .orElseThrow();
    }

    @Test
    void anOwnValueStandsInFrontOfTheEnginesAndKeepsItsWindow() {
        SetupSheet engine = sheet(Map.of());
        Parameter own = sheet(Map.of(ParameterKey.DOWN_SLOPE, 9.0)).setting(ParameterKey.DOWN_SLOPE);

        assertThat(own.value()).isEqualTo(9);
        assertThat(own.engineValue())
                .isEqualTo(engine.setting(ParameterKey.DOWN_SLOPE).value());
        assertThat(own.window())
                .isEqualTo(engine.setting(ParameterKey.DOWN_SLOPE).window());
        assertThat(own.standing()).isEqualTo(RangePosition.ABOVE);
    }

    @Test
    void whatHangsOnTheWorkingCurrentFollowsAnOwnOne() {
        SetupSheet engine = sheet(Map.of());
        SetupSheet own = sheet(Map.of(ParameterKey.WORKING_CURRENT, 180.0));

        assertThat(own.setting(ParameterKey.AVERAGE_CURRENT).value()).isEqualTo(180);
        assertThat(own.setting(ParameterKey.END_CURRENT).value())
                .isGreaterThan(engine.setting(ParameterKey.END_CURRENT).value());
        assertThat(own.setting(ParameterKey.TUNGSTEN_DIAMETER).value())
                .isGreaterThan(engine.setting(ParameterKey.TUNGSTEN_DIAMETER).value());
        assertThat(own.setting(ParameterKey.WORKING_CURRENT).window())
                .isEqualTo(engine.setting(ParameterKey.WORKING_CURRENT).window());
    }

    @Test
    void ownPulseFiguresMoveTheAverage() {
        SetupSheet own = sheet(
                PulsePurpose.HEAT,
                Map.of(
                        ParameterKey.WORKING_CURRENT, 100.0,
                        ParameterKey.PULSE_ON_TIME, 40.0,
                        ParameterKey.PULSE_BACKGROUND, 50.0));

        assertThat(own.setting(ParameterKey.AVERAGE_CURRENT).value()).isEqualTo(70);
    }

    @Test
    void anEndAboveThePeakIsRefusedByNameAndTheEnginesStands() {
        SetupSheet sheet = sheet(Map.of(ParameterKey.END_CURRENT, 300.0, ParameterKey.DOWN_SLOPE, 4.0));

        assertThat(sheet.ownProblems())
                .singleElement()
                .extracting(Problem::field)
                .isEqualTo("endCurrent");
        assertThat(sheet.setting(ParameterKey.END_CURRENT).own()).isEmpty();
        assertThat(sheet.setting(ParameterKey.DOWN_SLOPE).value()).isEqualTo(4);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, 1e9, Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void absurdValuesAreRefusedByName(double value) {
        for (ParameterKey key : ParameterKey.values()) {
            if (OwnValueRules.range(key).isPresent()) {
                SetupSheet sheet = sheet(PulsePurpose.RIPPLE, Map.of(key, value));
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
        SetupSheet sheet = sheet(Map.of(ParameterKey.WORKING_CURRENT, 480.0, ParameterKey.UP_SLOPE, 1.5));

        assertThat(sheet.ownProblems()).extracting(Problem::field).contains("workingCurrent");
        assertThat(sheet.setting(ParameterKey.WORKING_CURRENT).own()).isEmpty();
        assertThat(sheet.setting(ParameterKey.UP_SLOPE).value()).isEqualTo(1.5);
    }

    @Test
    void anIdleSettingTakesNoOwnValue() {
        SetupSheet sheet = sheet(Map.of(ParameterKey.PULSE_RATE, 5.0));

        assertThat(sheet.isPulsed()).isFalse();
        assertThat(sheet.ownProblems()).isEmpty();
    }

    @Test
    void anyOwnValueInRangeStillGivesACompleteSheet() {
        Random random = new Random(11);
        RandomJoints joints = new RandomJoints(12);
        for (int i = 0; i < 500; i++) {
            Map<ParameterKey, Double> own = new EnumMap<>(ParameterKey.class);
            for (ParameterKey key : ParameterKey.values()) {
                OwnValueRules.range(key)
                        .filter(range -> random.nextInt(3) == 0)
                        .ifPresent(range -> own.put(
                                key, range.low() + (range.high() - range.low()) * Math.pow(random.nextDouble(), 2)));
            }
            int round = i;
            SheetPlanner.plan(
                            joints.joint(),
                            joints.practice(),
                            new ShopDefaults(joints.schools(), Stock.everything()),
                            new OwnValues(own))
                    .value()
                    .ifPresent(sheet -> assertThat(sheet.settings().values())
                            .as("round " + round)
                            .allSatisfy(parameter -> parameter
                                    .window()
                                    .ifPresent(window ->
                                            assertThat(parameter.value()).isFinite())));
        }
    }
}
