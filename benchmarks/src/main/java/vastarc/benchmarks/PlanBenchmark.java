package vastarc.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
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
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** A thousand plans of seeded joints in every form, metal, position and control: with sheets, with weld cycles, with pools. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class PlanBenchmark {

    private static final int PLANS = 1000;

    private final List<Weld> welds = welds();

    private static List<Weld> welds() {
        Random random = new Random(7);
        List<Weld> welds = new ArrayList<>();
        while (welds.size() < PLANS) {
            Weld weld = weld(random);
            if (WeldPlan.of(weld, ShopDefaults.usual()).sheet().value().isPresent()) {
                welds.add(weld);
            }
        }
        return welds;
    }

    private static Weld weld(Random random) {
        JointForm form = any(random, JointForm.values());
        double thickness = form == JointForm.V_BUTT ? 4 + 8 * random.nextDouble() : 0.5 + 3 * random.nextDouble();
        Joint joint = Joint.of(any(random, Material.values()), form, thickness)
                .with(draft -> draft.tubeOd = form.isTube()
                        ? Optional.of(Length.ofMillimetres(25 + 75 * random.nextDouble()))
                        : Optional.empty());
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.position = any(random, Position.values());
            draft.control = any(random, ControlDevice.values());
            draft.pulse = any(random, PulsePurpose.values());
            draft.wire = random.nextInt(3) > 0;
            draft.purged = random.nextBoolean();
        });
        return new Weld(joint, conditions);
    }

    private static <E> E any(Random random, E[] values) {
        return values[random.nextInt(values.length)];
    }

    private List<WeldPlan> plans() {
        return welds.stream()
                .map(weld -> WeldPlan.of(weld, ShopDefaults.usual()))
                .toList();
    }

    @Benchmark
    public List<WeldPlan> withSheets() {
        List<WeldPlan> plans = plans();
        plans.forEach(WeldPlan::sheet);
        return plans;
    }

    @Benchmark
    public List<WeldPlan> withSheetsAndScores() {
        List<WeldPlan> plans = plans();
        plans.forEach(WeldPlan::score);
        return plans;
    }

    @Benchmark
    public double withSheetsScoresAndPools() {
        return plans().stream()
                .mapToDouble(plan -> plan.score().value().orElseThrow().pool().widestMm())
                .sum();
    }
}
