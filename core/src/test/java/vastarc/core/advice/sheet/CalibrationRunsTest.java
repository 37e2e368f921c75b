package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.CalibrationRuns;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** The method "from our own welds" on the sheet: offered, chosen, with its own window; never where runs do not teach it. */
class CalibrationRunsTest {

    private static final String MACHINE = "Bench two";
    private static final double FACTOR = 1.15;

    private static CalibrationRuns runs(int count, String metal) {
        Random random = new Random(7);
        List<ProvenRun> runs = IntStream.range(0, count)
                .mapToObj(i -> new ProvenRun(
                        metal,
                        "LAP",
                        "PA",
                        1.8 + 0.4 * random.nextDouble(),
                        MACHINE,
                        FACTOR * Math.exp(0.03 * random.nextGaussian())))
                .toList();
        return new CalibrationRuns(MACHINE, runs);
    }

    private static SetupSheet sheet(ShopDefaults shop, PulsePurpose pulse) {
        return SheetPlanner.plan(
                        Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2),
                        WeldingConditions.usual().with(draft -> draft.pulse = pulse),
                        shop)
                .value()
                .orElseThrow();
    }

    @Test
    void tenRunsTeachTheSchoolAndChoosingItSetsTheCurrent() {
        ShopDefaults usual = ShopDefaults.usual().at(runs(10, "CARBON_STEEL"));
        SetupSheet offered = sheet(usual, PulsePurpose.NONE);
        double balance = offered.setting(ParameterKey.WORKING_CURRENT).value();
        MethodCurrent methodCurrent = offered.schools().get(3);
        assertThat(methodCurrent.school()).isEqualTo(Method.AS_PROVEN_HERE);
        assertThat(methodCurrent.currentA() / balance).isCloseTo(FACTOR, within(0.05 * FACTOR));
        assertThat(methodCurrent.note().arguments()).contains(10);

        SetupSheet chosen = sheet(usual.with(Method.AS_PROVEN_HERE), PulsePurpose.NONE);
        Parameter current = chosen.setting(ParameterKey.WORKING_CURRENT);
        assertThat(current.value()).isCloseTo(methodCurrent.currentA(), within(1e-9));
        assertThat(current.school()).isEqualTo(Method.AS_PROVEN_HERE);
        assertThat(current.window().orElseThrow().low()).isLessThan(current.value());
        assertThat(current.window().orElseThrow().high()).isGreaterThan(current.value());
        assertThat(chosen.balanceA()).isCloseTo(balance, within(1e-6));
    }

    @Test
    void aPulsedWeldScalesAlike() {
        ShopDefaults usual = ShopDefaults.usual().at(runs(10, "CARBON_STEEL"));
        SetupSheet plain = sheet(usual, PulsePurpose.RIPPLE);
        SetupSheet chosen = sheet(usual.with(Method.AS_PROVEN_HERE), PulsePurpose.RIPPLE);
        assertThat(chosen.setting(ParameterKey.WORKING_CURRENT).value())
                .isGreaterThan(plain.setting(ParameterKey.WORKING_CURRENT).value());
        assertThat(chosen.setting(ParameterKey.WORKING_CURRENT).school()).isEqualTo(Method.AS_PROVEN_HERE);
        assertThat(chosen.balanceA()).isBetween(0.9 * plain.balanceA(), 1.1 * plain.balanceA());
    }

    @Test
    void withoutRunsThatAreNearItIsNotOfferedAndTheHeatBalanceStands() {
        for (CalibrationRuns taught :
                List.of(CalibrationRuns.nothing(), runs(2, "CARBON_STEEL"), runs(10, "TITANIUM_GRADE_2"))) {
            SetupSheet sheet = sheet(ShopDefaults.usual().at(taught).with(Method.AS_PROVEN_HERE), PulsePurpose.NONE);
            assertThat(sheet.schools())
                    .extracting(MethodCurrent::school)
                    .containsExactly(Method.HEAT_BALANCE, Method.AMP_PER_THOU, Method.AMPS_PER_MM);
            assertThat(sheet.setting(ParameterKey.WORKING_CURRENT).school()).isEqualTo(Method.HEAT_BALANCE);
        }
    }
}
