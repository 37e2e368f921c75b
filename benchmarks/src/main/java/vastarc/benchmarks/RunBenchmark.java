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
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan;
import vastarc.core.reading.Reader;
import vastarc.core.reading.Reading;
import vastarc.core.reading.ReadingAsk;
import vastarc.core.run.Channel;
import vastarc.core.run.Deviation;
import vastarc.core.run.DeviationRules;
import vastarc.core.run.RunAnalysis;
import vastarc.core.run.Trace;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;

/** Ten minutes of current at fifty readings a second, read; and a bead read. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
@Fork(1)
public class RunBenchmark {

    private final Trace trace = tenMinutes();
    private final Sheet sheet = WeldPlan.of(
                    new Weld(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5), Practice.usual()),
                    ShopWays.usual())
            .sheet()
            .value()
            .orElseThrow();

    private static Trace tenMinutes() {
        Random random = new Random(1);
        double[] s = new double[30_000];
        double[] a = new double[30_000];
        for (int i = 0; i < s.length; i++) {
            s[i] = i / 50.0;
            double cycle = s[i] * 1.5 % 1;
            double level = s[i] % 60 < 50 ? cycle < 0.5 ? 80 : 40 : 0;
            a[i] = Math.abs(level + random.nextGaussian() * (0.1 + 0.01 * level));
        }
        return Trace.of(Channel.of(s, a));
    }

    @Benchmark
    public List<Deviation> analyse() {
        RunAnalysis seen = RunAnalysis.of(trace, OptionalDouble.of(500), Optional.empty());
        return DeviationRules.of(trace, seen, OptionalDouble.of(500), Optional.empty());
    }

    @Benchmark
    public Reading read() {
        return Reader.read(new ReadingAsk(
                sheet,
                Map.of(SettingKey.POST_FLOW, 1.0),
                Set.of("TINT_END_ONLY", "CRATER"),
                Set.of("BEAD_GREY"),
                Map.of("polarity", "NEGATIVE"),
                Set.of(),
                Map.of()));
    }
}
