package vastarc.core.simulation.verification;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.base.progress.Progress;
import vastarc.core.physics.heat.PulseRhythm;
import vastarc.core.simulation.PlateSimulation;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.PlateLimits;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.request.PlateRequest.PlateMetal;
import vastarc.core.simulation.request.PlateRequest.PlateSize;
import vastarc.core.simulation.result.IsothermExtent;
import vastarc.core.simulation.result.PlateResult;
import vastarc.core.simulation.result.PlateResult.PulseCycle;
import vastarc.core.simulation.solver.Kernel;
import vastarc.core.simulation.solver.PlainKernel;
import vastarc.core.simulation.source.PlateSource;
import vastarc.core.simulation.source.PlateSource.EndCondition;
import vastarc.core.simulation.source.PlateSource.FadeMotion;
import vastarc.core.simulation.source.PlateSource.PlatePulse;
import vastarc.core.simulation.source.PlateSource.SourceStop;
import vastarc.core.simulation.verification.SolverVerification.FreezingFront;

@Tag("slow")
class PlateSimulationTest {

    private static final double STOP_S = 30;

    private static PlateRequest plate(double thickness, double watt, double travel, double latent, MeshDetail quality) {
        return plate(thickness, watt, travel, latent, quality, 60);
    }

    private static PlateRequest plate(
            double thickness, double watt, double travel, double latent, MeshDetail quality, double endS) {
        double stop = Math.min(STOP_S, 60 / travel);
        return new PlateRequest(
                new PlateMetal(30, 7800, 692.31, 1450, 1500, latent),
                new PlateSize(90, 60, thickness),
                20,
                20,
                0,
                new PlateSource(
                        watt,
                        2.5,
                        10,
                        80,
                        travel,
                        EndCondition.REFLECT,
                        Optional.empty(),
                        Optional.of(new SourceStop(stop, 0, FadeMotion.STATIONARY))),
                List.of(1450.0),
                List.of(),
                List.of(50.0),
                List.of(1.0, 50.0),
                List.of(new PlateRequest.Probe(50, 6, 0), new PlateRequest.Probe(50, 10, 0)),
                List.of(800.0),
                endS,
                quality);
    }

    @ParameterizedTest
    @CsvSource({"2.0, 550, 2.0", "1.0, 330, 3.0", "3.0, 800, 1.5", "6.0, 1500, 2.0"})
    void poolPeaksAndFreezingAgreeWithTheClosedSolution(double thickness, double watt, double travel) {
        PlateRequest request = plate(thickness, watt, travel, 0, MeshDetail.FINE);
        PlateResult solved = PlateSimulation.solve(request);
        AnalyticPlate exact = new AnalyticPlate(request);
        double s = 40 / travel;
        IsothermExtent pool = solved.instants().get(0).isotherms().get(0);
        assertThat(pool.widthTopMm()).isCloseTo(exact.width(1450, 0, s), withinPercentage(1.5));
        double bottom = exact.width(1450, thickness, s);
        assertThat(pool.widthBottomMm()).isCloseTo(bottom, within(Math.max(0.05, 0.015 * bottom)));
        for (PlateResult.Peak peak : solved.probes()) {
            double wanted = exact.peak(50, peak.at().yMm(), 0, s, s + 25);
            assertThat(peak.celsius() - 20).isCloseTo(wanted - 20, withinPercentage(1));
        }
        assertThat(solved.lastLiquid().get(0).s().orElseThrow())
                .isCloseTo(exact.frozenAfter(1450, request.source().haltsS()), withinPercentage(3));
        assertThat(solved.energy().error()).isLessThan(1e-6);
    }

    /** The hottest place, from the first twentieth of a second on, when it first melts, and how long the pool is. */
    @ParameterizedTest
    @CsvSource({"2.0, 550, 2.0", "1.0, 330, 3.0", "3.0, 800, 1.5", "6.0, 1500, 2.0"})
    void theStrikeAndTheHottestPlaceAgreeWithTheClosedSolution(double thickness, double watt, double travel) {
        PlateRequest request = plate(thickness, watt, travel, 0, MeshDetail.FINE);
        PlateResult solved = PlateSimulation.solve(at(request, List.of(0.05, 0.1, 0.5, 2.0, 20.0)));
        AnalyticPlate exact = new AnalyticPlate(request);
        for (PlateResult.Instant instant : solved.instants()) {
            double hottest = exact.hottest(instant.s());
            assertThat(instant.maxTopC() - 20)
                    .as("%.2f s", instant.s())
                    .isCloseTo(hottest - 20, withinPercentage(instant.s() < 2 ? 2 : 1));
        }
        double melts = exact.firstAtS(1450);
        assertThat(solved.firstMeltTopS().orElseThrow()).isCloseTo(melts, within(Math.max(0.01, 0.03 * melts)));
        IsothermExtent pool = solved.instants().get(4).isotherms().get(0);
        assertThat(pool.lengthTopMm()).isCloseTo(exact.length(1450, 20), withinPercentage(0.5));
    }

    private static PlateRequest at(PlateRequest request, List<Double> instants) {
        return new PlateRequest(
                request.metal(),
                request.plate(),
                request.initialC(),
                request.ambientC(),
                request.faceLossWPerM2K(),
                request.source(),
                request.isothermsC(),
                instants,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                21,
                request.quality());
    }

    @ParameterizedTest
    @EnumSource(
            value = MeshDetail.class,
            names = {"LIVE", "PROOF"})
    void coarserAndFinerStayNear(MeshDetail quality) {
        double most = quality == MeshDetail.LIVE ? 5 : 2;
        PlateResult fine = PlateSimulation.solve(small(MeshDetail.FINE, 24));
        PlateResult other = PlateSimulation.solve(small(quality, 24));
        IsothermExtent pool = fine.instants().get(0).isotherms().get(0);
        IsothermExtent same = other.instants().get(0).isotherms().get(0);
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

    private static PlateRequest small(MeshDetail quality, double endS) {
        return new PlateRequest(
                new PlateMetal(30, 7800, 692.31, 1450, 1500, 270),
                new PlateSize(50, 40, 2),
                20,
                20,
                0,
                new PlateSource(
                        550,
                        2.5,
                        8,
                        40,
                        2,
                        EndCondition.REFLECT,
                        Optional.empty(),
                        Optional.of(new SourceStop(14, 1, FadeMotion.STATIONARY))),
                List.of(1450.0),
                List.of(),
                List.of(30.0),
                List.of(8.0, 28.0),
                List.of(new PlateRequest.Probe(28, 6, 0)),
                List.of(800.0),
                endS,
                quality);
    }

    @Test
    void theTwoKernelsAnswerAlike() {
        Random random = new Random(7);
        for (int i = 0; i < 4; i++) {
            PlateRequest request =
                    plate(1 + 3 * random.nextDouble(), 400, 2 + random.nextDouble(), 270, MeshDetail.LIVE);
            PlateResult plain = PlateSimulation.solve(request, new PlainKernel());
            PlateResult wide = PlateSimulation.solve(request, Kernel.best());
            assertThat(wide.numerics().kernel()).isEqualTo("wide");
            assertThat(wide.probes().get(0).celsius())
                    .isCloseTo(plain.probes().get(0).celsius(), within(1e-6));
            assertThat(wide.energy().storedJ()).isCloseTo(plain.energy().storedJ(), within(1e-6));
        }
    }

    @Test
    void heatIsNeitherMadeNorLost() {
        PlateRequest request = plate(2, 550, 2, 270, MeshDetail.LIVE);
        PlateResult solved = PlateSimulation.solve(with(request, request.source(), 300));
        assertThat(solved.energy().lostJ()).isGreaterThan(500);
        assertThat(solved.energy().error()).isLessThan(0.005);
        assertThat(solved.energy().absorbedJ()).isCloseTo(550 * STOP_S, withinPercentage(0.1));
    }

    private static PlateRequest with(PlateRequest request, PlateSource source, double loss) {
        return new PlateRequest(
                request.metal(),
                request.plate(),
                request.initialC(),
                request.ambientC(),
                loss,
                source,
                request.isothermsC(),
                request.atS(),
                request.atArcXMm(),
                request.stationsXMm(),
                request.probes(),
                request.thresholdsC(),
                request.endS(),
                request.quality());
    }

    /** Hot liquid beside cold solid: the panel runs with the root of time, by Neumann's solution. */
    @Test
    void theFreezingFrontRunsAsNeumannsSolution() {
        double run = FreezingFront.solved(0.03, 5.4e-3, 2.1, 1475, 1700, 200, 4);
        double lambda = FreezingFront.lambda(225 * 5.4e-3 / 2.1, 1275 * 5.4e-3 / 2.1);
        assertThat(run).isCloseTo(2 * lambda * Math.sqrt(0.03 / 5.4e-3 * 4), within(0.1));
        assertThat(Math.abs(run)).isGreaterThan(0.8);
    }

    @Test
    void everyClosedSolutionIsMetWithinAFewPercent() {
        assertThat(SolverVerification.run(Progress.UNWATCHED))
                .hasSize(8)
                .allSatisfy(line -> assertThat(Math.abs(line.errorPercent()))
                        .as(line.name())
                        .isLessThan(1.5));
    }

    @Test
    void theStartOfAPlateIsHotterThanItsMiddleUnlessTheHeatGoesOverTheEdge() {
        PlateRequest near = at(EndCondition.REFLECT);
        double kept =
                PlateSimulation.solve(near).stations().get(0).isotherms().get(0).topMm();
        double lost = PlateSimulation.solve(at(EndCondition.LOST))
                .stations()
                .get(0)
                .isotherms()
                .get(0)
                .topMm();
        assertThat(kept).isGreaterThan(lost).isPositive();
    }

    private static PlateRequest at(EndCondition edge) {
        PlateSource source = new PlateSource(550, 2.5, 0, 60, 2, edge, Optional.empty(), Optional.empty());
        return with(plate(2, 550, 2, 270, MeshDetail.LIVE), source, 0);
    }

    @Test
    void whatTheArcGivesIsCountedExactly() {
        PlateRequest abrupt = plate(2, 550, 2, 270, MeshDetail.LIVE);
        assertThat(abrupt.source().energyJ(0, 100)).isCloseTo(550 * STOP_S, within(1e-6));
        PlateSource source = abrupt.source();
        PlateSource sloped = new PlateSource(
                source.netPowerW(),
                2.5,
                10,
                80,
                2,
                EndCondition.REFLECT,
                Optional.of(new PlatePulse(new PulseRhythm(2, 0.4), 1000, 250)),
                Optional.of(new SourceStop(STOP_S, 4, FadeMotion.CONTINUE)));
        assertThat(sloped.energyJ(0, 100)).isCloseTo(550 * STOP_S + 550 * 2, within(1e-6));
        assertThat(sloped.energyJ(0, 0.25)).isCloseTo(0.2 * 1000 + 0.05 * 250, within(1e-9));
        assertThat(sloped.outS()).isEqualTo(STOP_S + 4);
        assertThat(sloped.x(STOP_S + 2)).isEqualTo(74);
    }

    @Test
    void aPulseWidensAndNarrowsThePoolOnceACycle() {
        PlateRequest request = plate(2, 550, 2, 270, MeshDetail.LIVE);
        PlateSource source = new PlateSource(
                0,
                2.5,
                10,
                80,
                2,
                EndCondition.REFLECT,
                Optional.of(new PlatePulse(new PulseRhythm(1.5, 0.5), 900, 200)),
                request.source().stop());
        PlateRequest pulsed = with(request, source, 0);
        PulseCycle cycle = PlateSimulation.solve(pulsed).cycle().orElseThrow();
        double steady = PlateSimulation.solve(request)
                .instants()
                .get(0)
                .isotherms()
                .get(0)
                .widthTopMm();
        assertThat(cycle.topMax()).isGreaterThan(steady);
        assertThat(cycle.topMin()).isLessThan(steady).isPositive();
    }

    @Test
    void whoLeavesOffGetsNothing() {
        assertThat(PlateSimulation.solve(plate(2, 550, 2, 270, MeshDetail.LIVE), () -> true))
                .isEmpty();
    }

    @Test
    void whatDoesNotFitTogetherIsRefusedInWords() {
        PlateRequest request = plate(2, 550, 2, 270, MeshDetail.LIVE);
        assertThat(PlateLimits.check(request)).isEmpty();
        assertThat(PlateLimits.check(plate(2, 550, 2, 270, MeshDetail.PROOF, 2000)))
                .extracting("field")
                .containsExactly("quality");
    }
}
