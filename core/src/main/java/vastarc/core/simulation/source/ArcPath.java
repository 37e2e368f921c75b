package vastarc.core.simulation.source;

/** An arc as the solver follows it: where it is, how wide, and what it gives. Its time counts from the strike. */
public interface ArcPath {

    /** Since the strike, s. */
    double realS();

    /** The next instant at which its strength jumps, s: an edge of a pulse, a dab, the end of a phase; infinite where it never does again. */
    double nextJumpS();

    /** How fast it travels now, mm/s. */
    double speedMmPerS();

    /** Where it is along the seam, mm. */
    double xMm();

    /** e⁻² radius of its heat, mm. */
    double radiusMm();

    /** Whether it has gone out. */
    boolean isOut();

    /**
     * Goes on by a step.
     *
     * @return J that the joint gets in it, if the whole spot falls on it
     */
    double advance(double stepS);
}
