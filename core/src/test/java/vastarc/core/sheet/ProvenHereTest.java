package vastarc.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.material.Material;

/** The school "from our own welds" on the sheet: offered, chosen, with its own window; never where runs do not teach it. */
class ProvenHereTest {

    private static final String MACHINE = "Bench two";
    private static final double FACTOR = 1.15;

    private static ProvenHere runs(int count, String metal) {
        Random random = new Random(7);
        List<ProvenCurrent.Run> runs = IntStream.range(0, count)
                .mapToObj(i -> new ProvenCurrent.Run(
                        metal,
                        "LAP",
                        1.8 + 0.4 * random.nextDouble(),
                        MACHINE,
                        FACTOR * Math.exp(0.03 * random.nextGaussian())))
                .toList();
        return new ProvenHere(MACHINE, runs);
    }

    private static Sheet sheet(ShopWays ways, PulsePurpose pulse) {
        return SheetPlanner.plan(
                        Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2),
                        Practice.usual().with(draft -> draft.pulse = pulse),
                        ways)
                .value()
                .orElseThrow();
    }

    @Test
    void tenRunsTeachTheSchoolAndChoosingItSetsTheCurrent() {
        ShopWays usual = ShopWays.usual().at(runs(10, "CARBON_STEEL"));
        Sheet offered = sheet(usual, PulsePurpose.NONE);
        double balance = offered.setting(SettingKey.WORKING_CURRENT).value();
        SchoolCurrent school = offered.schools().get(3);
        assertThat(school.school()).isEqualTo(School.AS_PROVEN_HERE);
        assertThat(school.currentA() / balance).isCloseTo(FACTOR, within(0.05 * FACTOR));
        assertThat(school.note().arguments()).contains(10);

        Sheet chosen = sheet(usual.with(School.AS_PROVEN_HERE), PulsePurpose.NONE);
        Setting current = chosen.setting(SettingKey.WORKING_CURRENT);
        assertThat(current.value()).isCloseTo(school.currentA(), within(1e-9));
        assertThat(current.school()).isEqualTo(School.AS_PROVEN_HERE);
        assertThat(current.window().orElseThrow().low()).isLessThan(current.value());
        assertThat(current.window().orElseThrow().high()).isGreaterThan(current.value());
        assertThat(chosen.balanceA()).isCloseTo(balance, within(1e-6));
    }

    @Test
    void aPulsedWeldScalesAlike() {
        ShopWays usual = ShopWays.usual().at(runs(10, "CARBON_STEEL"));
        Sheet plain = sheet(usual, PulsePurpose.RIPPLE);
        Sheet chosen = sheet(usual.with(School.AS_PROVEN_HERE), PulsePurpose.RIPPLE);
        assertThat(chosen.setting(SettingKey.WORKING_CURRENT).value())
                .isGreaterThan(plain.setting(SettingKey.WORKING_CURRENT).value());
        assertThat(chosen.setting(SettingKey.WORKING_CURRENT).school()).isEqualTo(School.AS_PROVEN_HERE);
        assertThat(chosen.balanceA()).isBetween(0.9 * plain.balanceA(), 1.1 * plain.balanceA());
    }

    @Test
    void withoutRunsThatAreNearItIsNotOfferedAndTheHeatBalanceStands() {
        for (ProvenHere taught : List.of(ProvenHere.nothing(), runs(2, "CARBON_STEEL"), runs(10, "TITANIUM_GRADE_2"))) {
            Sheet sheet = sheet(ShopWays.usual().at(taught).with(School.AS_PROVEN_HERE), PulsePurpose.NONE);
            assertThat(sheet.schools())
                    .extracting(SchoolCurrent::school)
                    .containsExactly(School.HEAT_BALANCE, School.AMP_PER_THOU, School.AMPS_PER_MM);
            assertThat(sheet.setting(SettingKey.WORKING_CURRENT).school()).isEqualTo(School.HEAT_BALANCE);
        }
    }
}
