package vastarc.core.physics.heat;

/**
 * The special functions of the moving source.
 *
 * <p>Source: Abramowitz &amp; Stegun, polynomial approximations 9.8.1, 9.8.5, 9.8.6, 5.1.53, 5.1.56 [textbook]. Checked by:
 * bessel.csv.
 */
final class SpecialFunctions {

    private SpecialFunctions() {}

    /** e^x K0(x), x > 0; error below 3e-7 relative to K0. */
    static double scaledK0(double x) {
        if (x <= 2) {
            double u = x * x / 4;
            double k0 = -Math.log(x / 2) * i0(x)
                    - 0.57721566
                    + u
                            * (0.42278420
                                    + u
                                            * (0.23069756
                                                    + u
                                                            * (0.03488590
                                                                    + u
                                                                            * (0.00262698
                                                                                    + u
                                                                                            * (0.00010750
                                                                                                    + u
                                                                                                            * 0.00000740)))));
            return Math.exp(x) * k0;
        }
        return scaledK0Tail(x);
    }

    /** e^x K0(x) for x > 2. */
    static double scaledK0Tail(double x) {
        double u = 2 / x;
        return (1.25331414
                        + u
                                * (-0.07832358
                                        + u
                                                * (0.02189568
                                                        + u
                                                                * (-0.01062446
                                                                        + u
                                                                                * (0.00587872
                                                                                        + u
                                                                                                * (-0.00251540
                                                                                                        + u
                                                                                                                * 0.00053208))))))
                / Math.sqrt(x);
    }

    private static double i0(double x) {
        double s = (x / 3.75) * (x / 3.75);
        return 1
                + s
                        * (3.5156229
                                + s
                                        * (3.0899424
                                                + s * (1.2067492 + s * (0.2659732 + s * (0.0360768 + s * 0.0045813)))));
    }

    /** The exponential integral E1(x), x > 0; error below 2e-7. */
    static double e1(double x) {
        if (x <= 1) {
            return -Math.log(x)
                    - 0.57721566
                    + x * (0.99999193 + x * (-0.24991055 + x * (0.05519968 + x * (-0.00976004 + x * 0.00107857))));
        }
        double n = x * (x * (x * (x + 8.5733287401) + 18.0590169730) + 8.6347608925) + 0.2677737343;
        double d = x * (x * (x * (x + 9.5733223454) + 25.6329561486) + 21.0996530827) + 3.9584969228;
        return Math.exp(-x) / x * n / d;
    }
}
