package vastarc.core.simulation.source;

import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well512a;

/** How an unsteady welder varies: a share that wanders about 0 and forgets itself within a second; the same for every cutting of the plate. */
public final class OperatorVariation {

    private static final double TICK_S = 0.05;
    private static final double MEMORY_S = 1;
    private static final double MOST = 0.75;

    private final RandomGenerator random;
    private final double spread;
    private double nextS;
    private double share;

    /**
     * Makes a welder who varies the same way for the same seed.
     *
     * @param seed seed of the random numbers
     * @param spread standard deviation of the speed over its mean, 0 for a steady one
     */
    public OperatorVariation(long seed, double spread) {
        this.random = new Well512a(seed);
        this.spread = spread;
        this.share = spread * random.nextGaussian();
    }

    /**
     * {@return the share at a time, s; asked with growing times}
     *
     * @param s time, s
     */
    public double at(double s) {
        while (s >= nextS) {
            double kept = Math.exp(-TICK_S / MEMORY_S);
            share = share * kept + spread * Math.sqrt(1 - kept * kept) * random.nextGaussian();
            nextS += TICK_S;
        }
        return Math.max(-MOST, Math.min(MOST, share));
    }
}
