package vastarc.core.rehearsal;

import java.util.Arrays;

/**
 * A line of straight stretches, written as a + b·x + Σ c·|x − break|: no search and no branch where it is read a hundred million times.
 * The first and last stretch go on beyond their ends.
 */
final class Bends {

    private final double constant;
    private final double slope;
    private final double[] breaks;
    private final double[] weights;

    private Bends(double constant, double slope, double[] breaks, double[] weights) {
        this.constant = constant;
        this.slope = slope;
        this.breaks = breaks;
        this.weights = weights;
    }

    /** Through the given points, two or more, x growing. */
    static Bends through(double[] x, double[] y) {
        int last = x.length - 1;
        double[] slopes = new double[last];
        for (int i = 0; i < last; i++) {
            slopes[i] = (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
        }
        double[] breaks = Arrays.copyOfRange(x, 1, last);
        double[] weights = new double[breaks.length];
        double slope = (slopes[0] + slopes[last - 1]) / 2;
        double constant = y[0] - slope * x[0];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (slopes[i + 1] - slopes[i]) / 2;
            constant -= weights[i] * Math.abs(x[0] - breaks[i]);
        }
        return new Bends(constant, slope, breaks, weights);
    }

    double at(double x) {
        double y = constant + slope * x;
        for (int i = 0; i < breaks.length; i++) {
            y += weights[i] * Math.abs(x - breaks[i]);
        }
        return y;
    }

    /** Its steepest stretch. */
    double steepest() {
        double steepest = 0;
        for (int i = 0; i <= breaks.length; i++) {
            double here = slope;
            for (int j = 0; j < breaks.length; j++) {
                here += j < i ? weights[j] : -weights[j];
            }
            steepest = Math.max(steepest, here);
        }
        return steepest;
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
