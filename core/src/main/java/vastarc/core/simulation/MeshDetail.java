package vastarc.core.simulation;

/** How finely a plate is cut. */
public enum MeshDetail {
    /** Quick enough to watch. */
    LIVE(1.0, 2),
    /** For figures. */
    FINE(0.5, 4),
    /** To see that FINE is fine enough. */
    PROOF(0.25, 8);

    private static final double FINEST_FINE_MM = 0.25;
    private static final double THIN_MM = 1;

    private final double cellMm;
    private final int cellsThrough;

    MeshDetail(double cellMm, int cellsThrough) {
        this.cellMm = cellMm;
        this.cellsThrough = cellsThrough;
    }

    /** Edge of a cell at the seam, mm: the finer of the usual one and a share of the thickness, within a bound for foil. */
    public double cellMm(double thicknessMm) {
        double finest = FINEST_FINE_MM * cellMm / FINE.cellMm;
        return Math.max(finest, Math.min(cellMm, thicknessMm / cellsThrough));
    }

    /** Cells through the thickness: at least three, two below 1 mm. */
    public int layers(double thicknessMm) {
        int least = thicknessMm < THIN_MM ? 2 : 3;
        return Math.max(least, (int) Math.round(thicknessMm / cellMm(thicknessMm)));
    }
}
