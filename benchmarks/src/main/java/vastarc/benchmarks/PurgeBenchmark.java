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
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.Purge.OxygenPoint;
import vastarc.core.physics.purge.PurgeHold;
import vastarc.core.physics.purge.PurgePart;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;
import vastarc.core.physics.purge.RootPressure;

/** One whole purge, its curve included. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class PurgeBenchmark {

    private final PurgeRequest ask = new PurgeRequest(
            List.of(PurgePart.straight(420, 47.8), PurgePartKind.TEE.usual(), PurgePartKind.REDUCER.usual()),
            9,
            0.001,
            5,
            50,
            GasPort.LOW,
            GasPort.HIGH,
            new RootPressure.Vent(4, 1),
            0.1,
            new RootPressure(Material.STAINLESS_316L, 1.65, 3.4, Position.PH),
            PurgeHold.USUAL_SHARE);

    @Benchmark
    public List<OxygenPoint> wholePurge() {
        return PurgePlan.of(ask).purge().curve();
    }
}
