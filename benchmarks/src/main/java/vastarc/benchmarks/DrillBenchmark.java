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
import vastarc.core.drill.Drill;
import vastarc.core.drill.DrillShop;
import vastarc.core.drill.Question;
import vastarc.core.drill.Topic;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.machine.DutyPoint;
import vastarc.core.machine.MachineProfile;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelSetting;
import vastarc.core.machine.Scale;
import vastarc.core.machine.ScaleUnit;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan;
import vastarc.core.score.ControlLogic.Name;
import vastarc.core.score.Score;
import vastarc.core.sheet.ShopWays;

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

    private DrillShop shop;
    private long seed;

    @Setup(Level.Trial)
    public void open() {
        Weld weld = new Weld(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), Practice.usual());
        Score score = WeldPlan.of(weld, ShopWays.usual()).score().value().orElseThrow();
        shop = new DrillShop(
                List.of(new DrillShop.Machine("Knob set", front())), List.of(new DrillShop.Job("A lap", score)));
    }

    private static MachineProfile front() {
        return new MachineProfile(
                "Knob set",
                MachineProfile.Shape.KNOBS,
                5,
                200,
                false,
                List.of(MachineProfile.Offer.usual(Name.PEDAL), MachineProfile.Offer.usual(Name.TRIGGER_2T_SLOPES)),
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
                id, PanelElement.Kind.KNOB, setting, id, 50, 50, 10, Optional.of(scale), List.of(), List.of());
    }

    @Benchmark
    public Question question() {
        seed++;
        return Drill.question(seed, topic, 1 + (int) (seed % 3), shop);
    }
}
