package vastarc.core.domain.consumable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.domain.joint.ServiceRequirement;
import vastarc.core.domain.material.Material;

/** What holds of everything that is bought by size, over seeded currents and thicknesses. */
class SizesMadeTest {

    private static double[] drawn(int seed, double low, double high) {
        return new Random(seed).doubles(400, low, high).toArray();
    }

    @Test
    void tungstensCarryMoreTheThickerTheyAreAndHoldLessTheThinner() {
        List<Tungsten> sizes = Tungsten.sizes();
        for (int i = 1; i < sizes.size(); i++) {
            assertThat(sizes.get(i).diameterMm()).isGreaterThan(sizes.get(i - 1).diameterMm());
            assertThat(sizes.get(i).practicalMaxA())
                    .isGreaterThan(sizes.get(i - 1).practicalMaxA());
            assertThat(sizes.get(i).minStableA())
                    .isGreaterThanOrEqualTo(sizes.get(i - 1).minStableA());
        }
        assertThat(sizes).allMatch(size -> Tungsten.of(size.diameterMm()).equals(size));
        assertThat(sizes)
                .allMatch(size ->
                        size.usualLowA() < size.usualHighA() && size.usualHighA() <= size.practicalMaxA() * 1.5);
    }

    @Test
    void theTungstenChosenCarriesThePeakAndTheUsualOneAsWell() {
        for (double peak : drawn(1, 1, 380)) {
            Tungsten thinnest = Tungsten.forPeak(peak).orElseThrow();
            assertThat(thinnest.practicalMaxA()).isGreaterThanOrEqualTo(1.1 * peak);
            assertThat(Tungsten.sizes())
                    .filteredOn(size -> size.diameterMm() < thinnest.diameterMm())
                    .allMatch(size -> size.practicalMaxA() < 1.1 * peak);
            Tungsten.usualFor(peak, peak / 5)
                    .ifPresent(usual -> assertThat(usual.practicalMaxA()).isGreaterThanOrEqualTo(peak));
        }
    }

    @Test
    void flatAndAngleOfTheTipGrowWithThePeakAndStayInTheirWindow() {
        double before = 0;
        for (int amps = 1; amps <= 500; amps++) {
            TipFlat flat = Tungsten.tipFlat(amps);
            assertThat(flat.lowMm()).isLessThanOrEqualTo(flat.usualMm());
            assertThat(flat.usualMm()).isLessThanOrEqualTo(flat.highMm()).isGreaterThanOrEqualTo(before);
            assertThat(Tungsten.tipAngleDeg(amps)).isBetween(20.0, 60.0);
            before = flat.usualMm();
        }
    }

    @Test
    void aTipIsColdSoonerOnAThickerTungstenAndNeverUnderThreeSeconds() {
        for (double amps : drawn(2, 5, 200)) {
            List<Double> times =
                    Tungsten.sizes().stream().map(size -> size.coolingS(amps)).toList();
            assertThat(times).allMatch(s -> s >= 3);
            assertThat(IntStream.range(1, times.size())).allMatch(i -> times.get(i) <= times.get(i - 1));
        }
    }

    @Test
    void aCupLetsMoreThroughTheLargerItIsAtTheSameCalm() {
        for (double flow : drawn(3, 3, 25)) {
            for (int i = 1; i < Cup.sizes().size(); i++) {
                Cup small = Cup.sizes().get(i - 1);
                Cup large = Cup.sizes().get(i);
                assertThat(large.reynolds(flow)).isLessThan(small.reynolds(flow));
                assertThat(large.exitSpeedMPerS(flow)).isLessThan(small.exitSpeedMPerS(flow));
            }
            Cup chosen = Cup.atLeast(flow, 5);
            assertThat(chosen.number()).isGreaterThanOrEqualTo(5);
            assertThat(chosen.lens(true).boreMm()).isEqualTo(chosen.boreMm());
        }
    }

    @Test
    void wireIsMadeInSizesRoundEveryThickness() {
        for (double mm : drawn(4, 0.65, 12)) {
            assertThat(FillerRod.usualFor(mm, true).isTooThickFor(mm)).isFalse();
            assertThat(FillerRod.usualFor(mm, true).diameterMm())
                    .isLessThanOrEqualTo(FillerRod.usualFor(mm, false).diameterMm() + 1e-9);
            FillerRod thin = FillerRod.thinnerThan(mm);
            FillerRod thick = FillerRod.thickerThan(mm);
            assertThat(thin.diameterMm())
                    .isLessThanOrEqualTo(Math.max(mm, FillerRod.sizes().get(0).diameterMm()));
            assertThat(thick.diameterMm()).isGreaterThanOrEqualTo(thin.diameterMm());
            assertThat(thick.isTooThickFor(thick.diameterMm())).isFalse();
            assertThat(thick.isTooThickFor(thick.diameterMm() / 2)).isTrue();
        }
        assertThat(FillerRod.sizes().get(2).sectionMm2())
                .isCloseTo(Math.PI * Math.pow(FillerRod.sizes().get(2).diameterMm() / 2, 2), within(1e-9));
    }

    @Test
    void aHoodIsNeverLighterForMoreCurrentAndNeverUnderEight() {
        double before = 0;
        for (int amps = 1; amps <= 400; amps++) {
            HelmetShade shade = HelmetShade.forCurrent(amps);
            assertThat(shade.usual()).isBetween(shade.low(), shade.high()).isGreaterThanOrEqualTo(Math.max(8, before));
            before = shade.usual();
        }
    }

    @Test
    void aTorchMayBurnLessTheHotterItIs() {
        for (double amps : drawn(5, 20, 300)) {
            TorchClass torch = TorchClass.forCurrent(amps, 35);
            assertThat(torch.dutyAt(2 * amps)).isLessThanOrEqualTo(torch.dutyAt(amps));
            assertThat(torch.dutyAt(torch.currentA())).isCloseTo(Math.min(100, torch.dutyPercent()), within(1e-9));
        }
    }

    @Test
    void aPairOfGradesTakesTheSameWireWhicheverWayRoundItIsGiven() {
        for (Material material : Material.values()) {
            for (Material two : Material.values()) {
                for (ServiceRequirement service : ServiceRequirement.values()) {
                    assertThat(FillerAlloy.of(material, two, service).alloy())
                            .isEqualTo(FillerAlloy.of(two, material, service).alloy());
                    FillerAlloy.of(material, two, service)
                            .alloy()
                            .ifPresent(
                                    alloy -> assertThat(FillerAlloy.classes()).contains(alloy));
                }
            }
        }
    }
}
