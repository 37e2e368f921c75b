package vastarc.core.physics.purge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.LeakFit.LeakVerdict;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;
import vastarc.core.physics.purge.Purge.OxygenPoint;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.RootPressure.RootVerdict;
import vastarc.core.physics.purge.RootPressure.Vent;

class PurgeTest {

    private static final Percentage CLOSE = Percentage.withPercentage(0.5);

    private static Purge purge(double volume, double flow, double leak, double target) {
        return new Purge(volume, flow, leak, 5, target, true, 0);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/purge.csv", useHeadersInDisplayName = true)
    void aTubeIsFilledInItsWorkedTime(
            double d, double l, double v, double q, double t100, double t50, double t20, double through, double leaky) {
        double volume = PurgePart.straight(l, d).volumeL();

        assertThat(volume).isCloseTo(v, CLOSE);
        assertThat(purge(volume, q, 0, 100).mixedS().orElseThrow()).isCloseTo(t100, CLOSE);
        assertThat(purge(volume, q, 0, 50).mixedS().orElseThrow()).isCloseTo(t50, CLOSE);
        assertThat(purge(volume, q, 0, 20).mixedS().orElseThrow()).isCloseTo(t20, CLOSE);
        assertThat(purge(volume, q, 0, 50).displacementS().orElseThrow()).isCloseTo(through, CLOSE);
        assertThat(purge(volume, q, 1e-4 * q, 50).mixedS().orElseThrow()).isCloseTo(leaky, CLOSE);
        assertThat(Purge.liesInLayers(q, PurgePart.straight(l, d))).isTrue();
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/root-pressure.csv", useHeadersInDisplayName = true)
    void theRootStandsAsItsWorkedExampleSays(
            double t,
            double w,
            double q,
            double head,
            double limit,
            double dp2,
            double dp3,
            double dp4,
            double dp6,
            double bulge2,
            double bulge3,
            double bulge6,
            double balance) {
        RootPressure root = new RootPressure(Material.STAINLESS_304L, t, w, Position.PA);

        assertThat(root.headPa()).isCloseTo(head, CLOSE);
        assertThat(root.limitPa()).isCloseTo(limit, CLOSE);
        assertThat(RootPressure.ventPa(q, new Vent(2, 1))).isCloseTo(dp2, CLOSE);
        assertThat(RootPressure.ventPa(q, new Vent(3, 1))).isCloseTo(dp3, CLOSE);
        assertThat(RootPressure.ventPa(q, new Vent(4, 1))).isCloseTo(dp4, CLOSE);
        assertThat(RootPressure.ventPa(q, new Vent(6, 1))).isCloseTo(dp6, CLOSE);
        assertThat(root.bulgeMm(dp2)).isCloseTo(bulge2, CLOSE);
        assertThat(root.bulgeMm(dp3)).isCloseTo(bulge3, within(0.001 + 0.005 * bulge3));
        assertThat(root.bulgeMm(dp6)).isCloseTo(bulge6, within(0.001));
        assertThat(root.balanceVentMm(q, 1).orElseThrow()).isCloseTo(balance, CLOSE);
        assertThat(root.verdict(dp2)).isIn(RootVerdict.BLOWN, RootVerdict.HOLLOW);
        assertThat(root.verdict(dp6)).isEqualTo(RootVerdict.SOUND);
    }

    @Test
    void moreFlowIsSoonerALeakLaterAndNoFlowIsBelowItsFloor() {
        Random random = new Random(13);
        for (int draw = 0; draw < 500; draw++) {
            double volume = 0.05 + 20 * random.nextDouble();
            double flow = 2 + 15 * random.nextDouble();
            double leak = 1e-4 * flow * random.nextDouble();
            Purge purge = purge(volume, flow, leak, 50);
            double mixed = purge.mixedS().orElseThrow();
            assertThat(purge(volume, 1.1 * flow, leak, 50).mixedS().orElseThrow())
                    .isLessThan(mixed);
            assertThat(purge(volume, flow, 2 * leak, 50).mixedS().orElse(1e9)).isGreaterThanOrEqualTo(mixed);
            assertThat(purge.displacementS().orElseThrow())
                    .isLessThan(purge.blendS().orElseThrow());
            assertThat(purge.blendS().orElseThrow()).isLessThan(mixed);
            assertThat(purge.mixedPpm(mixed)).isCloseTo(50, within(0.01));
            assertThat(purge.mixedPpm(100 * mixed)).isGreaterThanOrEqualTo(purge.floorPpm() - 1e-9);
        }
    }

    @Test
    void aLeakTooLargeForTheTargetIsSaidAndNothingIsClaimedOfItsTime() {
        Purge leaky = purge(1, 6, 0.01, 50);

        assertThat(leaky.floorPpm()).isGreaterThan(50);
        assertThat(leaky.isReachable()).isFalse();
        assertThat(leaky.mixedS()).isEmpty();
        assertThat(leaky.blendS()).isEmpty();
        assertThat(leaky.curve()).allMatch(point -> point.mixedPpm() > 50);
    }

    @Test
    void withoutLayersTheBlendIsTheStirredTime() {
        Purge stirred = new Purge(1, 6, 0, 5, 50, false, 0.2);

        assertThat(stirred.displacementS()).isEmpty();
        assertThat(stirred.blendS()).isEqualTo(stirred.mixedS());
        assertThat(stirred.hoseS()).isCloseTo(2, within(1e-9));
        assertThat(stirred.mixedPpm(1)).isEqualTo(Purge.AIR_PPM);
    }

    @Test
    void everyPartHoldsWhatItsShapeHolds() {
        Map<PurgePartKind, Double> litres = new EnumMap<>(PurgePartKind.class);
        for (PurgePartKind kind : PurgePartKind.values()) {
            litres.put(kind, kind.usual().volumeL());
        }
        assertThat(litres.get(PurgePartKind.BOX)).isCloseTo(150 * 60 * 80 / 1e6, within(1e-9));
        assertThat(litres.get(PurgePartKind.STRAIGHT)).isCloseTo(Math.PI / 4 * 47.5 * 47.5 * 150 / 1e6, within(1e-9));
        assertThat(litres.get(PurgePartKind.BEND))
                .isCloseTo(Math.PI / 4 * 47.5 * 47.5 * 76 * Math.PI / 2 / 1e6, within(1e-9));
        assertThat(litres.values()).allMatch(volume -> volume > 0);
        PurgePart even =
                new PurgePart(PurgePartKind.REDUCER, Map.of("lengthMm", 100.0, "boreMm", 40.0, "toBoreMm", 40.0));
        assertThat(even.volumeL()).isCloseTo(PurgePart.straight(100, 40).volumeL(), within(1e-12));
    }

    @Test
    void theRootHangsWithTooLittleIsHollowOverheadAndBlownWithTooMuch() {
        RootPressure top = new RootPressure(Material.STAINLESS_304L, 3, 6, Position.PA);
        RootPressure over = new RootPressure(Material.STAINLESS_304L, 3, 6, Position.PE);

        assertThat(top.verdict(0)).isEqualTo(RootVerdict.SAGS);
        assertThat(top.verdict(100)).isEqualTo(RootVerdict.SOUND);
        assertThat(over.verdict(0)).isEqualTo(RootVerdict.HOLLOW);
        assertThat(top.verdict(2000)).isEqualTo(RootVerdict.BLOWN);
        assertThat(over.balanceVentMm(6, 1)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Position.class)
    void underItsGreatestPressureTheRootIsNeitherHollowNorBlown(Position position) {
        RootPressure root = new RootPressure(Material.STAINLESS_316L, 1.65, 3.4, position);
        Vent vent = new Vent(4, 2);
        double most = root.mostPa();

        assertThat(root.verdict(0.999 * most)).isIn(RootVerdict.SOUND, RootVerdict.SAGS);
        assertThat(RootPressure.ventPa(RootPressure.flowLPerMin(most, vent), vent))
                .isCloseTo(most, within(1e-6));
    }

    private static List<OxygenReading> readings(Purge purge, MeterFault fault, long seed, double toS) {
        OxygenMeter meter = new OxygenMeter(purge, fault, seed);
        List<OxygenReading> readings = new ArrayList<>();
        for (double s = 0; s <= toS; s += 5) {
            readings.add(new OxygenReading(s, meter.readPpm(s)));
        }
        return readings;
    }

    @Test
    void aCleanCurveWithoutALeakIsTight() {
        List<OxygenReading> readings = new ArrayList<>();
        for (int s = 0; s < 90; s += 5) {
            readings.add(new OxygenReading(s, 5 + 200_000 * Math.exp(-s / 7.5)));
        }
        LeakFit fit = LeakFit.of(1, 8, 5, readings);

        assertThat(fit.leakLPerMin()).isLessThan(1e-6);
        assertThat(fit.timeConstantS()).isCloseTo(7.5, within(0.01));
        assertThat(fit.settled()).isTrue();
        assertThat(fit.verdict()).isEqualTo(LeakVerdict.TIGHT);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.004, 0.02, 0.08})
    void aKnownLeakIsFoundAndItsBoundsHoldItNineTimesInTen(double leak) {
        Purge purge = purge(1.5, 8, leak, 50);
        int held = 0;
        int near = 0;
        for (long seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            List<OxygenReading> readings = new ArrayList<>();
            for (int s = 0; s < 90; s += 4) {
                readings.add(new OxygenReading(s, purge.mixedPpm(s) * (1 + 0.03 * random.nextGaussian())));
            }
            LeakFit fit = LeakFit.of(1.5, 8, 5, readings);
            near += Math.abs(fit.leakLPerMin() / leak - 1) <= 0.15 ? 1 : 0;
            assertThat(fit.verdict()).isEqualTo(LeakVerdict.LEAKS);
            held += fit.low() <= leak && leak <= fit.high() ? 1 : 0;
        }
        assertThat(held).isGreaterThanOrEqualTo(180);
        assertThat(near).isGreaterThanOrEqualTo(190);
    }

    /** A vessel whose time constant is well above the meter's lag, read to ten of them. */
    @ParameterizedTest
    @EnumSource(MeterFault.class)
    void everyFaultIsToldApartNineTimesInTen(MeterFault fault) {
        Purge purge = purge(16, 8, 0, 50);
        double end = 12 * purge.displacementS().orElseThrow();
        int told = 0;
        for (long seed = 0; seed < 200; seed++) {
            told += PurgeFault.of(purge, readings(purge, fault, seed, end)) == fault ? 1 : 0;
        }
        assertThat(told).isGreaterThanOrEqualTo(180);
    }

    @Test
    void aMeterReadsTheSameFromTheSameSeed() {
        Purge purge = purge(2.5, 8, 0, 50);

        assertThat(readings(purge, MeterFault.NONE, 4, 60))
                .isEqualTo(readings(purge, MeterFault.NONE, 4, 60))
                .isNotEqualTo(readings(purge, MeterFault.NONE, 5, 60));
    }

    @Test
    void titaniumWantsTheLeastOxygenAndSteelDoesNotAsk() {
        assertThat(PurgeTargets.strikePpm(Material.TITANIUM_GR2, FinishRequirement.PLAIN))
                .isEqualTo(20);
        assertThat(PurgeTargets.strikePpm(Material.STAINLESS_316L, FinishRequirement.HYGIENIC))
                .isEqualTo(25);
        assertThat(PurgeTargets.strikePpm(Material.STAINLESS_316L, FinishRequirement.VISIBLE))
                .isEqualTo(50);
        assertThat(PurgeTargets.inside(Material.STAINLESS_304L, 12_000).accept())
                .isEqualTo("reject");
        assertThat(PurgeTargets.inside(Material.CARBON_STEEL, 12_000).colour()).isEqualTo("not judged by colour");
    }

    @Test
    void aBottleLastsWhatItHoldsOverWhatIsDrawn() {
        assertThat(new Cylinder(50, 200).argonL()).isEqualTo(9500);
        assertThat(new Cylinder(50, 200).minutes(19)).isEqualTo(500);
        assertThat(new Cylinder(50, 5).minutes(19)).isEqualTo(0);
    }

    /** By hand: the speed u at which 0.46 kg/m³ g D = ρ u². */
    @Test
    void argonLiesUnderTheAirUpToTheSpeedAtWhichItStirs() {
        double speed = Math.sqrt(0.46 * PhysicalConstants.GRAVITY_M_PER_S2 * 0.04 / PhysicalConstants.ARGON_KG_PER_M3);
        double flow = speed * Math.PI / 4 * 0.04 * 0.04 * 6e4;

        assertThat(Purge.liesInLayers(0.999 * flow, PurgePart.straight(100, 40)))
                .isTrue();
        assertThat(Purge.liesInLayers(1.001 * flow, PurgePart.straight(100, 40)))
                .isFalse();
    }

    @Test
    void hoseFillingsAndArgonAreVolumeOverFlow() {
        Purge purge = new Purge(2, 8, 0.0004, 5, 100, true, Purge.hoseL(4, 6));

        assertThat(Purge.hoseL(4, 6)).isCloseTo(0.113097, within(1e-6));
        assertThat(purge.hoseS()).isCloseTo(60 * 0.113097 / 8, within(1e-4));
        assertThat(purge.changes(90)).isCloseTo(6, within(1e-9));
        assertThat(purge.argonL(90)).isCloseTo(12, within(1e-9));
        assertThat(purge.floorPpm()).isCloseTo((8 * 5 + 0.0004 * 209_500) / 8.0004, within(1e-9));
        assertThat(purge.mixedS().orElseThrow())
                .isCloseTo(
                        purge.hoseS()
                                + 60 * 2 / 8.0004 * Math.log((209_500 - purge.floorPpm()) / (100 - purge.floorPpm())),
                        within(1e-9));
    }

    @Test
    void theCurveRunsFromAirToALittleBeyondTheStirredTime() {
        Purge purge = new Purge(2, 8, 0, 5, 100, true, 0.1);
        List<OxygenPoint> curve = purge.curve();

        assertThat(curve).hasSize(61);
        assertThat(curve.get(0)).isEqualTo(new OxygenPoint(0, Purge.AIR_PPM, Purge.AIR_PPM));
        assertThat(curve.get(60).s()).isCloseTo(1.3 * purge.mixedS().orElseThrow(), within(1e-9));
        assertThat(curve.get(30).s()).isCloseTo(curve.get(60).s() / 2, within(1e-9));
        assertThat(curve)
                .allMatch(point ->
                        point.mixedPpm() == purge.mixedPpm(point.s()) && point.blendPpm() == purge.blendPpm(point.s()));
        assertThat(new Purge(2, 8, 1, 5, 100, true, 0.1).curve().get(60).s()).isCloseTo(0.75 + 150, within(1e-9));
    }

    @Test
    void severalVentsShareTheFlowAndTheRootDecidesWhatItBears() {
        RootPressure top = new RootPressure(Material.STAINLESS_304L, 3, 6, Position.PA);
        double one = top.balanceVentMm(8, 1).orElseThrow();

        assertThat(top.balanceVentMm(8, 4).orElseThrow()).isCloseTo(one / 2, within(1e-9));
        assertThat(RootPressure.ventPa(8, new Vent(one, 1))).isCloseTo(top.headPa(), within(1e-6));
        assertThat(RootPressure.ventPa(8, new Vent(one / 2, 4))).isCloseTo(top.headPa(), within(1e-6));
        assertThat(new RootPressure(Material.STAINLESS_304L, 3, 6, Position.PC).balanceVentMm(8, 1))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Position.class)
    void overItsGreatestPressureTheRootIsHollowOrBlownSomewhere(Position position) {
        RootPressure root = new RootPressure(Material.STAINLESS_316L, 1.65, 3.4, position);

        assertThat(root.mostPa()).isPositive();
        assertThat(root.verdict(1.001 * root.mostPa())).isIn(RootVerdict.HOLLOW, RootVerdict.BLOWN);
    }

    @Test
    void onAFixedTubeThePlaceThatIsPushedMostCounts() {
        RootPressure fixed = new RootPressure(Material.STAINLESS_304L, 3, 6, Position.PH);
        RootPressure over = new RootPressure(Material.STAINLESS_304L, 3, 6, Position.PE);
        RootPressure top = new RootPressure(Material.STAINLESS_304L, 3, 6, Position.PA);

        assertThat(fixed.bulgeMm(300)).isEqualTo(over.bulgeMm(300));
        assertThat(fixed.bulgeMm(-300)).isEqualTo(top.bulgeMm(-300));
        assertThat(fixed.verdict(top.limitPa())).isEqualTo(RootVerdict.BLOWN);
    }
}
