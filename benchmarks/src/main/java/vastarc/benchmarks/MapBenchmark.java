package vastarc.benchmarks;

import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.MapRequest;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.map.WeldMap.MapPlace;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** A whole map of 61 × 61 points, one point of it as it is dragged, and how far the sheet's setting may slip. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class MapBenchmark {

    @Param({"SQUARE_BUTT", "T_FILLET", "TUBE_BUTT"})
    public JointForm form;

    private SetupSheet sheet;
    private double currentA;
    private double travel;

    @Setup
    public void plan() {
        Joint joint = Joint.of(Material.STAINLESS_304L, form, 2);
        sheet = WeldPlan.of(
                        new Weld(form.isTube() ? joint.tubeOd(50.8) : joint, WeldingConditions.usual()),
                        ShopDefaults.usual())
                .sheet()
                .value()
                .orElseThrow();
        currentA = sheet.setting(ParameterKey.WORKING_CURRENT).value();
        travel = sheet.setting(ParameterKey.TRAVEL_SPEED).value();
    }

    @Benchmark
    public WeldMap wholeMap() {
        return MapPlanner.of(
                        sheet,
                        new MapRequest(
                                MapAxis.TRAVEL, MapRequest.USUAL, MapRequest.USUAL, Optional.empty(), Optional.empty()))
                .value()
                .orElseThrow();
    }

    @Benchmark
    public MapPlace onePoint() {
        return MapPlanner.at(sheet, 1.1 * currentA, 0.9 * travel);
    }

    @Benchmark
    public SettingTolerance tolerance() {
        return MapPlanner.tolerance(sheet);
    }
}
