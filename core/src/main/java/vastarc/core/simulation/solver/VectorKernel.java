package vastarc.core.simulation.solver;

import jdk.incubator.vector.DoubleVector;
import jdk.incubator.vector.VectorOperators;
import jdk.incubator.vector.VectorSpecies;
import vastarc.core.simulation.mesh.ColumnLayout;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.solver.Kernel.StageWeights;

/** The step in the processor's wide registers. Loaded only where the program is started with the module it needs. */
final class VectorKernel implements Kernel {

    private static final VectorSpecies<Double> WIDE = DoubleVector.SPECIES_PREFERRED;

    @Override
    public void potentials(
            ColumnLayout.Blocks blocks,
            PiecewiseLinear potential,
            double[] enthalpy,
            int start,
            double[] potentials,
            int at) {
        int bends = potential.bendsBelow(most(blocks, enthalpy, start));
        DoubleVector slope = DoubleVector.broadcast(WIDE, potential.slope(bends));
        DoubleVector constant = DoubleVector.broadcast(WIDE, potential.constant(bends));
        for (int k = 0; k < blocks.count(); k++) {
            int block = blocks.start(k);
            DoubleVector heat = DoubleVector.fromArray(WIDE, enthalpy, start + block);
            DoubleVector sum = heat.fma(slope, constant);
            for (int bend = 0; bend < bends; bend++) {
                sum = heat.sub(potential.place(bend))
                        .abs()
                        .fma(DoubleVector.broadcast(WIDE, potential.weight(bend)), sum);
            }
            sum.intoArray(potentials, at + block);
        }
    }

    private static double most(ColumnLayout.Blocks blocks, double[] enthalpy, int start) {
        DoubleVector most = DoubleVector.fromArray(WIDE, enthalpy, start + blocks.start(0));
        for (int k = 1; k < blocks.count(); k++) {
            most = most.max(DoubleVector.fromArray(WIDE, enthalpy, start + blocks.start(k)));
        }
        return most.reduceLanes(VectorOperators.MAX);
    }

    @Override
    public void conduct(
            Grid grid,
            ColumnLayout.Blocks blocks,
            double[] from,
            double[] to,
            int start,
            double[] potentials,
            int at,
            int west,
            int east,
            StageWeights share) {
        // Read here once: within the loop each would be fetched anew after every store, which takes twice as long.
        double[] outward = grid.outward;
        double[] inward = grid.inward;
        double[] down = grid.down;
        double[] up = grid.up;
        double[] all = grid.all;
        double along = 1 / (grid.dx * grid.dx);
        DoubleVector step = DoubleVector.broadcast(WIDE, share.step());
        for (int k = 0; k < blocks.count(); k++) {
            int j = blocks.start(k);
            int i = at + j;
            int cell = start + j;
            DoubleVector sum = DoubleVector.fromArray(WIDE, potentials, i + west)
                    .add(DoubleVector.fromArray(WIDE, potentials, i + east))
                    .mul(along);
            sum = DoubleVector.fromArray(WIDE, potentials, i + 1).fma(DoubleVector.fromArray(WIDE, outward, j), sum);
            sum = DoubleVector.fromArray(WIDE, potentials, i - 1).fma(DoubleVector.fromArray(WIDE, inward, j), sum);
            sum = DoubleVector.fromArray(WIDE, potentials, i + blocks.below(k))
                    .fma(DoubleVector.fromArray(WIDE, down, j), sum);
            sum = DoubleVector.fromArray(WIDE, potentials, i + blocks.above(k))
                    .fma(DoubleVector.fromArray(WIDE, up, j), sum);
            DoubleVector was = DoubleVector.fromArray(WIDE, from, cell)
                    .mul(share.last())
                    .add(DoubleVector.fromArray(WIDE, to, cell).mul(share.beforeLast()));
            DoubleVector own = DoubleVector.fromArray(WIDE, potentials, i).mul(DoubleVector.fromArray(WIDE, all, j));
            sum.sub(own).fma(step, was).intoArray(to, cell);
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
