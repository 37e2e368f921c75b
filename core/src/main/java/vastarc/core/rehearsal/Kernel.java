package vastarc.core.rehearsal;

/** One step of conduction. Two forms that answer alike: plain Java, and one written for the processor's wide registers. */
interface Kernel {

    /** The potential of each cell from its enthalpy, from one index to before another. */
    void potentials(Bends potential, double[] enthalpy, double[] potentials, int from, int to);

    /**
     * Adds what a column takes up in a step.
     *
     * @param west  index difference to the column before, 0 at the plate's start
     * @param east  index difference to the next column, 0 at its end
     * @param along conductance along the seam over the cell's volume, 1/mm²
     * @param step  s
     */
    void conduct(
            PlateGrid grid,
            double[] enthalpy,
            double[] potentials,
            int start,
            int west,
            int east,
            double along,
            double step);

    /** Its name, for the numerics of an answer. */
    String name();

    /** The widest this machine and this start of the program allow. */
    static Kernel best() {
        return ModuleLayer.boot().findModule("jdk.incubator.vector").isPresent() ? new WideKernel() : new PlainKernel();
    }
}
