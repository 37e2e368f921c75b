package vastarc.core.simulation.source;

/** An arc as the solver follows it: where it is, how wide, and what it gives. Its time counts from the strike. */
public interface ArcPath {

    /** {@return since the strike, s} */
    double realS();

    /**
     * {@return the next instant at which its strength jumps, s: an edge of a pulse, a dab, the end of a phase;
     * infinite where it never does again}
     */
    double nextJumpS();

    /** {@return how fast it travels now, mm/s} */
    double speedMmPerS();

    /** {@return where it is along the seam, mm} */
    double xMm();

    /** {@return e⁻² radius of its heat, mm} */
    double radiusMm();

    /** {@return whether it has gone out} */
    boolean isOut();

    /**
     * Goes on by a step.
     *
     * @param stepS step in time, s
     * @return J that the joint gets in it, if the whole spot falls on it
     */
    double advance(double stepS);
}
