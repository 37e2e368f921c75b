package vastarc.core.simulation.solver;

import java.util.Arrays;

/**
 * A line of straight stretches, written as a + b·x + Σ c·|x − break|, which wide registers read without a search or a branch, and stretch by
 * stretch for a single place. The first and last stretch go on beyond their ends. Where no x lies beyond a break, the terms of it and of
 * those after it are straight too and add to a and b, so that only the breaks below the greatest x are to be gone through.
 */
public final class PiecewiseLinear {

    private final double[] straightConstants;
    private final double[] straightSlopes;
    private final double[] breaks;
    private final double[] weights;
    private final double[] slopes;
    private final double[] offsets;

    private PiecewiseLinear(
            double[] straightConstants,
            double[] straightSlopes,
            double[] breaks,
            double[] weights,
            double[] slopes,
            double[] offsets) {
        this.straightConstants = straightConstants;
        this.straightSlopes = straightSlopes;
        this.breaks = breaks;
        this.weights = weights;
        this.slopes = slopes;
        this.offsets = offsets;
    }

    /** Through the given points, two or more, x growing. */
    static PiecewiseLinear through(double[] x, double[] y) {
        int last = x.length - 1;
        double[] slopes = new double[last];
        double[] offsets = new double[last];
        for (int i = 0; i < last; i++) {
            slopes[i] = (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
            offsets[i] = y[i] - slopes[i] * x[i];
        }
        double[] breaks = Arrays.copyOfRange(x, 1, last);
        double[] weights = new double[breaks.length];
        double[] straightSlopes = new double[last];
        double[] straightConstants = new double[last];
        straightSlopes[0] = slopes[0];
        straightConstants[0] = offsets[0];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (slopes[i + 1] - slopes[i]) / 2;
            straightSlopes[i + 1] = straightSlopes[i] + weights[i];
            straightConstants[i + 1] = straightConstants[i] - weights[i] * breaks[i];
        }
        return new PiecewiseLinear(straightConstants, straightSlopes, breaks, weights, slopes, offsets);
    }

    /**
     * {@return its value at a place}
     *
     * @param x place on the x axis
     */
    public double at(double x) {
        int stretch = 0;
        while (stretch < breaks.length && x > breaks[stretch]) {
            stretch++;
        }
        return offsets[stretch] + slopes[stretch] * x;
    }

    /** Its steepest stretch. */
    double steepest() {
        return Arrays.stream(slopes).max().orElse(0);
    }

    /** How many breaks lie below a place. */
    int bendsBelow(double x) {
        int bends = 0;
        while (bends < breaks.length && breaks[bends] < x) {
            bends++;
        }
        return bends;
    }

    /** a, where only so many breaks lie below any x. */
    double constant(int bends) {
        return straightConstants[bends];
    }

    /** b, where only so many breaks lie below any x. */
    double slope(int bends) {
        return straightSlopes[bends];
    }

    double place(int bend) {
        return breaks[bend];
    }

    double weight(int bend) {
        return weights[bend];
    }
}
