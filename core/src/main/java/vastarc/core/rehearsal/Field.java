package vastarc.core.rehearsal;

import java.util.Arrays;
import java.util.List;
import vastarc.core.rehearsal.Section.Facet;

/** The heat in a joint and how it moves on. */
final class Field {

    private static final double SAFE = 0.9;
    private static final int LOOK_EVERY = 8;
    /** Heat that leaves the faces changes slowly beside what moves within: it is taken every so many steps, seldomer where it radiates. */
    private static final int LOSE_EVERY = 2;

    private static final int RADIATE_EVERY = 16;
    /** Columns whose cells moved by less than this share of their enthalpy are still as they were. */
    private static final double STILL = 1e-9;

    final Grid grid;
    final Melt melt;
    final double[] enthalpy;
    final double[] potentials;
    final int pad;

    private final Kernel kernel;
    private final double startEnthalpy;
    private final Loss loss;
    private final List<Facet> facets;
    private final double[] conductance;
    private final boolean[] facesArc;

    private int sweptFrom;
    private int sweptTo;
    private int reached;
    private long steps;
    private long updates;
    private double unlostS;
    private double lostJ;

    Field(Grid grid, Melt melt, double initialC, Loss loss, Kernel kernel) {
        this.grid = grid;
        this.melt = melt;
        this.kernel = kernel;
        this.loss = loss;
        this.facets = grid.section.bare();
        this.conductance = facets.stream().mapToDouble(loss::perMm2K).toArray();
        this.facesArc = new boolean[facets.size()];
        for (int i = 0; i < facesArc.length; i++) {
            facesArc[i] = grid.section.front().contains(facets.get(i));
        }
        this.pad = (grid.rows + 7) / 8 * 8;
        this.startEnthalpy = melt.enthalpy().at(initialC);
        this.enthalpy = new double[2 * pad + grid.columns * grid.stride];
        this.potentials = new double[enthalpy.length];
        Arrays.fill(enthalpy, startEnthalpy);
        Arrays.fill(potentials, melt.potential().at(startEnthalpy));
        this.reached = grid.ring || !loss.isNone() && initialC != loss.ambientC() ? grid.columns : 0;
    }

    /** The longest step that stays stable, s. */
    double longestStepS() {
        return longestStepS(grid.mostConnected(), melt);
    }

    static double longestStepS(double mostConnected, Melt melt) {
        return SAFE / (melt.potential().steepest() * mostConnected);
    }

    /** From now on the torch's gas sweeps the faces that see the arc between two places along the seam, mm. */
    void sweep(double fromMm, double toMm) {
        sweptFrom = (int) Math.floor(fromMm / grid.dx);
        sweptTo = (int) Math.ceil(toMm / grid.dx);
    }

    private boolean isSwept(int column) {
        return column >= sweptFrom && column < sweptTo
                || grid.ring && (column + grid.columns < sweptTo || column - grid.columns >= sweptFrom);
    }

    /** One step of conduction and of loss from the faces. Columns the heat has not come to are passed over. */
    void step(double seconds, int spotEnds) {
        reached = Math.min(grid.columns, Math.max(reached, spotEnds + LOOK_EVERY));
        if (steps % LOOK_EVERY == 0) {
            reachOn();
        }
        for (int x = 0; x < reached; x++) {
            kernel.potentials(grid, melt.potential(), enthalpy, potentials, pad + x * grid.stride);
        }
        int round = (grid.columns - 1) * grid.stride;
        for (int x = 0; x < reached; x++) {
            int west = x == 0 ? grid.ring ? round : 0 : -grid.stride;
            int east = x == grid.columns - 1 ? grid.ring ? -round : 0 : grid.stride;
            kernel.conduct(grid, enthalpy, potentials, pad + x * grid.stride, west, east, seconds);
        }
        steps++;
        updates += (long) reached * grid.cells() / grid.columns;
        unlostS += seconds;
        if (steps % (loss.emissivity() == 0 ? LOSE_EVERY : RADIATE_EVERY) == 0) {
            lose();
        }
    }

    private void reachOn() {
        while (reached < grid.columns && isMoved(Math.max(0, reached - LOOK_EVERY - 1))) {
            reached++;
        }
    }

    private boolean isMoved(int column) {
        int start = pad + column * grid.stride;
        double slack = STILL * Math.abs(startEnthalpy);
        for (int i = start; i < start + grid.stride; i++) {
            if (Math.abs(enthalpy[i] - startEnthalpy) > slack) {
                return true;
            }
        }
        return false;
    }

    private void lose() {
        double seconds = unlostS;
        unlostS = 0;
        if (loss.isNone()) {
            return;
        }
        double sum = 0;
        for (int i = 0; i < conductance.length; i++) {
            Facet facet = facets.get(i);
            int cell = grid.cell(facet);
            double area = facet.lengthMm() * grid.dx;
            double perVolume = seconds * area / grid.volume[cell];
            for (int x = 0; x < reached; x++) {
                int at = pad + x * grid.stride + cell;
                double gas = facesArc[i] && isSwept(x) ? Loss.SWEPT_PER_MM2K : 0;
                double flux = loss.perMm2(melt.temperature().at(enthalpy[at]), conductance[i] + gas);
                enthalpy[at] -= flux * perVolume;
                sum += flux * seconds * area;
            }
        }
        lostJ += sum * grid.section.whole();
    }

    /** °C of a cell. */
    double celsius(int column, int row, int layer) {
        return melt.temperature().at(enthalpy[pad + column * grid.stride + layer * grid.rows + row]);
    }

    /** J more in the whole joint than at the start. */
    double storedJ() {
        double sum = 0;
        for (int x = 0; x < reached; x++) {
            int start = pad + x * grid.stride;
            for (int j = 0; j < grid.stride; j++) {
                sum += (enthalpy[start + j] - startEnthalpy) * grid.volume[j];
            }
        }
        return sum * grid.section.whole();
    }

    /** J that left by the faces up to now. */
    double lostJ() {
        lose();
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
