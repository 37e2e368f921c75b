package vastarc.core.simulation.solver;

/**
 * A metal as the solver knows it. Enthalpy in J/mm³, counted from −273 °C so that it never comes near nothing; conduction by Kirchhoff's
 * potential in W/mm.
 *
 * @param temperature °C by enthalpy
 * @param potential   W/mm by enthalpy
 * @param enthalpy    J/mm³ by °C
 * @param celsiusOf   °C by potential
 */
public record EnthalpyCurves(
        PiecewiseLinear temperature, PiecewiseLinear potential, PiecewiseLinear enthalpy, PiecewiseLinear celsiusOf) {

    private static final double COLDEST_C = -273;
    private static final double HOTTEST_C = 6000;

    /**
     * {@return a metal of one conductivity and one heat, which melts between two temperatures}
     *
     * @param conductivityWPerMmK W/(mm·K)
     * @param heatJPerMm3K J/(mm³·K)
     * @param solidusC start of melting, °C
     * @param liquidusC end of melting, °C
     * @param latentJPerMm3 J/mm³, 0 or more
     */
    public static EnthalpyCurves constant(
            double conductivityWPerMmK, double heatJPerMm3K, double solidusC, double liquidusC, double latentJPerMm3) {
        double[] celsius = {COLDEST_C, solidusC, liquidusC, HOTTEST_C};
        double[] enthalpy = new double[celsius.length];
        double[] potential = new double[celsius.length];
        for (int i = 0; i < celsius.length; i++) {
            enthalpy[i] = heatJPerMm3K * (celsius[i] - COLDEST_C) + (i < 2 ? 0 : latentJPerMm3);
            potential[i] = conductivityWPerMmK * (celsius[i] - COLDEST_C);
        }
        return through(celsius, enthalpy, potential);
    }

    /** From points of growing temperature, °C, enthalpy, J/mm³, and potential, W/mm. */
    static EnthalpyCurves through(double[] celsius, double[] enthalpy, double[] potential) {
        return new EnthalpyCurves(
                PiecewiseLinear.through(enthalpy, celsius),
                PiecewiseLinear.through(enthalpy, potential),
                PiecewiseLinear.through(celsius, enthalpy),
                PiecewiseLinear.through(potential, celsius));
    }

    /**
     * {@return potential at a temperature, W/mm}
     *
     * @param celsius temperature, °C
     */
    public double potentialOf(double celsius) {
        return potential.at(enthalpy.at(celsius));
    }
}
