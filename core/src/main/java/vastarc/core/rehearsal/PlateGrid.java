package vastarc.core.rehearsal;

import java.util.Arrays;

/**
 * A half plate cut into cells: along the seam (x) all alike, across it (y, from the seam outward) growing, through it (z, from the arc's
 * face) all alike. A column is all cells of one x; in it the cells of one depth stand together, from the seam outward.
 */
final class PlateGrid {

    private static final double GROWTH = 1.1;
    /** A column is filled up to a multiple of this, so that every width of the processor's registers fits. */
    private static final int LANES = 8;

    final int columns;
    final int rows;
    final int layers;
    /** Cells of a column with those that only fill it up. */
    final int stride;

    final double dx;
    final double dz;
    /** Edges of the rows, mm from the seam; one more than rows. */
    final double[] edges;
    /** Middles of the rows. */
    final double[] middles;

    /** Conductances to the neighbours over the cell's volume, 1/mm²; 0 where there is none. */
    final double[] outward;

    final double[] inward;
    final double[] down;
    final double[] up;
    /** Those and the two along the seam, together. */
    final double[] all;

    PlateGrid(double lengthMm, double halfWidthMm, double thicknessMm, Quality quality) {
        double cell = quality.cellMm(thicknessMm);
        columns = Math.max(2, (int) Math.round(lengthMm / cell));
        dx = lengthMm / columns;
        layers = quality.layers(thicknessMm);
        dz = thicknessMm / layers;
        edges = edges(halfWidthMm, cell);
        rows = edges.length - 1;
        middles = new double[rows];
        for (int y = 0; y < rows; y++) {
            middles[y] = (edges[y] + edges[y + 1]) / 2;
        }
        stride = (rows * layers + LANES - 1) / LANES * LANES;
        outward = new double[stride];
        inward = new double[stride];
        down = new double[stride];
        up = new double[stride];
        all = new double[stride];
        connect();
    }

    /** How many rows a half width takes. */
    static int rows(double halfWidthMm, double cell) {
        return Math.max(4, (int) Math.ceil(Math.log(1 + halfWidthMm / cell * (GROWTH - 1)) / Math.log(GROWTH)));
    }

    /** As many rows as a growth of a tenth at most needs; the growth is then eased until they just fill the width. */
    private static double[] edges(double halfWidthMm, double cell) {
        int rows = rows(halfWidthMm, cell);
        double low = 1e-9;
        double high = GROWTH - 1;
        for (int i = 0; i < 60; i++) {
            double mid = (low + high) / 2;
            if (cell * (Math.pow(1 + mid, rows) - 1) / mid < halfWidthMm) {
                low = mid;
            } else {
                high = mid;
            }
        }
        double[] edges = new double[rows + 1];
        for (int y = 1; y <= rows; y++) {
            edges[y] = halfWidthMm * (Math.pow(1 + low, y) - 1) / (Math.pow(1 + low, rows) - 1);
        }
        return edges;
    }

    private void connect() {
        double along = 2 / (dx * dx);
        // Cells that only fill a column up stay as they were made.
        Arrays.fill(all, along);
        double through = 1 / (dz * dz);
        for (int z = 0; z < layers; z++) {
            for (int y = 0; y < rows; y++) {
                int j = z * rows + y;
                double width = edges[y + 1] - edges[y];
                outward[j] = y == rows - 1 ? 0 : 1 / (width * (middles[y + 1] - middles[y]));
                inward[j] = y == 0 ? 0 : 1 / (width * (middles[y] - middles[y - 1]));
                down[j] = z == layers - 1 ? 0 : through;
                up[j] = z == 0 ? 0 : through;
                all[j] = along + outward[j] + inward[j] + down[j] + up[j];
            }
        }
    }

    int cells() {
        return columns * rows * layers;
    }

    /** Middle of a column, mm from the plate's start. */
    double x(int column) {
        return (column + 0.5) * dx;
    }

    /** mm³ of a cell. */
    double volume(int row) {
        return dx * dz * (edges[row + 1] - edges[row]);
    }

    /** The most connected cell, 1/mm²: what bounds the step in time. */
    double mostConnected() {
        double most = 0;
        for (double one : all) {
            most = Math.max(most, one);
        }
        return most;
    }
}
