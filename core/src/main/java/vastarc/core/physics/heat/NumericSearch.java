package vastarc.core.physics.heat;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;

/** Searches for the root of a function that changes sign once, and for the top of one with a single hump. */
final class NumericSearch {

    private static final int MAX_EVALUATIONS = 200;
    private static final double EXPANSION = 1.25;
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
     * The highest value of a function with one hump between low and high: parabolic steps where they help, golden section where they
     * do not (Brent's method).
     *
     * @param tolerance absolute, on the argument
     */
    static double maximum(DoubleUnaryOperator hump, double low, double high, double tolerance) {
        double a = low;
        double b = high;
        double best = b - GOLDEN * (b - a);
        double second = best;
        double third = best;
        double fBest = hump.applyAsDouble(best);
        double fSecond = fBest;
        double fThird = fBest;
        double step = 0;
        double before = 0;
        for (int i = 0; i < MAX_EVALUATIONS; i++) {
            double middle = (a + b) / 2;
            if (Math.abs(best - middle) <= 2 * tolerance - (b - a) / 2) {
                break;
            }
            double r = (best - second) * (fThird - fBest);
            double q = (best - third) * (fSecond - fBest);
            double p = (best - third) * q - (best - second) * r;
            q = 2 * (q - r);
            p = q > 0 ? -p : p;
            q = Math.abs(q);
            boolean parabolic = Math.abs(p) < Math.abs(q * before / 2) && p > q * (a - best) && p < q * (b - best);
            before = parabolic ? step : best < middle ? b - best : a - best;
            step = parabolic ? p / q : GOLDEN * before;
            double next = best + (Math.abs(step) >= tolerance ? step : Math.copySign(tolerance, step));
            double f = hump.applyAsDouble(next);
            if (f >= fBest) {
                a = next >= best ? best : a;
                b = next >= best ? b : best;
                third = second;
                fThird = fSecond;
                second = best;
                fSecond = fBest;
                best = next;
                fBest = f;
            } else {
                a = next < best ? next : a;
                b = next < best ? b : next;
                if (f >= fSecond || second == best) {
                    third = second;
                    fThird = fSecond;
                    second = next;
                    fSecond = f;
                } else if (f >= fThird || third == best || third == second) {
                    third = next;
                    fThird = f;
                }
            }
        }
        return fBest;
    }
}
