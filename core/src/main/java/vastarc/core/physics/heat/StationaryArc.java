package vastarc.core.physics.heat;

import vastarc.core.domain.material.MaterialProperties;

/**
 * The arc standing still at the start of a seam on thin plate.
 *
 * <p>\( T - T_p = e\,\frac{q}{4\pi k t}\left[E_1\!\left(\frac{r^2}{4a\tau + 2\sigma^2}\right) - E_1\!\left(\frac{r^2}{2\sigma^2}\right)\right] \)
 * with e = 1 inside the plate and 2 at a free edge, σ = 1.2 mm. {@code docs/model/conduction.md (5)}. Source: [textbook]. Checked by: start.csv.
 */
public final class StationaryArc {

    private static final double SIGMA_M = 1.2e-3;
    private static final double SHORTEST_S = 1e-4;
    private static final double LONGEST_S = 60;

    private StationaryArc() {}

    /**
     * {@return time until the pool has a half width, s; at most 60}
     *
     * @param metal the properties of the metal
     * @param effectiveThicknessMm Σ n_i t_i/2, mm
     * @param platePowerW power into the plate, W
     * @param halfWidthMm wanted half width, mm
     * @param atEdge at a free edge rather than inside the plate
     * @param preheatC preheat, °C
     */
    public static double puddleTimeS(
            MaterialProperties metal,
            double effectiveThicknessMm,
            double platePowerW,
            double halfWidthMm,
            boolean atEdge,
            double preheatC) {
        double r2 = halfWidthMm * halfWidthMm * 1e-6;
        double spot = 2 * SIGMA_M * SIGMA_M;
        double strength = (atEdge ? 2 : 1)
                * platePowerW
                / (4 * Math.PI * metal.conductivityWPerMK() * effectiveThicknessMm * 1e-3);
        double start = SpecialFunctions.e1(r2 / spot);
        double wanted = metal.meltC() - preheatC;
        double spread = 4 * metal.diffusivityM2PerS();
        return Math.exp(NumericSearch.root(
                log -> strength * (SpecialFunctions.e1(r2 / (spread * Math.exp(log) + spot)) - start) - wanted,
                Math.log(SHORTEST_S),
                Math.log(LONGEST_S),
                1e-6));
    }
}
