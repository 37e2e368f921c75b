package vastarc.core.physics.heat;

import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.material.MaterialProperties;

/**
 * The molten pool.
 *
 * @param frontWidthMm  width on the face, mm
 * @param backWidthMm   width on the back, 0 if not through, mm
 * @param lengthMm      from its foremost point to its tail: length behind the arc plus half its mean width, mm
 * @param thicknessMm   metal it is in, mm
 */
public record WeldPool(double frontWidthMm, double backWidthMm, double lengthMm, double thicknessMm) {

    private static final double FREEZE_FACTOR = 2.0;
    private static final double SUPERHEAT_K = 250;
    private static final double FILM_RUPTURE = 6;

    /**
     * {@return widest that the cup has to cover, mm: of a corner, whose faces stand at right angles, the straight way
     * from toe to toe}
     *
     * @param corner whether the faces stand at right angles
     */
    public double coveredMm(boolean corner) {
        return corner ? frontWidthMm * Math.sqrt(0.5) : frontWidthMm;
    }

    /** {@return mean of front and back width; the front alone where the back is not molten} */
    public double meanWidthMm() {
        return backWidthMm > 0 ? (frontWidthMm + backWidthMm) / 2 : frontWidthMm;
    }

    /** {@return π/4 w L min(t, w/2), mm³} */
    public double volumeMm3() {
        double w = meanWidthMm();
        return Math.PI / 4 * w * lengthMm * Math.min(thicknessMm, w / 2);
    }

    /**
     * Time in which the pool freezes when the arc falls to background.
     *
     * <p>\( t_f = 2\,V\rho (L + 250 c)/(q - q_b) \). {@code docs/model/fusion.md (10)}. Source: energy balance
     * [textbook], factor 2.0 [simulation; it gave 1.1–2.7, thin low, thick high]. Checked by: HeatFunctionsTest.
     *
     * @param metal the properties of the metal
     * @param powerW q, W: power into the plate for arc out; power into plate and wire for a pulse, as its background
     *     is calculated in the same way
     * @param backgroundPowerW q_b, at background, W; 0 for arc out
     * @return seconds; infinite where the background alone keeps it molten
     */
    public double freezeTimeS(MaterialProperties metal, double powerW, double backgroundPowerW) {
        double drain = powerW - backgroundPowerW;
        if (drain <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        double heat = metal.latentJPerKg() + metal.heatCapacityJPerKgK() * SUPERHEAT_K;
        return FREEZE_FACTOR * volumeMm3() * 1e-9 * metal.densityKgPerM3() * heat / drain;
    }

    /**
     * {@return widest back that a pool's surface holds above nothing, mm: w ≤ 2γ/(ρ g t + p/2), p = 230 (I/100)² Pa,
     * and w ≤ 6 t} Source: textbook form, judgement factors.
     *
     * @param metal the properties of the metal
     * @param thicknessMm metal the pool is in, mm
     * @param currentA at the arc, the peak of a pulse, A
     */
    public static double widestBackMm(MaterialProperties metal, double thicknessMm, double currentA) {
        double pressure = 230 * Math.pow(currentA / 100, 2);
        double head =
                metal.liquidDensityKgPerM3() * PhysicalConstants.GRAVITY_M_PER_S2 * thicknessMm * 1e-3 + 0.5 * pressure;
        return Math.min(FILM_RUPTURE * thicknessMm, 2 * metal.surfaceTensionNPerM() / head * 1000);
    }

    /**
     * {@return fraction frozen after a time at background: 1 − (1 − t/t_f)², 1 from t_f on}
     *
     * @param offTimeS time at background, s
     * @param freezeTimeS time in which the pool freezes, s
     */
    public static double frozenFraction(double offTimeS, double freezeTimeS) {
        if (offTimeS >= freezeTimeS) {
            return 1;
        }
        double left = 1 - offTimeS / freezeTimeS;
        return 1 - left * left;
    }
}
