package vastarc.core.simulation.solver;

import vastarc.core.simulation.mesh.ColumnLayout;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.solver.Kernel.StageWeights;

/** The step as plain loops. */
public final class PlainKernel implements Kernel {

    @Override
    public void potentials(
            ColumnLayout.Blocks blocks, PiecewiseLinear potential, double[] enthalpy, double[] potentials, int start) {
        for (int k = 0; k < blocks.count(); k++) {
            int cell = blocks.start(k);
            potentials[start + cell] = potential.at(enthalpy[start + cell]);
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
        for (int k = 0; k < blocks.count(); k++) {
            int j = blocks.start(k);
            int i = start + j;
            to[i] = share.last() * from[i]
                    + share.beforeLast() * to[i]
                    + share.step()
                            * (along * (potentials[i + west] + potentials[i + east])
                                    - grid.all[j] * potentials[i]
                                    + grid.outward[j] * potentials[i + 1]
                                    + grid.inward[j] * potentials[i - 1]
                                    + grid.down[j] * potentials[i + blocks.below(k)]
                                    + grid.up[j] * potentials[i + blocks.above(k)]);
        }
    }

    @Override
    public int lanes() {
        return 1;
    }

    @Override
    public String name() {
        return "plain";
    }
}
