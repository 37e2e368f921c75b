package vastarc.core.physics.heat;

import vastarc.core.domain.material.MaterialProperties;

/**
 * A point source moving along the face of a plate of finite thickness with leaking faces: temperature rise per watt.
 *
 * <p>\( G = \frac{e^{-\lambda\xi}}{2\pi k t}\left[K_0(\mu_0 r) + 2\sum_{n\ge1}\cos\frac{n\pi z}{t} K_0(\mu_n r)\right] \), with
 * \( \lambda = v/2a \), \( \mu_n^2 = \lambda^2 + H/(kt) + (n\pi/t)^2 \), \( r^2 = \xi^2 + y^2 \).
 * <ul>
 *   <li>ξ distance ahead of the arc, m (negative behind) <li>y distance from the seam, m; at least 0.05 mm <li>z depth, m; 0 to t
 *   <li>k conductivity, W/(m·K) <li>t thickness, m <li>v travel, m/s <li>a diffusivity, m²/s <li>H both face losses, W/(m²·K)
 * </ul>
 * Valid: steady travel, endless plate, constant properties (the effective means of {@link MaterialProperties}). The series equals the image
 * series to 6e-8. {@code docs/model/conduction.md (1)}. Source: Rosenthal's moving source with through-thickness modes [textbook]. Checked by: green-function.csv.
 */
final class MovingSourcePlate {

    private static final double MIN_Y_M = 5e-5;
    private static final int MAX_MODES = 400;
    private static final double NEGLIGIBLE_EXPONENT = 18;
    private static final double SEARCH_TOLERANCE_M = 2e-6;

    private final double thicknessM;
    private final double lambdaPerM;
    private final double scale;
    private final double[] muPerM = new double[MAX_MODES + 1];
    private final double baseSquare;
    private int modesKnown;

    MovingSourcePlate(MaterialProperties metal, double thicknessM, double speedMPerS, double lossWPerM2K) {
        this.thicknessM = thicknessM;
        this.lambdaPerM = speedMPerS / (2 * metal.diffusivityM2PerS());
        this.scale = 1 / (2 * Math.PI * metal.conductivityWPerMK() * thicknessM);
        this.baseSquare = lambdaPerM * lambdaPerM + lossWPerM2K / (metal.conductivityWPerMK() * thicknessM);
        muPerM[0] = Math.sqrt(baseSquare);
    }

    double thicknessM() {
        return thicknessM;
    }

    /** G, K/W, at ξ, y, z in m. */
    double risePerWatt(double xiM, double yM, double zM) {
        double y = Math.max(yM, MIN_Y_M);
        double r = Math.sqrt(xiM * xiM + y * y);
        double firstCosine = Math.cos(Math.PI * zM / thicknessM);
        double before = 1;
        double cosine = firstCosine;
        double sum = 0;
        double mu0r = muPerM[0] * r;
        for (int n = 1; n <= MAX_MODES; n++) {
            double x = mu(n) * r;
            double excess = x - mu0r;
            if (excess > NEGLIGIBLE_EXPONENT) {
                break;
            }
            sum += cosine * SpecialFunctions.scaledK0(x) * Math.exp(-excess);
            double next = 2 * firstCosine * cosine - before;
            before = cosine;
            cosine = next;
        }
        double carried = Math.exp(-lambdaPerM * xiM - mu0r);
        return scale * carried * (SpecialFunctions.scaledK0(mu0r) + 2 * sum);
    }

    private double mu(int n) {
        while (modesKnown < n) {
            modesKnown++;
            double wave = modesKnown * Math.PI / thicknessM;
            muPerM[modesKnown] = Math.sqrt(baseSquare + wave * wave);
        }
        return muPerM[n];
    }

    /** The highest G that a line at y, z meets as the arc goes by, K/W, searched over ξ. */
    double peakRisePerWatt(double yM, double zM) {
        double y = Math.max(yM, MIN_Y_M);
        double z = Math.min(zM, thicknessM);
        double s = y + z;
        double farthest = -(2 * s + 4 * lambdaPerM * s * s);
        return NumericSearch.maximum(xi -> risePerWatt(xi, y, z), farthest, 0, SEARCH_TOLERANCE_M);
    }
}
