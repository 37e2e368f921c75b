package vastarc.core.simulation.observe;

import java.util.Arrays;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.source.TorchPath;

/** The wire that is melted into a seam, and where it stays once the pool has mixed it. */
final class LaidMetal {

    private final PeakTemperatureRecorder watch;
    private final Grid grid;
    private final double meltC;
    private final double mm3PerJ;
    private final int reach;
    private final double[] laidMm3;
    private double fedJ;

    LaidMetal(SimulationRequest request, PeakTemperatureRecorder watch, double meltC, double ripplePitchMm) {
        this.watch = watch;
        this.grid = watch.field.grid;
        this.meltC = meltC;
        HeatBalance heat = request.heat();
        this.mm3PerJ = heat.wirePowerW() > 0
                ? heat.demand().depositedAreaMm2() * heat.demand().speedMmPerS() / heat.wirePowerW()
                : 0;
        double half = heat.pool().lengthMm() / 2;
        double mixes = ripplePitchMm > 0 ? ripplePitchMm * Math.max(1, Math.round(half / ripplePitchMm)) : half;
        this.reach = Math.max(1, (int) Math.round(mixes / grid.dx));
        this.laidMm3 = new double[grid.columns];
    }

    /** Books the wire that has been melted since it was last asked. */
    void book(TorchPath path) {
        double fed = path.fedJ() - fedJ;
        if (fed > 0) {
            fedJ = path.fedJ();
            laidMm3[grid.column(path.xMm())] += fed * mm3PerJ;
        }
    }

    /** All of it, mm³. */
    double volumeMm3() {
        return Arrays.stream(laidMm3).sum();
    }

    /** Metal of each column: what is laid goes evenly to as much of the pool round it as there is, mm². */
    double[] mixedMm2() {
        double[] mixed = new double[grid.columns];
        for (int column = 0; column < grid.columns; column++) {
            if (laidMm3[column] > 0) {
                spread(column, mixed);
            }
        }
        return mixed;
    }

    private void spread(int column, double[] mixed) {
        int takers = 0;
        for (int i = column - reach; i < column + reach; i++) {
            takers += isMelted(i) ? 1 : 0;
        }
        if (takers == 0) {
            mixed[column] += laidMm3[column] / grid.dx;
        }
        for (int i = column - reach; i < column + reach && takers > 0; i++) {
            if (isMelted(i)) {
                mixed[grid.index(i)] += laidMm3[column] / grid.dx / takers;
            }
        }
    }

    private boolean isMelted(int column) {
        return (grid.ring || column == grid.index(column))
                && !watch.frontToes(grid.index(column), meltC).isNone();
    }
}
