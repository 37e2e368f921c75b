package vastarc.core.rehearsal;

import java.util.Arrays;

/** The heat in a plate and how it moves on. */
final class Field {

    private static final double SAFE = 0.9;
    private static final int LOOK_EVERY = 8;
    /** Columns whose cells moved by less than this share of their enthalpy are still as they were. */
    private static final double STILL = 1e-9;

    final PlateGrid grid;
    final Melt melt;
    final double[] enthalpy;
    final double[] potentials;
    final int pad;

    private final Kernel kernel;
    private final double startEnthalpy;
    private final double ambientC;
    /** W/(mm²·K) of a face. */
    private final double faceLoss;

    private int reached;
    private long steps;
    private long updates;
    private double lostJ;

    Field(PlateGrid grid, Melt melt, double initialC, double ambientC, double faceLossWPerM2K, Kernel kernel) {
        this.grid = grid;
        this.melt = melt;
        this.kernel = kernel;
        this.ambientC = ambientC;
        this.faceLoss = faceLossWPerM2K * 1e-6;
        this.pad = (grid.rows + 7) / 8 * 8;
        this.startEnthalpy = melt.enthalpy().at(initialC);
        this.enthalpy = new double[2 * pad + grid.columns * grid.stride];
        this.potentials = new double[enthalpy.length];
        Arrays.fill(enthalpy, startEnthalpy);
        Arrays.fill(potentials, melt.potential().at(startEnthalpy));
        this.reached = faceLossWPerM2K > 0 && initialC != ambientC ? grid.columns : 0;
    }

    /** The longest step that stays stable, s. */
    double longestStepS() {
        return longestStepS(grid.mostConnected(), melt);
    }

    static double longestStepS(double mostConnected, Melt melt) {
        return SAFE / (melt.potential().steepest() * mostConnected);
    }

    /** One step of conduction and of loss from the faces. Columns the heat has not come to are passed over. */
    void step(double seconds, int spotEnds) {
        reached = Math.min(grid.columns, Math.max(reached, spotEnds + LOOK_EVERY));
        if (steps % LOOK_EVERY == 0) {
            reachOn();
        }
        kernel.potentials(melt.potential(), enthalpy, potentials, pad, pad + reached * grid.stride);
        lose(seconds);
        double along = 1 / (grid.dx * grid.dx);
        for (int x = 0; x < reached; x++) {
            int west = x == 0 ? 0 : -grid.stride;
            int east = x == grid.columns - 1 ? 0 : grid.stride;
            kernel.conduct(grid, enthalpy, potentials, pad + x * grid.stride, west, east, along, seconds);
        }
        steps++;
        updates += (long) reached * grid.rows * grid.layers;
    }

    private void reachOn() {
        while (reached < grid.columns && isMoved(Math.max(0, reached - LOOK_EVERY - 1))) {
            reached++;
        }
    }

    private boolean isMoved(int column) {
        int start = pad + column * grid.stride;
        double slack = STILL * Math.abs(startEnthalpy);
        for (int i = start; i < start + grid.rows * grid.layers; i++) {
            if (Math.abs(enthalpy[i] - startEnthalpy) > slack) {
                return true;
            }
        }
        return false;
    }

    private void lose(double seconds) {
        if (faceLoss <= 0) {
            return;
        }
        int bottom = (grid.layers - 1) * grid.rows;
        for (int x = 0; x < reached; x++) {
            int start = pad + x * grid.stride;
            for (int y = 0; y < grid.rows; y++) {
                lostJ += lose(start + y, y, seconds) + lose(start + bottom + y, y, seconds);
            }
        }
    }

    private double lose(int cell, int row, double seconds) {
        double perVolume = faceLoss * (melt.temperature().at(enthalpy[cell]) - ambientC) / grid.dz * seconds;
        enthalpy[cell] -= perVolume;
        return 2 * perVolume * grid.volume(row);
    }

    /** °C of a cell. */
    double celsius(int column, int row, int layer) {
        return melt.temperature().at(enthalpy[pad + column * grid.stride + layer * grid.rows + row]);
    }

    /** J more in the whole plate than at the start. */
    double storedJ() {
        double sum = 0;
        for (int x = 0; x < reached; x++) {
            for (int z = 0; z < grid.layers; z++) {
                int start = pad + x * grid.stride + z * grid.rows;
                for (int y = 0; y < grid.rows; y++) {
                    sum += 2 * (enthalpy[start + y] - startEnthalpy) * grid.volume(y);
                }
            }
        }
        return sum;
    }

    double lostJ() {
        return lostJ;
    }

    long steps() {
        return steps;
    }

    long updates() {
        return updates;
    }

    /** Columns the heat has come to. */
    int reached() {
        return reached;
    }

    String kernelName() {
        return kernel.name();
    }
}
