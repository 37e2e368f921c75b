package vastarc.core.physics.purge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.core.physics.purge.PurgePlan.LongestWait;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;
import vastarc.core.physics.purge.PurgePlan.UnmeteredWait;

/** Without a meter the strike waits for the longest of three: stirred, ten fillings, two minutes (titanium three). */
class PurgeWaitTest {

    private static PurgePlan plan(Material metal, double boreMm, double lengthMm, double flow, double target) {
        return PurgePlan.of(new PurgeRequest(
                List.of(new PurgePart(PurgePartKind.STRAIGHT, Map.of("lengthMm", lengthMm, "boreMm", boreMm))),
                flow,
                0,
                5,
                target,
                GasPort.LOW,
                GasPort.HIGH,
                new RootPressure.Vent(3, 1),
                0,
                new RootPressure(metal, 1.5, 3, Position.PA),
                PurgeHold.USUAL_SHARE));
    }

    /** Volumes by hand: 0.377 L, 3.77 L and 0.0127 L. */
    @ParameterizedTest
    @CsvSource({
        "STAINLESS_316L, 40, 300, 6, 50, 120, LEAST",
        "TITANIUM_GR2, 40, 300, 6, 20, 180, LEAST",
        "STAINLESS_316L, 40, 3000, 6, 50, 377, CHANGES",
        "STAINLESS_316L, 40, 3000, 6, 6, 462.4, MIXED",
        "STAINLESS_316L, 12.7, 100, 3, 50, 120, LEAST"
    })
    void theLongestOfThreeCounts(
            Material metal, double bore, double length, double flow, double target, double s, LongestWait longest) {
        UnmeteredWait wait =
                plan(metal, bore, length, flow, target).waitWithoutMeter().orElseThrow();

        assertThat(wait.s()).isCloseTo(s, within(0.5));
        assertThat(wait.longest()).isEqualTo(longest);
    }
}
