package vastarc.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.AuxCounters;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan;
import vastarc.core.rehearsal.PlateAnswer;
import vastarc.core.rehearsal.PlateAsk;
import vastarc.core.rehearsal.PlateRun;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.Rehearsal;
import vastarc.core.rehearsal.RehearsalAsk;
import vastarc.core.rehearsal.RehearsalRun;
import vastarc.core.rehearsal.Setup;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.ShopWays;

/** A seam of 120 mm on a plate with latent heat: plates a second, and cells updated a second. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 2, time = 5)
@Measurement(iterations = 3, time = 5)
@Fork(value = 1, jvmArgsAppend = "--add-modules=jdk.incubator.vector")
public class RehearsalBenchmark {

    @Param({"LIVE 2", "FINE 2", "FINE 6"})
    public String plate;

    /** Counted beside the plates. */
    @State(Scope.Thread)
    @AuxCounters(AuxCounters.Type.OPERATIONS)
    public static class Work {
        public long updates;
    }

    @Benchmark
    public PlateAnswer wholePlate(Work work) {
        String[] told = plate.split(" ");
        PlateAnswer answer = PlateRun.solve(ask(Double.parseDouble(told[1]), Quality.valueOf(told[0])));
        work.updates += answer.numerics().updates();
        return answer;
    }

    /** Whole welds of 120 mm as a sheet has them, by form, thickness and cells. */
    @State(Scope.Benchmark)
    public static class Weld120 {

        @Param({"SQUARE_BUTT 2 LIVE", "SQUARE_BUTT 2 FINE", "T_FILLET 2 LIVE", "T_FILLET 2 FINE", "V_BUTT 6 FINE"})
        public String weld;

        RehearsalAsk ask() {
            String[] told = weld.split(" ");
            Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.valueOf(told[0]), Double.parseDouble(told[1]));
            WeldPlan.Ask plan = WeldPlan.Ask.of(new Weld(joint, Practice.usual()), ShopWays.usual());
            return Setup.of(plan, Quality.valueOf(told[2]))
                    .own(ScoreKey.SEAM_LENGTH, 120)
                    .ask()
                    .value()
                    .orElseThrow();
        }
    }

    @Benchmark
    public Rehearsal wholeWeld(Weld120 weld, Work work) {
        Rehearsal made = RehearsalRun.of(weld.ask());
        work.updates += made.numerics().updates();
        return made;
    }

    private static PlateAsk ask(double thicknessMm, Quality quality) {
        return new PlateAsk(
                new PlateAsk.Metal(30, 7800, 692.31, 1450, 1500, 270),
                new PlateAsk.Plate(140, 60, thicknessMm),
                20,
                20,
                0,
                new PlateAsk.Source(
                        325 * thicknessMm,
                        2.5,
                        10,
                        130,
                        2.5,
                        PlateAsk.Edge.REFLECT,
                        Optional.empty(),
                        Optional.empty()),
                List.of(1450.0),
                List.of(),
                List.of(70.0),
                List.of(70.0),
                List.of(),
                List.of(800.0),
                52,
                quality);
    }
}
