package vastarc.core.rehearsal;

/** One step of conduction. Two forms that answer alike: plain Java, and one written for the processor's wide registers. */
interface Kernel {

    /** Cells that it takes at once. */
    int lanes();

    /**
     * The potential of each cell of a column, from its enthalpy.
     *
     * @param blocks where to begin in a column, as {@link Grid#blocks} for {@link #lanes}
     */
    void potentials(int[] blocks, Bends potential, double[] enthalpy, double[] potentials, int start);

    /**
     * Adds what a column takes up in a step.
     *
     * @param blocks as for {@link #potentials}
     * @param start index of the column's first cell
     * @param west  index difference to the column before, 0 where there is none
     * @param east  index difference to the next column, 0 where there is none
     * @param step  s
     */
    void conduct(
            Grid grid,
            int[] blocks,
            double[] enthalpy,
            double[] potentials,
            int start,
            int west,
            int east,
            double step);

    /** Its name, for the numerics of an answer. */
    String name();

    /** The widest this machine and this start of the program allow. */
    static Kernel best() {
        return ModuleLayer.boot().findModule("jdk.incubator.vector").isPresent() ? new WideKernel() : new PlainKernel();
    }
}
