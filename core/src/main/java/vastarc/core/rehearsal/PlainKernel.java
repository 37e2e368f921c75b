package vastarc.core.rehearsal;

/** The step as plain loops. */
final class PlainKernel implements Kernel {

    @Override
    public void potentials(int[] blocks, Bends potential, double[] enthalpy, double[] potentials, int start) {
        for (int cell : blocks) {
            potentials[start + cell] = potential.at(enthalpy[start + cell]);
        }
    }

    @Override
    public void conduct(
            Grid grid,
            int[] blocks,
            double[] from,
            double[] to,
            double[] potentials,
            int start,
            int west,
            int east,
            Share share) {
        int rows = grid.rows;
        double along = 1 / (grid.dx * grid.dx);
        for (int j : blocks) {
            int i = start + j;
            to[i] = share.last() * from[i]
                    + share.beforeLast() * to[i]
                    + share.step()
                            * (along * (potentials[i + west] + potentials[i + east])
                                    - grid.all[j] * potentials[i]
                                    + grid.outward[j] * potentials[i + 1]
                                    + grid.inward[j] * potentials[i - 1]
                                    + grid.down[j] * potentials[i + rows]
                                    + grid.up[j] * potentials[i - rows]);
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
