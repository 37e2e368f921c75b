package vastarc.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.MachineProfile.OfferedTriggerMode;
import vastarc.core.equipment.MachineProfile.PanelShape;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelSetting;
import vastarc.core.equipment.Scale;
import vastarc.core.equipment.ScaleUnit;
import vastarc.core.physics.duty.DutyPoint;
import vastarc.core.training.Drill;
import vastarc.core.training.Question;
import vastarc.core.training.Topic;
import vastarc.core.training.TrainingShop;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;

/** One question of the drill made, by topic, in a shop of one machine and one job. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class DrillBenchmark {

    @Param
    private Topic topic;

    private TrainingShop shop;
    private long seed;

    @Setup(Level.Trial)
    public void open() {
        Weld weld = new Weld(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), WeldingConditions.usual());
        WeldCycle cycle =
                WeldPlan.of(weld, ShopDefaults.usual()).score().value().orElseThrow();
        shop = new TrainingShop(
                List.of(new TrainingMachine("Knob set", front())), List.of(new TrainingJob("A lap", cycle)));
    }

    private static MachineProfile front() {
        return new MachineProfile(
                "Knob set",
                PanelShape.KNOBS,
                5,
                200,
                false,
                List.of(
                        OfferedTriggerMode.usual(TriggerModeName.PEDAL),
                        OfferedTriggerMode.usual(TriggerModeName.TRIGGER_2T_SLOPES)),
                Set.of("HF", "LIFT"),
                true,
                MachineProfile.Polarity.SWAP_LEADS,
                false,
                List.of(new DutyPoint(200, 35)),
                1.6,
                List.of(
                        knob("amps", PanelSetting.MAIN_CURRENT, Scale.knob(ScaleUnit.AMPERE, 5, 200, 10, false)),
                        knob("down", PanelSetting.DOWN_SLOPE, Scale.knob(ScaleUnit.SECOND, 0, 10, 5, true)),
                        knob("up", PanelSetting.UP_SLOPE, Scale.knob(ScaleUnit.SECOND, 0, 5, 5, true)),
                        knob("post", PanelSetting.POST_FLOW, Scale.knob(ScaleUnit.SECOND, 0, 30, 6, true))),
                0);
    }

    private static PanelElement knob(String id, PanelSetting setting, Scale scale) {
        return new PanelElement(
                id, ControlKind.KNOB, setting, id, 50, 50, 10, Optional.of(scale), List.of(), List.of());
    }

    @Benchmark
    public Question question() {
        seed++;
        return Drill.question(seed, topic, 1 + (int) (seed % 3), shop);
    }
}
