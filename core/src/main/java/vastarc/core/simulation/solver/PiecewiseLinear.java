package vastarc.core.simulation.solver;

import java.util.Arrays;

/**
 * A line of straight stretches, written as a + b·x + Σ c·|x − break|, which wide registers read without a search or a branch, and stretch by
 * stretch for a single place. The first and last stretch go on beyond their ends.
 */
public final class PiecewiseLinear {

    private final double constant;
    private final double slope;
    private final double[] breaks;
    private final double[] weights;
    private final double[] slopes;
    private final double[] offsets;

    private PiecewiseLinear(
            double constant, double slope, double[] breaks, double[] weights, double[] slopes, double[] offsets) {
        this.constant = constant;
        this.slope = slope;
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
        double slope = (slopes[0] + slopes[last - 1]) / 2;
        double constant = y[0] - slope * x[0];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (slopes[i + 1] - slopes[i]) / 2;
            constant -= weights[i] * Math.abs(x[0] - breaks[i]);
        }
        return new PiecewiseLinear(constant, slope, breaks, weights, slopes, offsets);
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

    double constant() {
        return constant;
    }

    double slope() {
        return slope;
    }

    int count() {
        return breaks.length;
    }

    double place(int bend) {
        return breaks[bend];
    }

    double weight(int bend) {
        return weights[bend];
    }
}
