package vastarc.benchmarks;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
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
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.record.diagnosis.Diagnoser;
import vastarc.core.record.diagnosis.Diagnosis;
import vastarc.core.record.diagnosis.DiagnosisRequest;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.Deviation;
import vastarc.core.record.weldlog.DeviationRules;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunAnalysis;

/** Ten minutes of current at fifty readings a second, read; and a bead read. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
@Fork(1)
public class RunBenchmark {

    private final Recording trace = tenMinutes();
    private final SetupSheet sheet = WeldPlan.of(
                    new Weld(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5), WeldingConditions.usual()),
                    ShopDefaults.usual())
            .sheet()
            .value()
            .orElseThrow();

    private static Recording tenMinutes() {
        Random random = new Random(1);
        double[] s = new double[30_000];
        double[] a = new double[30_000];
        for (int i = 0; i < s.length; i++) {
            s[i] = i / 50.0;
            double cycle = s[i] * 1.5 % 1;
            double level = s[i] % 60 < 50 ? cycle < 0.5 ? 80 : 40 : 0;
            a[i] = Math.abs(level + random.nextGaussian() * (0.1 + 0.01 * level));
        }
        return Recording.of(Channel.of(s, a));
    }

    @Benchmark
    public List<Deviation> analyse() {
        RunAnalysis seen = RunAnalysis.of(trace, OptionalDouble.of(500), Optional.empty());
        return DeviationRules.of(trace, seen, OptionalDouble.of(500), Optional.empty());
    }

    @Benchmark
    public Diagnosis read() {
        return Diagnoser.read(new DiagnosisRequest(
                sheet,
                Map.of(ParameterKey.POST_FLOW, 1.0),
                Set.of("TINT_END_ONLY", "CRATER"),
                Set.of("BEAD_GREY"),
                Map.of("polarity", "NEGATIVE"),
                Set.of(),
                Map.of()));
    }
}
