package vastarc.core.simulation.solver;

import jdk.incubator.vector.DoubleVector;
import jdk.incubator.vector.VectorSpecies;
import vastarc.core.simulation.mesh.ColumnLayout;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.solver.Kernel.StageWeights;

/** The step in the processor's wide registers. Loaded only where the program is started with the module it needs. */
final class VectorKernel implements Kernel {

    private static final VectorSpecies<Double> WIDE = DoubleVector.SPECIES_PREFERRED;

    @Override
    public void potentials(
            ColumnLayout.Blocks blocks, PiecewiseLinear potential, double[] enthalpy, double[] potentials, int start) {
        int bends = potential.count();
        for (int k = 0; k < blocks.count(); k++) {
            int block = blocks.start(k);
            int i = start + block;
            DoubleVector heat = DoubleVector.fromArray(WIDE, enthalpy, i);
            DoubleVector sum = heat.fma(
                    DoubleVector.broadcast(WIDE, potential.slope()),
                    DoubleVector.broadcast(WIDE, potential.constant()));
            for (int bend = 0; bend < bends; bend++) {
                sum = heat.sub(potential.place(bend))
                        .abs()
                        .fma(DoubleVector.broadcast(WIDE, potential.weight(bend)), sum);
            }
            sum.intoArray(potentials, i);
        }
    }

    @Override
    public void conduct(
            Grid grid,
            ColumnLayout.Blocks blocks,
            double[] from,
            double[] to,
            double[] potentials,
            int start,
            int west,
            int east,
            StageWeights share) {
        double along = 1 / (grid.dx * grid.dx);
        double last = share.last();
        double beforeLast = share.beforeLast();
        double step = share.step();
        for (int k = 0; k < blocks.count(); k++) {
            int j = blocks.start(k);
            int i = start + j;
            DoubleVector sum = DoubleVector.fromArray(WIDE, potentials, i + west)
                    .add(DoubleVector.fromArray(WIDE, potentials, i + east))
                    .mul(along);
            sum = DoubleVector.fromArray(WIDE, potentials, i + 1)
                    .fma(DoubleVector.fromArray(WIDE, grid.outward, j), sum);
            sum = DoubleVector.fromArray(WIDE, potentials, i - 1)
                    .fma(DoubleVector.fromArray(WIDE, grid.inward, j), sum);
            sum = DoubleVector.fromArray(WIDE, potentials, i + blocks.below(k))
                    .fma(DoubleVector.fromArray(WIDE, grid.down, j), sum);
            sum = DoubleVector.fromArray(WIDE, potentials, i + blocks.above(k))
                    .fma(DoubleVector.fromArray(WIDE, grid.up, j), sum);
            sum = sum.sub(DoubleVector.fromArray(WIDE, potentials, i).mul(DoubleVector.fromArray(WIDE, grid.all, j)));
            DoubleVector was = DoubleVector.fromArray(WIDE, from, i)
                    .mul(last)
                    .add(DoubleVector.fromArray(WIDE, to, i).mul(beforeLast));
            sum.fma(DoubleVector.broadcast(WIDE, step), was).intoArray(to, i);
        }
    }

    @Override
    public int lanes() {
        return WIDE.length();
    }

    @Override
    public String name() {
        return "wide";
    }
}
