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
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.PlateSimulation;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.WeldSimulation;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.request.PlateRequest.PlateMetal;
import vastarc.core.simulation.request.PlateRequest.PlateSize;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.PlateResult;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.source.PlateSource;
import vastarc.core.simulation.source.PlateSource.EndCondition;

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
    public PlateResult wholePlate(Work work) {
        String[] parts = plate.split(" ");
        PlateResult answer = PlateSimulation.solve(ask(Double.parseDouble(parts[1]), MeshDetail.valueOf(parts[0])));
        work.updates += answer.numerics().updates();
        return answer;
    }

    /** Whole welds of 120 mm as a sheet has them, by form, thickness and cells. */
    @State(Scope.Benchmark)
    public static class Weld120 {

        @Param({"SQUARE_BUTT 2 LIVE", "SQUARE_BUTT 2 FINE", "T_FILLET 2 LIVE", "T_FILLET 2 FINE", "V_BUTT 6 FINE"})
        public String weld;

        SimulationRequest ask() {
            String[] parts = weld.split(" ");
            Joint joint = Joint.of(Material.CARBON_STEEL, JointForm.valueOf(parts[0]), Double.parseDouble(parts[1]));
            PlanRequest plan = PlanRequest.of(new Weld(joint, WeldingConditions.usual()), ShopDefaults.usual());
            return SimulationSetup.of(plan, MeshDetail.valueOf(parts[2]))
                    .own(CycleKey.SEAM_LENGTH, 120)
                    .ask()
                    .value()
                    .orElseThrow();
        }
    }

    @Benchmark
    public SimulationResult wholeWeld(Weld120 weld, Work work) {
        SimulationResult made = WeldSimulation.of(weld.ask());
        work.updates += made.numerics().updates();
        return made;
    }

    private static PlateRequest ask(double thicknessMm, MeshDetail quality) {
        return new PlateRequest(
                new PlateMetal(30, 7800, 692.31, 1450, 1500, 270),
                new PlateSize(140, 60, thicknessMm),
                20,
                20,
                0,
                new PlateSource(
                        325 * thicknessMm, 2.5, 10, 130, 2.5, EndCondition.REFLECT, Optional.empty(), Optional.empty()),
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
