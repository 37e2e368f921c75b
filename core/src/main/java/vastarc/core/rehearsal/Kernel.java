package vastarc.core.rehearsal;

/** One step of conduction. Two forms that answer alike: plain Java, and one written for the processor's wide registers. */
interface Kernel {

    /** The potential of each cell of a column, from its enthalpy. */
    void potentials(Grid grid, Bends potential, double[] enthalpy, double[] potentials, int start);

    /**
     * Adds what a column takes up in a step.
     *
     * @param start index of the column's first cell
     * @param west  index difference to the column before, 0 where there is none
     * @param east  index difference to the next column, 0 where there is none
     * @param step  s
     */
    void conduct(Grid grid, double[] enthalpy, double[] potentials, int start, int west, int east, double step);

    /** Its name, for the numerics of an answer. */
    String name();

    /** The widest this machine and this start of the program allow. */
    static Kernel best() {
        return ModuleLayer.boot().findModule("jdk.incubator.vector").isPresent() ? new WideKernel() : new PlainKernel();
    }
}
