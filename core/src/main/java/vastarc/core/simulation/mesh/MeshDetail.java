package vastarc.core.simulation.mesh;

/** How finely a plate is cut. */
public enum MeshDetail {
    /** Quick enough to watch. */
    LIVE(1.0, 2, 1.1),
    /** For figures. */
    FINE(0.5, 4, 1.15),
    /** To see that FINE is fine enough. */
    PROOF(0.25, 8, 1.15);

    private static final double FINEST_FINE_MM = 0.25;
    private static final double THIN_MM = 1;

    private final double cellMm;
    private final int cellsThrough;
    private final double growth;

    MeshDetail(double cellMm, int cellsThrough, double growth) {
        this.cellMm = cellMm;
        this.cellsThrough = cellsThrough;
        this.growth = growth;
    }

    /**
     * {@return edge of a cell at the seam, mm: the finer of the usual one and a share of the thickness, within a
     * bound for foil}
     *
     * @param thicknessMm thickness, mm
     */
    public double cellMm(double thicknessMm) {
        double finest = FINEST_FINE_MM * cellMm / FINE.cellMm;
        return Math.max(finest, Math.min(cellMm, thicknessMm / cellsThrough));
    }

    /**
     * {@return by what factor cells grow at most from one to the next, away from the seam: less where few of them lie
     * in the pool}
     */
    public double growth() {
        return growth;
    }

    /**
     * {@return cells through the thickness: at least three, two below 1 mm}
     *
     * @param thicknessMm thickness, mm
     */
    public int layers(double thicknessMm) {
        int least = thicknessMm < THIN_MM ? 2 : 3;
        return Math.max(least, (int) Math.round(thicknessMm / cellMm(thicknessMm)));
    }
}
