package vastarc.core.rehearsal;

/** The step as plain loops. */
final class PlainKernel implements Kernel {

    @Override
    public void potentials(Bends potential, double[] enthalpy, double[] potentials, int from, int to) {
        for (int i = from; i < to; i++) {
            potentials[i] = potential.at(enthalpy[i]);
        }
    }

    @Override
    public void conduct(
            PlateGrid grid,
            double[] enthalpy,
            double[] potentials,
            int start,
            int west,
            int east,
            double along,
            double step) {
        int rows = grid.rows;
        for (int j = 0; j < grid.stride; j++) {
            int i = start + j;
            enthalpy[i] += step
                    * (along * (potentials[i + west] + potentials[i + east])
                            - grid.all[j] * potentials[i]
                            + grid.outward[j] * potentials[i + 1]
                            + grid.inward[j] * potentials[i - 1]
                            + grid.down[j] * potentials[i + rows]
                            + grid.up[j] * potentials[i - rows]);
        }
    }

    @Override
    public String name() {
        return "plain";
    }
}
