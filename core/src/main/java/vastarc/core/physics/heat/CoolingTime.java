package vastarc.core.physics.heat;

import vastarc.core.domain.material.MaterialProperties;

/**
 * The stop point after the arc goes out: how long until it has fallen to a temperature.
 *
 * <p>\( T(\tau) = T_p + \frac{q}{4\pi k t}\int_{\ln\tau}^{\ln(\tau+t_d+b/v)} p(s)\,e^{-x^2/4au - u/t_l}\,d\ln u \), \( s = u - \tau \);
 * while s &lt; t_d the arc stands and fades: p = s/t_d, x = 0; before that it travelled: p = 1, x = v (s − t_d).
 * <ul>
 *   <li>q power into the plate, W <li>t effective thickness Σ n_i t_i/2, m <li>k, a cooling properties <li>t_d down-slope, s
 *   <li>b bead length whose heat counts, m <li>t_l = ρ c t/h <li>h both faces, 30 still air [simulation], 100 under gas [judgement]
 * </ul>
 * Error against simulation at 430 °C ±11 % (tuned on those cases); up to about 25 % long at 600 °C. Checked by: HeatFunctionsTest,
 * post-flow.csv.
 *
 * @param metal               cooling properties
 * @param effectiveThicknessMm Σ n_i t_i/2, mm
 * @param platePowerW         q, W
 * @param speedMmPerS         v, mm/s
 * @param slopeS              t_d, s; may be 0
 * @param beadMm              b, mm
 * @param faceLossWPerM2K     h, sum of both faces, W/(m²·K)
 * @param preheatC            Tp, °C
 */
public record CoolingTime(
        MaterialProperties metal,
        double effectiveThicknessMm,
        double platePowerW,
        double speedMmPerS,
        double slopeS,
        double beadMm,
        double faceLossWPerM2K,
        double preheatC) {

    /** Loss of both faces to still air, W/(m²·K); from simulation. */
    public static final double STILL_AIR = 30;
    /** Loss of both faces under flowing argon, W/(m²·K); judgement. */
    public static final double UNDER_GAS = 100;
    /** Bead length whose heat counts where the seam is not known, mm. */
    public static final double USUAL_BEAD_MM = 40;

    private static final int INTERVALS = 240;
    private static final double SHORTEST_S = 0.3;
    private static final double LONGEST_S = 900;

    /**
     * {@return temperature of the stop point a time after arc-out, °C}
     *
     * @param afterS time after arc-out, s
     */
    public double temperatureC(double afterS) {
        double thicknessM = effectiveThicknessMm * 1e-3;
        double end = afterS + slopeS + beadMm / speedMmPerS;
        double step = Math.log(end / afterS) / INTERVALS;
        double ratio = Math.exp(step);
        double leak = faceLossWPerM2K / (metal.densityKgPerM3() * metal.coolingCapacityJPerKgK() * thicknessM);
        double spread = 4 * metal.coolingDiffusivityM2PerS();
        double speedM = speedMmPerS * 1e-3;
        double sum = 0;
        double u = afterS;
        for (int i = 0; i <= INTERVALS; i++, u *= ratio) {
            double weight = i == 0 || i == INTERVALS ? 0.5 : 1;
            sum += weight * contribution(u, u - afterS, leak, spread, speedM);
        }
        return preheatC + platePowerW / (4 * Math.PI * metal.coolingConductivityWPerMK() * thicknessM) * sum * step;
    }

    private double contribution(double u, double s, double leak, double spread, double speedM) {
        if (s < slopeS) {
            return s / slopeS * Math.exp(-u * leak);
        }
        double x = speedM * (s - slopeS);
        return Math.exp(-x * x / (spread * u) - u * leak);
    }

    /**
     * {@return time from arc-out until the stop point has fallen to a temperature, s; between 0.3 and 900 s}
     *
     * @param temperatureC temperature, °C
     */
    public double timeToS(double temperatureC) {
        return Math.exp(NumericSearch.root(
                log -> temperatureC - temperatureC(Math.exp(log)), Math.log(SHORTEST_S), Math.log(LONGEST_S), 1e-4));
    }
}
