package vastarc.core.physics.heat;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/** Searches for the root of a function that changes sign once, and for the top of one with a single hump. */
final class NumericSearch {

    private static final int MAX_EVALUATIONS = 200;
    private static final double EXPANSION = 1.25;
    /** Smallest that the library takes: the absolute tolerance decides. */
    private static final double RELATIVE_TOLERANCE = 2 * Math.ulp(1.0);

    private static final double GOLDEN = (3 - Math.sqrt(5)) / 2;

    private NumericSearch() {}

    /**
     * The root of a monotone function between low and high.
     *
     * @param tolerance absolute, on the argument
     * @return the root; the end nearer to it where the function does not change sign in the bracket
     */
    static double root(DoubleUnaryOperator function, double low, double high, double tolerance) {
        double atLow = function.applyAsDouble(low);
        double atHigh = function.applyAsDouble(high);
        if (atLow * atHigh >= 0) {
            return Math.abs(atLow) < Math.abs(atHigh) ? low : high;
        }
        return new BrentSolver(tolerance).solve(MAX_EVALUATIONS, function::applyAsDouble, low, high);
    }

    /**
     * The root of a function that rises over its argument, searched outward from a guess.
     *
     * @param tolerance absolute, on the argument
     * @return the root; the nearer limit where the function does not change sign between the limits
     */
    static double rootNear(DoubleUnaryOperator rising, double guess, double low, double high, double tolerance) {
        double inner = Math.min(high, Math.max(low, guess));
        double value = rising.applyAsDouble(inner);
        if (value >= 0) {
            // Below the guess there may be no root at all, which the lower limit tells at once.
            return value == 0 ? inner : root(rising, low, inner, tolerance);
        }
        while (inner != high) {
            double outer = Math.min(high, inner * EXPANSION);
            if (rising.applyAsDouble(outer) >= 0) {
                return root(rising, inner, outer, tolerance);
            }
            inner = outer;
        }
        return inner;
    }

    /**
     * The highest value of a function with one hump between low and high.
     *
     * @param tolerance absolute, on the argument
     */
    static double maximum(DoubleUnaryOperator hump, double low, double high, double tolerance) {
        return new BrentOptimizer(RELATIVE_TOLERANCE, tolerance)
                .optimize(
                        new MaxEval(MAX_EVALUATIONS),
                        new UnivariateObjectiveFunction(hump::applyAsDouble),
                        GoalType.MAXIMIZE,
                        new SearchInterval(low, high, high - GOLDEN * (high - low)))
                .getValue();
    }
}
