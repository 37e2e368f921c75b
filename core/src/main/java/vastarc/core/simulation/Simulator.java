package vastarc.core.simulation;

import java.lang.management.ManagementFactory;
import vastarc.core.simulation.result.PlateResult.Numerics;
import vastarc.core.simulation.result.PlateResult.PlateEnergy;
import vastarc.core.simulation.solver.TemperatureField;
import vastarc.core.simulation.solver.TimeSteps;
import vastarc.core.simulation.source.ArcPath;
import vastarc.core.simulation.source.GaussianSource;

/** Leads an arc along its path over a field, step by step. What is to be seen of it is read off between two steps by whoever drives it. */
final class Simulator {

    private final TemperatureField field;
    private final GaussianSource spot;
    private final ArcPath path;
    private final TimeSteps steps = new TimeSteps();
    private final double coverMm;
    private final long cpu = cpuNanos();
    private double absorbedJ;
    private double powerW;

    /** @param coverMm how far from the arc along the seam its gas sweeps the faces, mm; 0 for no gas */
    Simulator(TemperatureField field, GaussianSource spot, ArcPath path, double coverMm) {
        this.field = field;
        this.spot = spot;
        this.path = path;
        this.coverMm = coverMm;
    }

    /**
     * Goes on by one step.
     *
     * @param stopS an instant at which a step must end, s; after the present one
     */
    void step(double stopS) {
        double from = path.xMm();
        double step = steps.next(path.realS(), path.nextJumpS(), stopS, path.speedMmPerS());
        if (coverMm > 0) {
            field.sweep(from - coverMm, from + coverMm);
        }
        double joule = path.advance(step);
        powerW = joule / step;
        if (joule > 0) {
            spot.open(path.radiusMm());
            absorbedJ += joule * spot.aim((from + path.xMm()) / 2);
            field.step(step, spot, joule);
        } else {
            field.step(step);
        }
    }

    /** What the arc gave a facet of the front in the last step, W/mm². */
    double fluxPerMm2(int column, int facet) {
        return powerW > 0 ? powerW * spot.perMm2(column, facet) : 0;
    }

    PlateEnergy energy() {
        return new PlateEnergy(absorbedJ, field.storedJ(), field.lostJ());
    }

    Numerics numerics() {
        double cpuS = (cpuNanos() - cpu) / 1e9;
        return new Numerics(
                field.grid.cells(), field.steps(), steps.longestS(), field.updates(), cpuS, field.kernelName());
    }

    private static long cpuNanos() {
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
    }
}
