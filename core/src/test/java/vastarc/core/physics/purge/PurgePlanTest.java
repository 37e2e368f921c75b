package vastarc.core.physics.purge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;
import vastarc.core.physics.purge.PurgeProblem.PurgeProblemKind;
import vastarc.core.physics.purge.RootPressure.Vent;

/** What stands in the way of a purge, each alone, and at which figure it begins to. */
class PurgePlanTest {

    private static final RootPressure ROOT = new RootPressure(Material.STAINLESS_304L, 1.65, 3.4, Position.PA);
    private static final PurgePart TUBE = PurgePart.straight(300, 47.5);

    private static PurgeRequest request(
            PurgePart part, double flow, double leak, double argonPpm, double targetPpm, GasPort inlet, Vent vent) {
        return new PurgeRequest(
                List.of(part),
                flow,
                leak,
                argonPpm,
                targetPpm,
                inlet,
                GasPort.HIGH,
                vent,
                0.1,
                ROOT,
                PurgeHold.USUAL_SHARE);
    }

    private static List<PurgeProblemKind> kinds(PurgeRequest request) {
        return PurgePlan.of(request).problems().stream().map(PurgeProblem::kind).toList();
    }

    private static PurgeRequest sound(PurgePart part, double flow) {
        return request(part, flow, 0, 5, 50, GasPort.LOW, new Vent(8, 1));
    }

    @Test
    void aTightTubeWithArgonFromBelowAndAWideVentHasNone() {
        PurgePlan plan = PurgePlan.of(sound(TUBE, 8));

        assertThat(plan.problems()).isEmpty();
        assertThat(plan.purge().layered()).isTrue();
        assertThat(plan.ventPa()).isEqualTo(RootPressure.ventPa(8, new Vent(8, 1)));
        assertThat(plan.holdPa()).isEqualTo(RootPressure.ventPa(plan.hold().value(), new Vent(8, 1)));
        assertThat(plan.closingLPerMin()).isCloseTo(plan.hold().value() / 2, within(1e-12));
        assertThat(plan.balanceVentMm()).isEqualTo(ROOT.balanceVentMm(8, 1));
        assertThat(plan.waitS()).isEqualTo(plan.waitWithoutMeter().map(PurgePlan.UnmeteredWait::s));
    }

    @Test
    void argonAsDirtyAsTheTargetNeverGetsThere() {
        PurgeRequest dirty = request(TUBE, 8, 0, 50, 50, GasPort.LOW, new Vent(8, 1));

        assertThat(PurgePlan.of(dirty).problems().get(0))
                .isEqualTo(PurgeProblem.of(PurgeProblemKind.ARGON, Quantity.number(50), Quantity.number(50)));
        assertThat(kinds(request(TUBE, 8, 0, 49, 50, GasPort.LOW, new Vent(8, 1))))
                .doesNotContain(PurgeProblemKind.ARGON, PurgeProblemKind.LEAK);
    }

    @Test
    void aLeakAboveTheTargetIsSaidWithTheFloorItLeaves() {
        PurgePlan leaky = PurgePlan.of(request(TUBE, 8, 0.01, 5, 50, GasPort.LOW, new Vent(8, 1)));

        assertThat(leaky.problems().get(0))
                .isEqualTo(PurgeProblem.of(
                        PurgeProblemKind.LEAK, Quantity.number(leaky.purge().floorPpm()), Quantity.number(50)));
    }

    @Test
    void argonFromAboveAndAStreamTooFastBothMix() {
        assertThat(kinds(request(TUBE, 8, 0, 5, 50, GasPort.HIGH, new Vent(8, 1))))
                .contains(PurgeProblemKind.ENDS);
        assertThat(kinds(sound(PurgePart.straight(300, 12), 8)))
                .contains(PurgeProblemKind.FAST)
                .doesNotContain(PurgeProblemKind.ENDS);
        PurgeRequest leavesLow = new PurgeRequest(
                List.of(TUBE), 8, 0, 5, 50, GasPort.LOW, GasPort.LOW, new Vent(8, 1), 0.1, ROOT, PurgeHold.USUAL_SHARE);
        assertThat(kinds(leavesLow)).contains(PurgeProblemKind.ENDS);
        PurgeRequest oneNarrowPart = new PurgeRequest(
                List.of(TUBE, PurgePart.straight(50, 12)),
                8,
                0,
                5,
                50,
                GasPort.LOW,
                GasPort.HIGH,
                new Vent(8, 1),
                0.1,
                ROOT,
                PurgeHold.USUAL_SHARE);
        assertThat(kinds(oneNarrowPart)).contains(PurgeProblemKind.FAST);
    }

    @Test
    void aVentThroughWhichTheRootBearsLessThanATrickleIsTooSmall() {
        double bearable = RootPressure.flowLPerMin(ROOT.mostPa(), new Vent(1.3, 1));

        assertThat(bearable).isBetween(0.8, 1.0);
        assertThat(PurgePlan.of(request(TUBE, 8, 0, 5, 50, GasPort.LOW, new Vent(1.3, 1)))
                        .problems())
                .containsExactly(PurgeProblem.of(PurgeProblemKind.VENT, Quantity.litresPerMin(bearable)));
        assertThat(kinds(request(TUBE, 8, 0, 5, 50, GasPort.LOW, new Vent(1.5, 1))))
                .isEmpty();
    }

    @Test
    void aLeakThatWantsMoreThanTheRootBearsIsALeakOrAVentToMend() {
        PurgePlan plan = PurgePlan.of(request(TUBE, 20, 0.0015, 5, 50, GasPort.LOW, new Vent(2, 1)));
        double against = 0.0015 * (209_500 - 50) / 45;

        assertThat(plan.purge().isReachable()).isTrue();
        assertThat(plan.problems().stream().filter(problem -> problem.kind() == PurgeProblemKind.LEAK_OR_VENT))
                .singleElement()
                .satisfies(
                        problem -> assertThat(problem.figures().get(0).value()).isCloseTo(against, within(1e-9)));
    }

    @Test
    void aPlugHasToBeNearTheJointAndItsRingNarrow() {
        assertThat(kinds(sound(plug(3, 200), 8))).doesNotContain(PurgeProblemKind.PLUG, PurgeProblemKind.PLUG_FAR);
        assertThat(kinds(sound(plug(3, 201), 8))).contains(PurgeProblemKind.PLUG_FAR);
        assertThat(kinds(sound(plug(12, 100), 2))).contains(PurgeProblemKind.PLUG);
        PurgePart wide = new PurgePart(PurgePartKind.PLUG, Map.of("gapMm", 3.0, "lengthMm", 299.0, "boreMm", 100.0));
        assertThat(kinds(sound(wide, 30))).doesNotContain(PurgeProblemKind.PLUG_FAR);
    }

    private static PurgePart plug(double gapMm, double lengthMm) {
        return new PurgePart(PurgePartKind.PLUG, Map.of("gapMm", gapMm, "lengthMm", lengthMm, "boreMm", 47.5));
    }

    @Test
    void moreThanSixtyFillingsAreLong() {
        PurgeRequest easy = request(TUBE, 8, 0, 5, 50, GasPort.LOW, new Vent(8, 1));
        double leak = 8 * (50 - 5 - 1e-20) / 209_500;
        PurgeRequest hard = request(TUBE, 8, leak, 5, 50, GasPort.LOW, new Vent(8, 1));

        assertThat(kinds(easy)).doesNotContain(PurgeProblemKind.LONG);
        assertThat(PurgePlan.of(hard)
                                .purge()
                                .mixedS()
                                .map(PurgePlan.of(hard).purge()::changes)
                                .orElse(0.0)
                        > 60)
                .isEqualTo(kinds(hard).contains(PurgeProblemKind.LONG));
    }
}
