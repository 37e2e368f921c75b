package vastarc.core.equipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.equipment.CurrentMeter.ClampReading;

/** What a clamp meter makes of a dial that lies. */
class DialCurveTest {

    private static DialCurve curve(double... placesAndAmps) {
        List<DialReading> readings = new ArrayList<>();
        for (int i = 0; i < placesAndAmps.length; i += 2) {
            readings.add(new DialReading(placesAndAmps[i], placesAndAmps[i + 1]));
        }
        return DialCurve.of(readings).orElseThrow();
    }

    @Test
    void theCurveIsMonotoneForAnyMonotoneReadings() {
        for (int seed = 0; seed < 400; seed++) {
            Random random = new Random(seed);
            double place = random.nextDouble() * 0.2;
            double amps = 200 * random.nextDouble();
            List<DialReading> readings = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(8) && place <= 1; i++) {
                readings.add(new DialReading(place, amps));
                place += 0.01 + 0.3 * random.nextDouble();
                amps += random.nextInt(4) == 0 ? 0 : 120 * Math.pow(random.nextDouble(), 3);
            }
            if (readings.size() < 2) {
                continue;
            }
            DialCurve curve = DialCurve.of(readings).orElseThrow();
            double before = -1;
            for (int i = 0; i <= 1000; i++) {
                double here = curve.ampsAt(i / 1000.0);
                assertThat(here).as("seed %d at %d", seed, i).isGreaterThanOrEqualTo(before - 1e-9);
                before = here;
            }
            for (DialReading reading : readings) {
                assertThat(curve.ampsAt(reading.place())).isCloseTo(reading.amps(), within(1e-9));
            }
            assertThat(curve.warnings().stream().filter(warning -> warning.key().equals("dial.falls")))
                    .isEmpty();
        }
    }

    @Test
    void thePlaceForACurrentGivesThatCurrent() {
        DialCurve curve = curve(0, 8, 0.25, 31, 0.5, 68, 0.75, 120, 1, 190);
        for (double amps = 8; amps <= 190; amps += 3.5) {
            assertThat(curve.ampsAt(curve.placeOf(amps))).isCloseTo(amps, within(0.01));
        }
        assertThat(curve.covers(200)).isFalse();
        assertThat(curve.placeOf(500)).isCloseTo(1, within(1e-6));
    }

    @Test
    void readingsThatFallAreToldAndThePlaceStillExists() {
        DialCurve curve = curve(0, 10, 0.3, 60, 0.5, 48, 1, 150);

        assertThat(said(curve)).anyMatch(text -> text.contains("falls from 60 A to 48 A"));
        assertThat(curve.ampsAt(curve.placeOf(100))).isCloseTo(100, within(0.1));
    }

    @Test
    void aReadingThatStandsApartIsTold() {
        DialCurve curve = curve(0, 10, 0.2, 40, 0.4, 118, 0.6, 119, 0.8, 130, 1, 160);

        assertThat(said(curve)).anyMatch(text -> text.contains("118 A") && text.contains("does not fit"));
    }

    private static List<String> said(DialCurve curve) {
        return curve.warnings().stream()
                .map(warning -> Phrasebook.say(warning, UnitSystem.METRIC))
                .toList();
    }

    @Test
    void itAsksForTheEndsFirstAndThenForTheWidestGap() {
        assertThat(DialCurve.firstPlace(List.of())).isZero();
        assertThat(DialCurve.firstPlace(List.of(new DialReading(0, 8)))).isEqualTo(1);
        assertThat(curve(0.3, 40, 0.6, 90).nextPlace()).isZero();
        assertThat(curve(0, 10, 0.6, 90).nextPlace()).isEqualTo(1);
        assertThat(curve(0, 10, 0.2, 30, 1, 150).nextPlace()).isEqualTo(0.6);
    }

    @Test
    void itIsSurestAtAReadingAndLeastSureBeyondThem() {
        DialCurve curve = curve(0.2, 40, 0.8, 130);

        assertThat(curve.uncertaintyA(0.2)).isCloseTo(1.8, within(0.05));
        assertThat(curve.uncertaintyA(0.5)).isGreaterThan(curve.uncertaintyA(0.2));
        assertThat(curve.uncertaintyA(1)).isGreaterThan(curve.uncertaintyA(0.8) + 5);
    }

    @Test
    void oneReadingMakesNoCurveAndReadingsAtOnePlaceAreAveraged() {
        assertThat(DialCurve.of(List.of(new DialReading(0.5, 60)))).isEmpty();
        assertThat(curve(0, 10, 0.5, 60, 0.5, 64, 1, 120).ampsAt(0.5)).isEqualTo(62);
    }

    @Test
    void theSimulatedSourcePlaysTheScoreButLiesAsItsDialDoes() {
        WeldCycle cycle = Machines.score(ControlDevice.TRIGGER_4T, 2);
        SimulatedSource source = new SimulatedSource(5, 200, 7);
        double planned = cycle.values().of(CycleKey.WORKING_CURRENT);
        double middle = cycle.touches().get(1).atS() + 8;

        assertThat(source.ampsAt(cycle.timeline(), 0.2, 0.5, planned)).isZero();
        assertThat(source.ampsAt(cycle.timeline(), middle, 0.5, planned))
                .isCloseTo(source.trueAmps(0.5), within(0.04 * source.trueAmps(0.5)));
        assertThat(source.ampsAt(cycle.timeline(), middle, 0.5, planned))
                .isNotEqualTo(source.ampsAt(cycle.timeline(), middle + 0.1, 0.5, planned));
    }

    @Test
    void fourReadingsOfASimulatedMachineFindItsTrueCurrent() {
        for (int seed = 1; seed <= 40; seed++) {
            SimulatedSource source = new SimulatedSource(5, 200, seed);
            List<DialReading> readings = new ArrayList<>();
            for (double place : new double[] {0, 0.35, 0.7, 1}) {
                ClampReading shown = source.meterAt(place, seed * 31L).read();
                assertThat(shown.simulated()).isTrue();
                readings.add(new DialReading(place, shown.amps()));
            }
            DialCurve curve = DialCurve.of(readings).orElseThrow();
            for (double place = 0.05; place < 1; place += 0.1) {
                assertThat(curve.ampsAt(place))
                        .as("seed %d at %s", seed, place)
                        .isCloseTo(source.trueAmps(place), within(2.5 * curve.uncertaintyA(place)));
            }
        }
    }
}
