package vastarc.core.simulation.solver;

/**
 * A step in time taken in stages. So many stages reach (n² + n) / 2 times as far as as many small steps' longest one, stay as stable, and
 * give away no heat: each stage is the recursion of Legendre's polynomials. Source: Runge–Kutta–Legendre, first order [textbook].
 */
final class RungeKuttaLegendre {

    private final int count;

    private RungeKuttaLegendre(int count) {
        this.count = count;
    }

    /**
     * The fewest that reach over a step.
     *
     * @param share the step over the longest one that is stable alone, above 0
     */
    static RungeKuttaLegendre over(double share) {
        int count = 1;
        while (reach(count) < share * (1 - 1e-9)) {
            count++;
        }
        return new RungeKuttaLegendre(count);
    }

    /** The most whose step is no longer than a share of the longest one that is stable alone; at least one. */
    static RungeKuttaLegendre within(double share) {
        int count = 1;
        while (reach(count + 1) <= share) {
            count++;
        }
        return new RungeKuttaLegendre(count);
    }

    /** How many of the longest steps so many stages reach over. */
    private static double reach(int count) {
        return count * (count + 1) / 2.0;
    }

    double reach() {
        return reach(count);
    }

    int count() {
        return count;
    }

    /** What a stage, counted from 1, takes of the state before it. */
    double last(int stage) {
        return (2.0 * stage - 1) / stage;
    }

    /** What it takes of the state before that. */
    double beforeLast(int stage) {
        return (1.0 - stage) / stage;
    }

    /** The share of the step's own change that it adds. */
    double gain(int stage) {
        return last(stage) / reach();
    }
}
