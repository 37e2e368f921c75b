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
import vastarc.core.finding.Outcome;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Preparation;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.material.Material;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.sheet.ShopWays;
import vastarc.core.sheet.Way;

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
    private static final Joint THICK_PIPE = TOO_THICK.prepared(Preparation.V);
    private static final Practice STILL = Practice.usual().with(draft -> {
        draft.position = Position.PH;
        draft.control = Control.TRIGGER_4T;
        draft.pulse = PulsePurpose.RIPPLE;
    });

    private final Joint tube =
            Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5).tubeOd(50.8);
    private final Practice fusion = Practice.usual().with(draft -> {
        draft.wire = false;
        draft.rotated = true;
        draft.purged = true;
    });

    /** Two different legs, pulse, slopes, post-flow by cooling, wire compared: everything the planner can be asked at once. */
    private final Joint unequal = Joint.of(Material.STAINLESS_316L, JointForm.TUBE_SADDLE, 3)
            .abutting(1.5)
            .tubeOd(38);

    private final Practice fullest = Practice.usual().with(draft -> {
        draft.purged = true;
        draft.control = Control.TRIGGER_4T;
        draft.pulse = PulsePurpose.HEAT;
    });

    private final Joint groove = Joint.of(Material.STAINLESS_316L, JointForm.V_BUTT, 8);

    @Benchmark
    public Outcome<Sheet> tubeSheet() {
        return SheetPlanner.plan(tube, fusion);
    }

    @Benchmark
    public Outcome<Sheet> fullestSheet() {
        return SheetPlanner.plan(unequal, fullest);
    }

    @Benchmark
    public Outcome<Sheet> grooveSheet() {
        return SheetPlanner.plan(groove, fullest);
    }

    @Benchmark
    public HeatSolution heatOfUnequalLegs() {
        return HeatSolution.of(unequal, fullest);
    }

    @Benchmark
    public HeatSolution heatOfATube() {
        return HeatSolution.of(tube, fusion);
    }

    /** Twelve millimetres of chromoly in a V on fixed pipe: preheat, every pass, the clock, slopes, pulse. */
    @Benchmark
    public Outcome<Sheet> everyPass() {
        return SheetPlanner.plan(THICK_PIPE, STILL);
    }

    /** A square edge too thick, with everything that works instead. */
    @Benchmark
    public List<Way> refusalWithWays() {
        return Way.outOf(TOO_THICK, STILL, ShopWays.usual());
    }
}
