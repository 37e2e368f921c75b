package vastarc.core.physics.purge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.LeakFit.LeakVerdict;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;
import vastarc.core.physics.purge.PurgeProblem.PurgeProblemKind;
import vastarc.core.physics.purge.RootPressure.RootVerdict;

/** What readings of a meter say, and when they say nothing. */
class MeterReadingsTest {

    private static final double VOLUME_L = 4;
    private static final double FLOW = 6;

    private static LeakVerdict verdict(DoubleStream ppm) {
        double[] values = ppm.toArray();
        List<OxygenReading> readings = IntStream.range(0, values.length)
                .mapToObj(i -> new OxygenReading(10.0 * i, values[i]))
                .toList();
        return LeakFit.of(VOLUME_L, FLOW, 5, readings).verdict();
    }

    private static DoubleStream falling(double timeConstantS, double floorPpm) {
        return IntStream.range(0, 30)
                .mapToDouble(i -> floorPpm + (Purge.AIR_PPM - floorPpm) * Math.exp(-10.0 * i / timeConstantS));
    }

    @Test
    void readingsThatNeverFallAreNoArgon() {
        assertThat(verdict(IntStream.range(0, 20).mapToDouble(i -> 208_000 + 100 * (i % 3))))
                .isEqualTo(LeakVerdict.NO_ARGON);
    }

    @Test
    void equalReadingsNameNothing() {
        assertThat(verdict(IntStream.range(0, 20).mapToDouble(i -> 40))).isEqualTo(LeakVerdict.UNKNOWN);
    }

    @Test
    void fallingSlowerThanDilutionIsDryingOrLeaking() {
        assertThat(verdict(falling(2 * 60 * VOLUME_L / FLOW, 0.5))).isEqualTo(LeakVerdict.SLOW);
    }

    @Test
    void fallingAsItShouldIsTightAndFarTooSlowlyIsBlocked() {
        assertThat(verdict(falling(60 * VOLUME_L / FLOW, 6))).isEqualTo(LeakVerdict.TIGHT);
        assertThat(verdict(falling(5 * 60 * VOLUME_L / FLOW, 6))).isEqualTo(LeakVerdict.BLOCKED);
    }

    @Test
    void theTargetCountsOnceItIsHeldForThreeLagsOfTheMeter() {
        TargetConfirmation below = new TargetConfirmation(50);
        assertThat(below.holds(0, 80)).isFalse();
        assertThat(below.holds(10, 45)).isFalse();
        assertThat(below.holds(30, 40)).isFalse();
        assertThat(below.holds(32, 60)).isFalse();
        assertThat(below.holds(40, 45)).isFalse();
        assertThat(below.holds(63.9, 45)).isFalse();
        assertThat(below.holds(64, 45)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(doubles = {12.7, 25.4, 50.8})
    void theRootIsJudgedForTheHoldAndNotForTheFill(double od) {
        PurgePlan plan = plan(od, 12, 0, 2);
        assertThat(plan.ask().root().verdict(plan.holdPa())).isEqualTo(plan.verdict());
        assertThat(plan.verdict()).isEqualTo(RootVerdict.SOUND);
        assertThat(plan.holdPa()).isLessThanOrEqualTo(plan.ask().root().mostPa() + 1e-9);
    }

    @Test
    void whereNothingHoldsBothWaysAreNamed() {
        assertThat(plan(50.8, 12, 0.02, 1).problems())
                .extracting(PurgeProblem::kind)
                .contains(PurgeProblemKind.LEAK_OR_VENT);
    }

    private static PurgePlan plan(double od, double flow, double leak, double ventMm) {
        return PurgePlan.of(new PurgeRequest(
                List.of(new PurgePart(PurgePartKind.STRAIGHT, Map.of("lengthMm", 300.0, "boreMm", od - 3.3))),
                flow,
                leak,
                5,
                500,
                GasPort.LOW,
                GasPort.HIGH,
                new RootPressure.Vent(ventMm, 1),
                0,
                new RootPressure(Material.STAINLESS_316L, 1.65, 3.4, Position.PA),
                PurgeHold.USUAL_SHARE));
    }
}
