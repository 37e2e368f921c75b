package vastarc.core.simulation.solver;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleConsumer;
import vastarc.core.simulation.mesh.ColumnLayout;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.SectionMesh.BoundaryFace;
import vastarc.core.simulation.solver.Kernel.StageWeights;
import vastarc.core.simulation.source.GaussianSource;

/** The heat in a joint and how it moves on. */
public final class TemperatureField {

    private static final double SAFE = 0.9;
    private static final int LOOK_EVERY = 8;
    /** Heat that leaves the faces changes slowly beside what moves within: it is taken every so many steps, less often where it radiates. */
    private static final int LOSE_EVERY = 2;

    private static final int RADIATE_EVERY = 16;
    /** Away from the torch, where little changes, it is taken so many times less often. */
    private static final int AWAY_TIMES = 4;

    private static final double NEAR_MM = 15;

    private static final double ALMOST = 0.999;

    /** Columns whose potentials are held at once: the one before, the present and the next in turn, and one round the ring. */
    private static final int TURN = 3;

    private static final int ROUND = 3;
    private static final int SLOTS = 4;

    /** A usual step, s, by which work is estimated; {@link TimeSteps} says how long steps under an arc are. */
    private static final double STEP_S = 0.026;
    /** Columns whose cells moved by less than this share of their enthalpy are still as they were. */
    private static final double STILL = 1e-9;

    /** The joint cut into cells. */
    public final Grid grid;
    /** How the metal takes up heat. */
    public final EnthalpyCurves melt;
    /** Places before the first column in {@link #enthalpy()}. */
    public final int pad;

    private final Kernel kernel;
    private final double startEnthalpy;
    private final FaceHeatLoss loss;
    private final double[] conductance;
    private double[] beyond;
    private int beyondFrom = Integer.MAX_VALUE;
    private final int[] lossCells;
    private final double[] areas;
    private final double[] perMm3;
    private final double[] lostAtS;
    private final ColumnLayout.Blocks blocks;
    private final boolean[] facesArc;

    /** Of a few columns at a time, so that they stay near the processor. */
    private final double[] potentials;

    private final double shortS;
    private double[] enthalpy;
    private double[] next;

    private int sweptFrom;
    private int sweptTo;
    private int reached;
    private long steps;
    private long stages;
    private long updates;
    private double lostS;
    private int losses;
    private double clockS;
    private double lostJ;

    /**
     * A joint at one temperature.
     *
     * @param grid its cells
     * @param curves enthalpy and conduction of the metal
     * @param initialC temperature at the start, °C
     * @param faceLoss heat that the faces lose
     * @param kernel does the arithmetic
     */
    public TemperatureField(Grid grid, EnthalpyCurves curves, double initialC, FaceHeatLoss faceLoss, Kernel kernel) {
        this.grid = grid;
        this.melt = curves;
        this.kernel = kernel;
        this.loss = faceLoss;
        List<BoundaryFace> facets = grid.section.bare();
        this.conductance = facets.stream().mapToDouble(faceLoss::perMm2K).toArray();
        this.beyond = conductance;
        this.lossCells = facets.stream().mapToInt(grid::cell).toArray();
        this.areas =
                facets.stream().mapToDouble(facet -> facet.lengthMm() * grid.dx).toArray();
        this.perMm3 = new double[areas.length];
        this.facesArc = new boolean[areas.length];
        for (int i = 0; i < areas.length; i++) {
            perMm3[i] = areas[i] / grid.volume[lossCells[i]];
            facesArc[i] = grid.section.front().contains(facets.get(i));
        }
        this.lostAtS = new double[grid.columns];
        this.blocks = grid.layout.blocks(kernel.lanes());
        // As far as a register may read beyond a column's first and last cell: a layer and a register.
        this.pad = (grid.rows + 15) / 8 * 8;
        this.startEnthalpy = curves.enthalpy().at(initialC);
        this.enthalpy = new double[2 * pad + grid.columns * grid.stride];
        this.next = new double[enthalpy.length];
        this.potentials = new double[2 * pad + SLOTS * grid.stride];
        this.shortS = longestShortS(grid.mostConnected(), curves);
        Arrays.fill(enthalpy, startEnthalpy);
        Arrays.fill(next, startEnthalpy);
        Arrays.fill(potentials, curves.potential().at(startEnthalpy));
        this.reached = grid.ring || !faceLoss.isNone() && initialC != faceLoss.ambientC() ? grid.columns : 0;
    }

    /** {@return a step that whole stages fill and over which nothing is lost, s} */
    public double usualStepS() {
        return shortS * RungeKuttaLegendre.within(STEP_S / shortS).reach();
    }

    /** The longest step that stays stable in one stage, s. */
    private static double longestShortS(double mostConnected, EnthalpyCurves curves) {
        return SAFE / (curves.potential().steepest() * mostConnected);
    }

    /**
     * {@return stages that a time takes, each one update of every cell}
     *
     * @param mostConnected of the cells, 1/mm²
     * @param curves the enthalpy curves
     * @param seconds time, s
     */
    public static double stages(double mostConnected, EnthalpyCurves curves, double seconds) {
        double shortS = longestShortS(mostConnected, curves);
        RungeKuttaLegendre stages = RungeKuttaLegendre.within(STEP_S / shortS);
        return seconds / (shortS * stages.reach()) * stages.count();
    }

    /** {@return J/mm³ of every cell; of column x and cell j at pad + x times the grid's stride + j} */
    public double[] enthalpy() {
        return enthalpy;
    }

    /**
     * From now on the torch's gas sweeps the faces that see the arc between two places along the seam, mm.
     *
     * @param fromMm start, mm
     * @param toMm end, mm
     */
    public void sweep(double fromMm, double toMm) {
        sweptFrom = (int) Math.floor(fromMm / grid.dx);
        sweptTo = (int) Math.ceil(toMm / grid.dx);
    }

    /**
     * From a place along the seam on something else lies against the faces.
     *
     * @param other heat that they lose there; air and radiation as before
     * @param fromMm place, mm
     */
    public void liesAgainst(FaceHeatLoss other, double fromMm) {
        beyond = grid.section.bare().stream().mapToDouble(other::perMm2K).toArray();
        beyondFrom = (int) Math.floor(fromMm / grid.dx);
    }

    private boolean isSwept(int column) {
        return column >= sweptFrom && column < sweptTo
                || grid.ring && (column + grid.columns < sweptTo || column - grid.columns >= sweptFrom);
    }

    private boolean isNear(int column) {
        int away = Math.abs(column - (sweptFrom + sweptTo) / 2);
        return Math.min(away, grid.ring ? grid.columns - away : away) * grid.dx < NEAR_MM;
    }

    /**
     * One step without an arc: conduction, and loss from the faces. Columns the heat has not come to are passed over.
     *
     * @param seconds no more than the longest of {@link TimeSteps}
     */
    public void step(double seconds) {
        step(seconds, gain -> {});
    }

    /**
     * One step under the arc.
     *
     * @param seconds no more than the longest of {@link TimeSteps}
     * @param spot    aimed where the arc is in the middle of the step
     * @param joule   that it gives evenly in the step
     */
    public void step(double seconds, GaussianSource spot, double joule) {
        reach(spot.ends());
        step(seconds, gain -> spot.heat(next, pad, joule * gain));
    }

    private void step(double seconds, DoubleConsumer heat) {
        RungeKuttaLegendre taken = RungeKuttaLegendre.over(seconds / shortS);
        for (int stage = 1; stage <= taken.count(); stage++) {
            if (stages++ % LOOK_EVERY == 0) {
                reachOn();
            }
            double gain = taken.gain(stage);
            conduct(new StageWeights(taken.last(stage), taken.beforeLast(stage), gain * seconds));
            heat.accept(gain);
            double[] before = enthalpy;
            enthalpy = next;
            next = before;
        }
        steps++;
        clockS += seconds;
        boolean radiates = loss.emissivity() > 0;
        if (clockS - lostS > (radiates ? RADIATE_EVERY : LOSE_EVERY) * shortS * ALMOST) {
            lostS = clockS;
            lose(!radiates || ++losses % AWAY_TIMES == 0);
        }
    }

    /**
     * The heat has come to so many columns at least.
     *
     * @param columns number of columns
     */
    public void reach(int columns) {
        reached = Math.min(grid.columns, Math.max(reached, columns + LOOK_EVERY));
    }

    private void conduct(StageWeights share) {
        int here = potentials(0, 0);
        int before = grid.ring ? potentials(grid.columns - 1, ROUND) : here;
        for (int x = 0; x < reached; x++) {
            int after =
                    x + 1 < grid.columns ? potentials(x + 1, (x + 1) % TURN) : grid.ring ? potentials(0, ROUND) : here;
            int start = pad + x * grid.stride;
            kernel.conduct(grid, blocks, enthalpy, next, start, potentials, here, before - here, after - here, share);
            before = here;
            here = after;
        }
        updates += (long) reached * grid.cells() / grid.columns;
    }

    /** Writes the potentials of a column into a slot. Returns the place of its first cell there. */
    private int potentials(int column, int slot) {
        int at = pad + slot * grid.stride;
        kernel.potentials(blocks, melt.potential(), enthalpy, pad + column * grid.stride, potentials, at);
        return at;
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

    /** Takes what the faces have lost since they were last asked, near the torch or everywhere. */
    private void lose(boolean everywhere) {
        if (loss.isNone()) {
            return;
        }
        double sum = 0;
        for (int x = 0; x < reached; x++) {
            if (everywhere || isNear(x)) {
                sum += lost(x, clockS - lostAtS[x]);
                lostAtS[x] = clockS;
            }
        }
        lostJ += sum * grid.section.whole();
    }

    /** J that the faces of a column lose in a time. */
    private double lost(int column, double seconds) {
        int start = pad + column * grid.stride;
        boolean swept = isSwept(column);
        double[] passes = column < beyondFrom ? conductance : beyond;
        double sum = 0;
        for (int i = 0; i < passes.length; i++) {
            double gas = swept && facesArc[i] ? FaceHeatLoss.SWEPT_PER_MM2K : 0;
            int at = start + lossCells[i];
            double flux = loss.perMm2(melt.temperature().at(enthalpy[at]), passes[i] + gas);
            enthalpy[at] -= flux * seconds * perMm3[i];
            sum += flux * seconds * areas[i];
        }
        return sum;
    }

    /**
     * {@return °C of a cell; the start's where there is no metal}
     *
     * @param column number of the column along the seam, from 0
     * @param row number of the row, from 0
     * @param layer number of the layer, from 0
     */
    public double celsius(int column, int row, int layer) {
        int cell = grid.layout.place(row, layer);
        return melt.temperature()
                .at(cell == ColumnLayout.NONE ? startEnthalpy : enthalpy[pad + column * grid.stride + cell]);
    }

    /** {@return J more in the whole joint than at the start} */
    public double storedJ() {
        double sum = 0;
        for (int x = 0; x < reached; x++) {
            int start = pad + x * grid.stride;
            for (int j = 0; j < grid.stride; j++) {
                sum += (enthalpy[start + j] - startEnthalpy) * grid.volume[j];
            }
        }
        return sum * grid.section.whole();
    }

    /** {@return J that left by the faces up to now} */
    public double lostJ() {
        lose(true);
        return lostJ;
    }

    /** {@return steps, each in one or several stages} */
    public long steps() {
        return steps;
    }

    /** {@return cells updated so far, counted at each stage} */
    public long updates() {
        return updates;
    }

    /** {@return columns the heat has come to} */
    public int reached() {
        return reached;
    }

    /** {@return the name of the kernel that steps it} */
    public String kernelName() {
        return kernel.name();
    }
}
