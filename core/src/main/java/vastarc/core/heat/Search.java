package vastarc.core.heat;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;

/** Root search on a bracket, for functions that change sign once. */
final class Search {

    private static final int MAX_EVALUATIONS = 200;

    private Search() {}

    /**
     * The root of a monotone function between low and high.
     *
     * @param tolerance absolute, on the argument
     * @return the root; the nearer end where the function does not change sign in the bracket
     */
    static double root(DoubleUnaryOperator function, double low, double high, double tolerance) {
        double atLow = function.applyAsDouble(low);
        double atHigh = function.applyAsDouble(high);
        if (atLow * atHigh >= 0) {
            return Math.abs(atLow) < Math.abs(atHigh) ? low : high;
        }
        return new BrentSolver(tolerance).solve(MAX_EVALUATIONS, function::applyAsDouble, low, high);
    }
}
