package vastarc.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
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
import vastarc.core.advice.sequence.DayPlanner;
import vastarc.core.advice.sequence.DaySchedule;
import vastarc.core.advice.sequence.DaySchedule.ChangeoverTimes;
import vastarc.core.advice.sequence.SequencePlanner;
import vastarc.core.advice.sequence.SequenceRequest;
import vastarc.core.advice.sequence.WeldQuantity;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.duty.DutyPoint;

/** A route from its joint on, duty counted, and a day of eight jobs and two hundred runs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
@Fork(1)
public class RouteBenchmark {

    private final List<SequenceRequest> day = eight();

    private static SequenceRequest ask(Material material, JointForm form, double mm, int seams, double length) {
        WeldQuantity work = new WeldQuantity(
                seams, OptionalDouble.of(length), "", OptionalDouble.empty(), 20, OptionalDouble.empty());
        return SequenceRequest.of(
                        WeldPlan.of(
                                new Weld(Joint.of(material, form, mm), WeldingConditions.usual()),
                                ShopDefaults.usual()),
                        work,
                        List.of(new DutyPoint(200, 35)),
                        List.of(new DutyPoint(125, 35)),
                        20)
                .value()
                .orElseThrow();
    }

    /** Eight jobs, some in passes, some over the torch's duty; as many runs as a day may have. */
    private static List<SequenceRequest> eight() {
        List<SequenceRequest> asks = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            asks.add(ask(Material.CARBON_STEEL, JointForm.T_FILLET, 3, 3, 430 + 10 * i));
            asks.add(ask(Material.CHROMOLY_4130, JointForm.V_BUTT, 6, 2, 300 + 10 * i));
        }
        return asks;
    }

    /** How many runs the day has. */
    public static void main(String[] arguments) {
        System.out.println(eight().stream()
                .mapToInt(request -> SequencePlanner.plan(request).runs().size())
                .sum());
    }

    @Benchmark
    public WeldSequence route() {
        return SequencePlanner.plan(ask(Material.CARBON_STEEL, JointForm.V_BUTT, 8, 4, 600));
    }

    @Benchmark
    public DaySchedule day() {
        return DayPlanner.plan(day, ChangeoverTimes.USUAL);
    }
}
