package vastarc.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.Alternative;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.HeatBalance;

/** One full sheet, and the heat solution within it. Sample mode gives the median asked for (p0.50). */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SheetBenchmark {

    private static final Joint TOO_THICK =
            Joint.of(Material.CHROMOLY_4130, JointForm.TUBE_BUTT, 12).tubeOd(168.3);
    private static final Joint THICK_PIPE = TOO_THICK.prepared(EdgePreparation.V);
    private static final WeldingConditions STILL = WeldingConditions.usual().with(draft -> {
        draft.position = Position.PH;
        draft.control = ControlDevice.TRIGGER_4T;
        draft.pulse = PulsePurpose.RIPPLE;
    });

    private final Joint tube =
            Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5).tubeOd(50.8);
    private final WeldingConditions fusion = WeldingConditions.usual().with(draft -> {
        draft.wire = false;
        draft.rotated = true;
        draft.purged = true;
    });

    /** Two different legs, pulse, slopes, post-flow by cooling, wire compared: everything the planner can be asked at once. */
    private final Joint unequal = Joint.of(Material.STAINLESS_316L, JointForm.TUBE_SADDLE, 3)
            .abutting(1.5)
            .tubeOd(38);

    private final WeldingConditions fullest = WeldingConditions.usual().with(draft -> {
        draft.purged = true;
        draft.control = ControlDevice.TRIGGER_4T;
        draft.pulse = PulsePurpose.HEAT;
    });

    private final Joint groove = Joint.of(Material.STAINLESS_316L, JointForm.V_BUTT, 8);

    @Benchmark
    public Outcome<SetupSheet> tubeSheet() {
        return SheetPlanner.plan(tube, fusion);
    }

    @Benchmark
    public Outcome<SetupSheet> fullestSheet() {
        return SheetPlanner.plan(unequal, fullest);
    }

    @Benchmark
    public Outcome<SetupSheet> grooveSheet() {
        return SheetPlanner.plan(groove, fullest);
    }

    @Benchmark
    public HeatBalance heatOfUnequalLegs() {
        return HeatBalance.of(unequal, fullest);
    }

    @Benchmark
    public HeatBalance heatOfATube() {
        return HeatBalance.of(tube, fusion);
    }

    /** Twelve millimetres of chromoly in a V on fixed pipe: preheat, every pass, the clock, slopes, pulse. */
    @Benchmark
    public Outcome<SetupSheet> everyPass() {
        return SheetPlanner.plan(THICK_PIPE, STILL);
    }

    /** A square edge too thick, with everything that works instead. */
    @Benchmark
    public List<Alternative> refusalWithWays() {
        return Alternative.outOf(TOO_THICK, STILL, ShopDefaults.usual());
    }
}
