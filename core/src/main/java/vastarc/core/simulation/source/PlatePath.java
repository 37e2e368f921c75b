package vastarc.core.simulation.source;

/** The arc of a plate: steady or pulsed, straight along the seam. */
public final class PlatePath implements ArcPath {

    /** Pulses faster than this act as their average, 1/s. */
    private static final double FOLLOWED_BELOW_HZ = TorchPath.FELT_BELOW_HZ;

    private static final double EDGE = 1e-9;

    private final PlateSource source;
    private double s;

    /**
     * Starts where the source starts.
     *
     * @param source the moving source
     */
    public PlatePath(PlateSource source) {
        this.source = source;
    }

    @Override
    public double realS() {
        return s;
    }

    @Override
    public double nextJumpS() {
        double next = Double.POSITIVE_INFINITY;
        for (double jump : new double[] {source.fadesS(), source.haltsS(), source.outS()}) {
            next = jump > s + EDGE ? Math.min(next, jump) : next;
        }
        boolean beats = s < source.fadesS();
        return source.pulse()
                .filter(pulse -> beats && pulse.rhythm().rateHz() <= FOLLOWED_BELOW_HZ)
                .map(pulse -> pulse.rhythm().nextEdgeS(s + EDGE))
                .filter(edge -> edge < source.fadesS())
                .orElse(next);
    }

    @Override
    public double speedMmPerS() {
        return s < source.haltsS() ? source.travelMmPerS() : 0;
    }

    @Override
    public double xMm() {
        return source.x(s);
    }

    @Override
    public double radiusMm() {
        return source.radiusE2Mm();
    }

    @Override
    public boolean isOut() {
        return s >= source.outS();
    }

    @Override
    public double advance(double stepS) {
        double joule = source.energyJ(s, s + stepS);
        s += stepS;
        return joule;
    }
}
