package vastarc.core.simulation.solver;

import vastarc.core.simulation.mesh.ColumnLayout;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.solver.Kernel.StageWeights;

/** The step as plain loops. */
public final class PlainKernel implements Kernel {

    @Override
    public void potentials(
            ColumnLayout.Blocks blocks,
            PiecewiseLinear potential,
            double[] enthalpy,
            int start,
            double[] potentials,
            int at) {
        for (int k = 0; k < blocks.count(); k++) {
            int cell = blocks.start(k);
            potentials[at + cell] = potential.at(enthalpy[start + cell]);
        }
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
        double along = 1 / (grid.dx * grid.dx);
        for (int k = 0; k < blocks.count(); k++) {
            int j = blocks.start(k);
            int i = at + j;
            to[start + j] = share.last() * from[start + j]
                    + share.beforeLast() * to[start + j]
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
