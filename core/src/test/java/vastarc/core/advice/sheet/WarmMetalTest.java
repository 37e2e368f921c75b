package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Family;
import vastarc.core.domain.material.Material;

/** Metal that is warm before the arc, and how long it is covered after. */
class WarmMetalTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();

    private static SetupSheet sheet(Joint joint, WeldingConditions conditions) {
        return SheetPlanner.plan(joint, conditions).value().orElseThrow();
    }

    /** What is given stands, also where it is the room's own temperature; only what is not given is what the metal asks for. */
    @Test
    void aPreheatThatIsToldStandsAtAnyValue() {
        Joint joint = Joint.of(Material.CHROMOLY_4130, JointForm.T_FILLET, 6);
        double before = Double.MAX_VALUE;
        for (double entered : new double[] {-20, 19, 20, 21, 60, 94, 95, 96, 150, 400}) {
            SetupSheet warmed = sheet(joint, USUAL.with(draft -> draft.preheatC = OptionalDouble.of(entered)));
            double current = warmed.heat().currentA();
            assertThat(current).as(entered + " °C").isLessThan(before);
            assertThat(warmed.setting(ParameterKey.PREHEAT).value()).isEqualTo(entered);
            before = current;
        }
        SetupSheet notGiven = sheet(joint, USUAL);
        SetupSheet asked = sheet(joint, USUAL.with(draft -> draft.preheatC = OptionalDouble.of(95)));
        assertThat(notGiven.heat().currentA()).isEqualTo(asked.heat().currentA());
    }

    /** Longer than a minute nobody holds a torch still: another method is named then. */
    @ParameterizedTest
    @EnumSource(Material.class)
    void noPostFlowIsLongerThanAnybodyHolds(Material material) {
        boolean named = false;
        for (double t : new double[] {0.8, 3, 6, 12, 25}) {
            for (double preheat : new double[] {20, 150, 300, 400}) {
                Joint joint = Joint.of(material, JointForm.V_BUTT, Math.max(3, t));
                Parameter gas = sheet(joint, USUAL.with(draft -> draft.preheatC = OptionalDouble.of(preheat)))
                        .setting(ParameterKey.POST_FLOW);
                assertThat(gas.value()).as(material + " " + t + " " + preheat).isBetween(3.0, 60.0);
                assertThat(gas.window().orElseThrow().high()).isLessThanOrEqualTo(60);
                named |= Phrasebook.say(gas.reason(), UnitSystem.METRIC).contains("trailing shield");
            }
        }
        assertThat(named).isEqualTo(material.family() == Family.TITANIUM);
    }
}
