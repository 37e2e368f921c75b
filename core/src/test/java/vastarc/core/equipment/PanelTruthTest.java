package vastarc.core.equipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.Stock;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.RandomJoints;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Weld;
import vastarc.core.equipment.PanelPlan.ControlTarget;

/** Seeded joints put on a panel: what it asks for is what the weld cycle has, to the last digit that is set. */
class PanelTruthTest {

    private static final long SEED = 35;
    private static final int JOINTS = 500;
    private static final double SAME = 1e-9;

    private static final MachineProfile MACHINE = Machines.knobs(
            Machines.display("pre", PanelSetting.PRE_FLOW, Scale.display(ScaleUnit.SECOND, 0, 20, 0.1)),
            Machines.display("rate", PanelSetting.PULSE_RATE, Scale.display(ScaleUnit.HERTZ, 0, 500, 0.1)),
            Machines.display("share", PanelSetting.PULSE_ON_TIME, Scale.display(ScaleUnit.PERCENT, 0, 100, 1)));

    @Test
    void thePanelAsksForTheCyclesNumbers() {
        RandomJoints random = new RandomJoints(SEED);
        SoftAssertions all = new SoftAssertions();
        int compared = 0;
        int planned = 0;
        while (planned < JOINTS) {
            Joint joint = random.joint();
            Weld weld = new Weld(joint, random.practiceFor(joint));
            ShopDefaults shop = new ShopDefaults(random.schools(), Stock.everything());
            Optional<WeldCycle> cycle =
                    WeldPlan.of(PlanRequest.of(weld, shop)).score().value();
            if (cycle.isPresent()) {
                planned++;
                compared += compare(all, cycle.get(), weld.toString());
            }
        }
        all.assertAll();
        assertThat(compared).isGreaterThan(JOINTS);
    }

    private static int compare(SoftAssertions all, WeldCycle cycle, String name) {
        PanelPlan panel = PanelPlan.of(cycle, MACHINE, Optional.empty(), Map.of(), Map.of());
        int compared = 0;
        for (ControlTarget control : panel.controls()) {
            PanelSetting setting = control.element().setting();
            if (control.idle().isEmpty() && control.figure().isPresent()) {
                compared++;
                all.assertThat(control.figure().get().value())
                        .as(control.element().id() + ", " + name)
                        .isCloseTo(cycle.values().of(key(cycle, setting)), within(SAME));
            }
        }
        return compared;
    }

    /** The main dial is the pedal's ceiling under a pedal, the spot's current for tacks, else the working current. */
    private static CycleKey key(WeldCycle cycle, PanelSetting setting) {
        if (setting != PanelSetting.MAIN_CURRENT) {
            return setting.key().orElseThrow();
        }
        if (cycle.logic().isTack()) {
            return CycleKey.SPOT_CURRENT;
        }
        return cycle.logic().name() == TriggerModeName.PEDAL ? CycleKey.PEDAL_CEILING : CycleKey.WORKING_CURRENT;
    }
}
