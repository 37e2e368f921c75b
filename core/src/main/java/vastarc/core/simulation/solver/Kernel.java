package vastarc.core.simulation.solver;

import vastarc.core.simulation.mesh.ColumnLayout;
import vastarc.core.simulation.mesh.Grid;

/** One step of conduction. Two forms that answer alike: plain Java, and one written for the processor's wide registers. */
public interface Kernel {

    /** {@return cells that it takes at once} */
    int lanes();

    /**
     * The potential of each cell of a column, from its enthalpy.
     *
     * @param blocks where to begin in a column, as {@link ColumnLayout#blocks} for {@link #lanes}
     * @param potential potential over enthalpy
     * @param enthalpy enthalpy of the cells, J/mm³
     * @param start place of the column's first cell there
     * @param potentials conduction potential of the cells, W/mm
     * @param at place of its first cell there
     */
    void potentials(
            ColumnLayout.Blocks blocks,
            PiecewiseLinear potential,
            double[] enthalpy,
            int start,
            double[] potentials,
            int at);

    /**
     * One stage of a column: what it holds next, from what it held and what its neighbours give it.
     *
     * @param grid the grid
     * @param blocks as for {@link #potentials}
     * @param from enthalpy before the stage
     * @param to enthalpy one stage earlier, and after it what the column holds next
     * @param start place of the column's first cell in these two
     * @param potentials conduction potential of the cells, W/mm
     * @param at place of the column's first cell there
     * @param west difference to the place of the column before, 0 where there is none
     * @param east difference to the place of the next column, 0 where there is none
     * @param share how the stage mixes them
     */
    void conduct(
            Grid grid,
            ColumnLayout.Blocks blocks,
            double[] from,
            double[] to,
            int start,
            double[] potentials,
            int at,
            int west,
            int east,
            StageWeights share);

    /**
     * How a stage mixes what was.
     *
     * @param last       share of the state before it
     * @param beforeLast share of the state before that
     * @param step       s of change that it adds
     */
    record StageWeights(double last, double beforeLast, double step) {}

    /** {@return its name, for the numerics of an answer} */
    String name();

    /** {@return the widest this machine and this start of the program allow} */
    static Kernel best() {
        return ModuleLayer.boot().findModule("jdk.incubator.vector").isPresent()
                ? new VectorKernel()
                : new PlainKernel();
    }
}
