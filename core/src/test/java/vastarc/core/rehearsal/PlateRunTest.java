package vastarc.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.progress.Progress;

class PlateRunTest {

    private static final double STOP_S = 30;

    private static PlateAsk plate(double thickness, double watt, double travel, double latent, Quality quality) {
        double stop = Math.min(STOP_S, 60 / travel);
        return new PlateAsk(
                new PlateAsk.Metal(30, 7800, 692.31, 1450, 1500, latent),
                new PlateAsk.Plate(90, 60, thickness),
                20,
                20,
                0,
                new PlateAsk.Source(
                        watt,
                        2.5,
                        10,
                        80,
                        travel,
                        PlateAsk.Edge.REFLECT,
                        Optional.empty(),
                        Optional.of(new PlateAsk.Stop(stop, 0, PlateAsk.Motion.STATIONARY))),
                List.of(1450.0),
                List.of(),
                List.of(50.0),
                List.of(1.0, 50.0),
                List.of(new PlateAsk.Probe(50, 6, 0), new PlateAsk.Probe(50, 10, 0)),
                List.of(800.0),
                60,
                quality);
    }

    @ParameterizedTest
    @CsvSource({"2.0, 550, 2.0", "1.0, 330, 3.0", "3.0, 800, 1.5", "6.0, 1500, 2.0"})
    void poolPeaksAndFreezingAgreeWithTheClosedSolution(double thickness, double watt, double travel) {
        PlateAsk ask = plate(thickness, watt, travel, 0, Quality.FINE);
        PlateAnswer solved = PlateRun.solve(ask);
        ClosedPlate exact = new ClosedPlate(ask);
        double s = 40 / travel;
        Outline pool = solved.instants().get(0).isotherms().get(0);
        assertThat(pool.widthTopMm()).isCloseTo(exact.width(1450, 0, s), withinPercentage(1.5));
        double bottom = exact.width(1450, thickness, s);
        assertThat(pool.widthBottomMm()).isCloseTo(bottom, within(Math.max(0.05, 0.015 * bottom)));
        for (PlateAnswer.Peak peak : solved.probes()) {
            double wanted = exact.peak(50, peak.at().yMm(), 0, s, s + 25);
            assertThat(peak.celsius() - 20).isCloseTo(wanted - 20, withinPercentage(1));
        }
        assertThat(solved.lastLiquid().get(0).s().orElseThrow())
                .isCloseTo(exact.frozenAfter(1450, ask.source().haltsS()), withinPercentage(3));
        assertThat(solved.energy().error()).isLessThan(1e-6);
    }

    @ParameterizedTest
    @EnumSource(
            value = Quality.class,
            names = {"LIVE", "PROOF"})
    void coarserAndFinerStayNear(Quality quality) {
        double most = quality == Quality.LIVE ? 5 : 2;
        PlateAnswer fine = PlateRun.solve(small(Quality.FINE, 24));
        PlateAnswer other = PlateRun.solve(small(quality, 24));
        Outline pool = fine.instants().get(0).isotherms().get(0);
        Outline same = other.instants().get(0).isotherms().get(0);
        assertThat(same.widthTopMm()).isCloseTo(pool.widthTopMm(), withinPercentage(most));
        assertThat(same.widthBottomMm()).isCloseTo(pool.widthBottomMm(), withinPercentage(most));
        assertThat(same.lengthTopMm()).isCloseTo(pool.lengthTopMm(), withinPercentage(most));
        assertThat(other.probes().get(0).celsius())
                .isCloseTo(fine.probes().get(0).celsius(), withinPercentage(most));
        assertThat(other.lastLiquid().get(0).s().orElseThrow())
                .isCloseTo(fine.lastLiquid().get(0).s().orElseThrow(), withinPercentage(most));
        assertThat(other.stations().get(1).isotherms().get(0).topMm())
                .isCloseTo(fine.stations().get(1).isotherms().get(0).topMm(), withinPercentage(most));
    }

    private static PlateAsk small(Quality quality, double endS) {
        return new PlateAsk(
                new PlateAsk.Metal(30, 7800, 692.31, 1450, 1500, 270),
                new PlateAsk.Plate(50, 40, 2),
                20,
                20,
                0,
                new PlateAsk.Source(
                        550,
                        2.5,
                        8,
                        40,
                        2,
                        PlateAsk.Edge.REFLECT,
                        Optional.empty(),
                        Optional.of(new PlateAsk.Stop(14, 1, PlateAsk.Motion.STATIONARY))),
                List.of(1450.0),
                List.of(),
                List.of(30.0),
                List.of(8.0, 28.0),
                List.of(new PlateAsk.Probe(28, 6, 0)),
                List.of(800.0),
                endS,
                quality);
    }

    @Test
    void theTwoKernelsAnswerAlike() {
        Random random = new Random(7);
        for (int i = 0; i < 4; i++) {
            PlateAsk ask = plate(1 + 3 * random.nextDouble(), 400, 2 + random.nextDouble(), 270, Quality.LIVE);
            PlateAnswer plain = PlateRun.solve(ask, new PlainKernel());
            PlateAnswer wide = PlateRun.solve(ask, Kernel.best());
            assertThat(wide.numerics().kernel()).isEqualTo("wide");
            assertThat(wide.probes().get(0).celsius())
                    .isCloseTo(plain.probes().get(0).celsius(), within(1e-6));
            assertThat(wide.energy().storedJ()).isCloseTo(plain.energy().storedJ(), within(1e-6));
        }
    }

    @Test
    void heatIsNeitherMadeNorLost() {
        PlateAsk ask = plate(2, 550, 2, 270, Quality.LIVE);
        PlateAnswer solved = PlateRun.solve(with(ask, ask.source(), 300));
        assertThat(solved.energy().lostJ()).isGreaterThan(500);
        assertThat(solved.energy().error()).isLessThan(0.005);
        assertThat(solved.energy().absorbedJ()).isCloseTo(550 * STOP_S, withinPercentage(0.1));
    }

    private static PlateAsk with(PlateAsk ask, PlateAsk.Source source, double loss) {
        return new PlateAsk(
                ask.metal(),
                ask.plate(),
                ask.initialC(),
                ask.ambientC(),
                loss,
                source,
                ask.isothermsC(),
                ask.atS(),
                ask.atArcXMm(),
                ask.stationsXMm(),
                ask.probes(),
                ask.thresholdsC(),
                ask.endS(),
                ask.quality());
    }

    /** Hot liquid beside cold solid: the front runs with the root of time, by Neumann's solution. */
    @Test
    void theFreezingFrontRunsAsNeumannsSolution() {
        double run = Proof.Front.solved(0.03, 5.4e-3, 2.1, 1475, 1700, 200, 4);
        double lambda = Proof.Front.lambda(225 * 5.4e-3 / 2.1, 1275 * 5.4e-3 / 2.1);
        assertThat(run).isCloseTo(2 * lambda * Math.sqrt(0.03 / 5.4e-3 * 4), within(0.1));
        assertThat(Math.abs(run)).isGreaterThan(0.8);
    }

    @Test
    void everyClosedSolutionIsMetWithinAFewPercent() {
        assertThat(Proof.run(Progress.UNWATCHED))
                .hasSize(8)
                .allSatisfy(line -> assertThat(Math.abs(line.errorPercent()))
                        .as(line.name())
                        .isLessThan(1.5));
    }

    @Test
    void theStartOfAPlateIsHotterThanItsMiddleUnlessTheHeatGoesOverTheEdge() {
        PlateAsk near = at(PlateAsk.Edge.REFLECT);
        double kept = PlateRun.solve(near).stations().get(0).isotherms().get(0).topMm();
        double lost = PlateRun.solve(at(PlateAsk.Edge.LOST))
                .stations()
                .get(0)
                .isotherms()
                .get(0)
                .topMm();
        assertThat(kept).isGreaterThan(lost).isPositive();
    }

    private static PlateAsk at(PlateAsk.Edge edge) {
        PlateAsk.Source source = new PlateAsk.Source(550, 2.5, 0, 60, 2, edge, Optional.empty(), Optional.empty());
        return with(plate(2, 550, 2, 270, Quality.LIVE), source, 0);
    }

    @Test
    void whatTheArcGivesIsCountedExactly() {
        PlateAsk abrupt = plate(2, 550, 2, 270, Quality.LIVE);
        assertThat(abrupt.source().energyJ(0, 100)).isCloseTo(550 * STOP_S, within(1e-6));
        PlateAsk.Source source = abrupt.source();
        PlateAsk.Source sloped = new PlateAsk.Source(
                source.netPowerW(),
                2.5,
                10,
                80,
                2,
                PlateAsk.Edge.REFLECT,
                Optional.of(new PlateAsk.Pulse(2, 0.4, 1000, 250)),
                Optional.of(new PlateAsk.Stop(STOP_S, 4, PlateAsk.Motion.CONTINUE)));
        assertThat(sloped.energyJ(0, 100)).isCloseTo(550 * STOP_S + 550 * 2, within(1e-6));
        assertThat(sloped.energyJ(0, 0.25)).isCloseTo(0.2 * 1000 + 0.05 * 250, within(1e-9));
        assertThat(sloped.outS()).isEqualTo(STOP_S + 4);
        assertThat(sloped.x(STOP_S + 2)).isEqualTo(74);
    }

    @Test
    void aPulseWidensAndNarrowsThePoolOnceACycle() {
        PlateAsk ask = plate(2, 550, 2, 270, Quality.LIVE);
        PlateAsk.Source source = new PlateAsk.Source(
                0,
                2.5,
                10,
                80,
                2,
                PlateAsk.Edge.REFLECT,
                Optional.of(new PlateAsk.Pulse(1.5, 0.5, 900, 200)),
                ask.source().stop());
        PlateAsk pulsed = with(ask, source, 0);
        PlateAnswer.Cycle cycle = PlateRun.solve(pulsed).cycle().orElseThrow();
        double steady = PlateRun.solve(ask).instants().get(0).isotherms().get(0).widthTopMm();
        assertThat(cycle.topMax()).isGreaterThan(steady);
        assertThat(cycle.topMin()).isLessThan(steady).isPositive();
    }

    @Test
    void whoLeavesOffGetsNothing() {
        assertThat(PlateRun.solve(plate(2, 550, 2, 270, Quality.LIVE), () -> true))
                .isEmpty();
    }

    @Test
    void whatDoesNotFitTogetherIsRefusedInWords() {
        PlateAsk ask = plate(2, 550, 2, 270, Quality.LIVE);
        assertThat(PlateLimits.check(ask)).isEmpty();
        assertThat(PlateLimits.check(small(Quality.PROOF, 2000)))
                .extracting("field")
                .containsExactly("quality");
    }
}
