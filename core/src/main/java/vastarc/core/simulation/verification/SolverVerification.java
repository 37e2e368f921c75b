package vastarc.core.simulation.verification;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.special.Erf;
import vastarc.core.base.progress.Progress;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.simulation.PlateSimulation;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.request.PlateRequest.PlateMetal;
import vastarc.core.simulation.request.PlateRequest.PlateSize;
import vastarc.core.simulation.result.IsothermExtent;
import vastarc.core.simulation.result.PlateResult;
import vastarc.core.simulation.solver.EnthalpyCurves;
import vastarc.core.simulation.solver.FaceHeatLoss;
import vastarc.core.simulation.solver.Kernel;
import vastarc.core.simulation.solver.TemperatureField;
import vastarc.core.simulation.source.PlateSource;
import vastarc.core.simulation.source.PlateSource.EndCondition;
import vastarc.core.simulation.source.PlateSource.FadeMotion;
import vastarc.core.simulation.source.PlateSource.SourceStop;

/** The plate solver held against closed solutions, run anew whenever it is asked: the same code that simulates. */
public final class SolverVerification {

    private static final double SOLIDUS_C = 1450;
    private static final double COLD_C = 20;
    private static final int CASES = 5;

    private SolverVerification() {}

    /**
     * A figure by both ways.
     *
     * @param name   its words: {@code rehearsal.proof.<name>}
     * @param solved by the solver
     * @param closed by the closed solution
     */
    public record VerificationLine(String name, Quantity solved, Quantity closed) {

        /** {@return by how much the solver is off, % of the closed solution} */
        public double errorPercent() {
            return 100 * (solved.value() - closed.value()) / closed.value();
        }
    }

    /**
     * {@return every case, one after the other}
     *
     * @param progress is told how far it is, and may stop it
     */
    public static List<VerificationLine> run(Progress progress) {
        List<VerificationLine> lines = new ArrayList<>();
        lines.addAll(moving("thin", 2, 550, 2, progress));
        lines.addAll(moving("thick", 6, 1500, 2, progress));
        report(progress, 3);
        lines.add(cooling());
        report(progress, 4);
        lines.add(freezingFront());
        report(progress, CASES);
        return lines;
    }

    private static void report(Progress progress, int done) {
        progress.at((double) done / CASES);
        progress.orStop();
    }

    private static List<VerificationLine> moving(
            String name, double thickness, double watt, double travel, Progress progress) {
        PlateRequest request = plate(
                thickness,
                COLD_C,
                0,
                new PlateSource(
                        watt,
                        2.5,
                        10,
                        80,
                        travel,
                        EndCondition.REFLECT,
                        Optional.empty(),
                        Optional.of(new SourceStop(30, 0, FadeMotion.STATIONARY))),
                List.of(20.0),
                50);
        PlateResult solved = PlateSimulation.solve(request);
        report(progress, "thin".equals(name) ? 1 : 2);
        AnalyticPlate closed = new AnalyticPlate(request);
        IsothermExtent pool = solved.instants().get(0).isotherms().get(0);
        double peak = solved.probes().get(0).celsius();
        List<VerificationLine> lines = new ArrayList<>();
        lines.add(new VerificationLine(
                name + ".width",
                Quantity.millimetres(pool.widthTopMm()),
                Quantity.millimetres(closed.width(SOLIDUS_C, 0, 20))));
        lines.add(new VerificationLine(
                name + ".peak", Quantity.celsius(peak), Quantity.celsius(closed.peak(50, 6, 0, 20, 40))));
        lines.add(new VerificationLine(
                name + ".freezing",
                Quantity.seconds(solved.lastLiquid().get(0).s().orElse(0.0)),
                Quantity.seconds(closed.frozenAfter(SOLIDUS_C, 30))));
        return lines;
    }

    private static PlateRequest plate(
            double thickness, double initial, double loss, PlateSource source, List<Double> at, double end) {
        return new PlateRequest(
                new PlateMetal(30, 7800, 692.31, SOLIDUS_C, 1500, 0),
                new PlateSize(90, 60, thickness),
                initial,
                COLD_C,
                loss,
                source,
                List.of(SOLIDUS_C),
                at,
                List.of(),
                List.of(),
                List.of(new PlateRequest.Probe(50, 6, 0)),
                List.of(),
                end,
                MeshDetail.FINE);
    }

    /** A hot plate that cools by both faces: the slab's first wave, θ = C e^{−β²Fo} cos β with β tan β = Bi. Source: textbook. */
    private static VerificationLine cooling() {
        double hot = 500;
        double thickness = 4;
        double loss = 400;
        double after = 40;
        PlateRequest request = plate(
                thickness,
                hot,
                loss,
                new PlateSource(0, 2.5, 10, 80, 2, EndCondition.REFLECT, Optional.empty(), Optional.empty()),
                List.of(after),
                after);
        double solved = PlateSimulation.solve(request).instants().get(0).maxTopC();
        double half = thickness / 2000;
        double biot = loss * half / 30;
        double beta = Math.sqrt(biot);
        for (int i = 0; i < 40; i++) {
            beta = Math.sqrt(biot * beta / Math.tan(beta));
        }
        double fourier = 30 / (7800 * 692.31) * after / (half * half);
        double first = 4 * Math.sin(beta) / (2 * beta + Math.sin(2 * beta));
        double share = first * Math.exp(-beta * beta * fourier) * Math.cos(beta);
        return new VerificationLine(
                "cooling", Quantity.celsius(solved), Quantity.celsius(COLD_C + (hot - COLD_C) * share));
    }

    /** Liquid beside cold solid: how far the front has run by Neumann's solution. Source: textbook. */
    private static VerificationLine freezingFront() {
        double conductivity = 0.03;
        double heat = 5.4e-3;
        double latent = 2.1;
        double freezes = 1475;
        double hot = 1700;
        double cold = 200;
        double seconds = 4;
        double run = FreezingFront.solved(conductivity, heat, latent, freezes, hot, cold, seconds);
        double lambda = FreezingFront.lambda((hot - freezes) * heat / latent, (freezes - cold) * heat / latent);
        return new VerificationLine(
                "front",
                Quantity.of(Math.abs(run), Unit.MILLIMETRE),
                Quantity.of(2 * Math.abs(lambda) * Math.sqrt(conductivity / heat * seconds), Unit.MILLIMETRE));
    }

    /** The freezing front, solved and closed. */
    static final class FreezingFront {

        private FreezingFront() {}

        /** Where the front is after a time, mm from where liquid and solid met. */
        static double solved(
                double conductivity,
                double heat,
                double latent,
                double freezes,
                double hot,
                double cold,
                double seconds) {
            EnthalpyCurves curves = EnthalpyCurves.constant(conductivity, heat, freezes - 2, freezes + 2, latent);
            Grid grid = Grid.ofPlate(60, 4, 2, MeshDetail.PROOF);
            TemperatureField field =
                    new TemperatureField(grid, curves, cold, FaceHeatLoss.linear(cold, 0), Kernel.best());
            double[] cells = field.enthalpy();
            for (int i = field.pad + grid.columns / 2 * grid.stride; i < cells.length - field.pad; i++) {
                cells[i] = curves.enthalpy().at(hot);
            }
            field.reach(grid.columns);
            int steps = (int) Math.ceil(seconds / field.usualStepS());
            for (int i = 0; i < steps; i++) {
                field.step(seconds / steps);
            }
            double run = 0;
            for (int x = 1; x < grid.columns; x++) {
                double before = field.celsius(x - 1, 0, 0);
                double here = field.celsius(x, 0, 0);
                if (before < freezes && here >= freezes) {
                    run = grid.x(x - 1) + grid.dx * (freezes - before) / (here - before) - 30;
                }
            }
            return run;
        }

        /** λ of the front's way 2 λ √(a t), from the Stefan numbers of the liquid above and the solid below freezing. */
        static double lambda(double above, double below) {
            double low = -3;
            double high = 3;
            for (int i = 0; i < 80; i++) {
                double mid = (low + high) / 2;
                double bell = Math.exp(-mid * mid) / Math.sqrt(Math.PI);
                double drive = below * bell / (1 + Erf.erf(mid)) - above * bell / (1 - Erf.erf(mid));
                if (drive > mid) {
                    low = mid;
                } else {
                    high = mid;
                }
            }
            return low;
        }
    }
}
