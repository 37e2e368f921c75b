package vastarc.benchmarks;

import java.util.Map;
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
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CyclePlanner;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** A whole score of a 30 s weld at 5 pulses a second: touches, timeline, integrals, pool, warnings. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class ScoreBenchmark {

    private final SetupSheet sheet = sheet();

    private static SetupSheet sheet() {
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.control = ControlDevice.TRIGGER_4T;
            draft.pulse = PulsePurpose.RIPPLE;
        });
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        OwnValues own = new OwnValues(Map.of(ParameterKey.PULSE_RATE, 5.0));
        return SheetPlanner.plan(joint, conditions, ShopDefaults.usual(), own)
                .value()
                .orElseThrow();
    }

    @Benchmark
    public WeldCycle score() {
        return CyclePlanner.plan(sheet, CycleChoices.none());
    }
}
