package vastarc.core.physics.heat;

/**
 * The argon arc, electrode negative.
 *
 * <p>\( V = 7.7 + 0.8 L + 0.012 I + 5/\max(I,1) \); \( q = \eta V I \)
 * <ul>
 *   <li>V arc voltage, V <li>L arc length, mm <li>I current, A; below about 1 A out of range <li>η arc efficiency, 0.70
 * </ul>
 * {@code docs/model/arc.md (1)}, {@code docs/model/arc.md (2)}. Source: form after Ayrton [textbook], constants [judgement]; η the middle of 0.6–0.8, not fitted (0.60 gives +15 %, 0.80 −12 % on
 * the current). Checked by: HeatFunctionsTest.
 *
 * @param lengthMm L, arc length, mm
 */
public record ArcModel(double lengthMm) {

    /** η. */
    public static final double EFFICIENCY = 0.70;

    /** Below this the model is out of range, A. */
    public static final double MIN_CURRENT_A = 0.5;

    private static final double OFFSET_W = 5;
    private static final double SLOPE_V_PER_A = 0.012;

    private static final double LEAST_SIGMA_MM = 0.4;
    private static final double MOST_SIGMA_MM = 2.5;

    /**
     * {@return e⁻² radius of the heat of an arc of usual length, mm: twice σ = 0.6 + 0.006 I within 0.4 to 2.5}
     * Source: [judgement].
     *
     * @param currentA current, A
     */
    public static double radiusMm(double currentA) {
        return 2 * Math.max(LEAST_SIGMA_MM, Math.min(MOST_SIGMA_MM, 0.6 + 0.006 * currentA));
    }

    private double baseV() {
        return 7.7 + 0.8 * lengthMm;
    }

    /**
     * {@return the arc voltage at a current, V}
     *
     * @param currentA current, A
     */
    public double voltageV(double currentA) {
        return baseV() + SLOPE_V_PER_A * currentA + OFFSET_W / Math.max(currentA, 1);
    }

    /**
     * {@return electric power of the arc, W}
     *
     * @param currentA current, A
     */
    public double powerW(double currentA) {
        return OFFSET_W + baseV() * currentA + SLOPE_V_PER_A * currentA * currentA;
    }

    /**
     * {@return energy of an arc that burnt for a time with these integrals of current and its square, J}
     *
     * @param arcS time the arc burns, s
     * @param chargeAs integral of the current, A·s
     * @param squareA2s integral of the square of the current, A²·s
     */
    public double energyJ(double arcS, double chargeAs, double squareA2s) {
        return OFFSET_W * arcS + baseV() * chargeAs + SLOPE_V_PER_A * squareA2s;
    }

    /**
     * {@return current that puts this power into plate and wire, A}
     *
     * @param heatW power into plate and wire, W
     */
    public double currentA(double heatW) {
        return currentForMean(heatW, 1, 1);
    }

    /**
     * {@return peak current of a pulsed arc with the same mean power}
     *
     * @param heatW power into plate and wire, W
     * @param onFraction D, 0–1
     * @param backgroundRatio β, background over peak, 0–1
     */
    public double peakCurrentA(double heatW, double onFraction, double backgroundRatio) {
        double off = 1 - onFraction;
        return currentForMean(
                heatW, onFraction + off * backgroundRatio, onFraction + off * backgroundRatio * backgroundRatio);
    }

    /** Solves A I² + B I − C = 0 with the given weights of I and I². */
    private double currentForMean(double heatW, double linearWeight, double squareWeight) {
        double a = SLOPE_V_PER_A * squareWeight;
        double b = baseV() * linearWeight;
        double c = heatW / EFFICIENCY - OFFSET_W;
        double root = b * b + 4 * a * c;
        return root <= b * b ? MIN_CURRENT_A : Math.max(MIN_CURRENT_A, (-b + Math.sqrt(root)) / (2 * a));
    }
}
