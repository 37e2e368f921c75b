package vastarc.core.physics.heat;

/**
 * Energy that an arc spends on a millimetre of seam.
 *
 * <p>Arc energy \( E = W/L \) and heat input \( k\,E \): W electric energy, J; L length of seam, mm; k 0.6 for this process. At a steady power P, W, and travel v, mm/s,
 * W/L is P/v. {@code docs/model/arc.md (4)}. Source: EN 1011-1, from memory [standard]. Checked by: ArcEnergyTest.
 *
 * @param kjPerMm E, kJ/mm
 */
public record ArcEnergy(double kjPerMm) {

    /** k of EN 1011-1 for process 141 [standard]. */
    public static final double STANDARD_EFFICIENCY = 0.6;

    /**
     * Of energy over a length, or of power over travel.
     *
     * @param joules of the arc, J; or its power, W
     * @param mm of seam, mm, above 0; or its travel, mm/s
     * @return the arc energy
     */
    public static ArcEnergy of(double joules, double mm) {
        return new ArcEnergy(joules / mm / 1000);
    }

    /** {@return heat input k E, kJ/mm} */
    public double heatInputKjPerMm() {
        return STANDARD_EFFICIENCY * kjPerMm;
    }
}
