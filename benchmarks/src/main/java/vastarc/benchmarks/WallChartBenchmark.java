package vastarc.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
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
import vastarc.core.advice.sheet.WallChart;
import vastarc.core.domain.material.Material;

/** 480 cells on one thread: four metals, twelve thicknesses, ten joints. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class WallChartBenchmark {

    @Benchmark
    public List<WallChart> fourMetals() {
        return Stream.of(Material.CARBON_STEEL, Material.CHROMOLY_4130, Material.STAINLESS_316L, Material.TITANIUM_GR2)
                .map(material -> WallChart.of(material, ShopDefaults.usual(), 0, Double.MAX_VALUE))
                .toList();
    }
}
