package vastarc.core.simulation;

import java.util.Arrays;
import vastarc.core.simulation.JointOutlines.FlatPlate;
import vastarc.core.simulation.SectionMesh.BoundaryFace;

/**
 * A joint cut into cells: along the seam (x) all alike, and in each section as its {@link SectionMesh} says. A column is all cells of one x; in
 * it the cells of one depth stand together, across the seam, as its {@link ColumnLayout} says.
 */
final class Grid {

    final SectionMesh section;
    final int columns;
    final int rows;
    final int layers;
    final ColumnLayout layout;
    /** Cells of a column with those that only fill it up. */
    final int stride;

    final double dx;
    /** A tube: the last column meets the first. */
    final boolean ring;

    /** Conductances to the neighbours over the cell's volume, 1/mm²; 0 where there is none. */
    final double[] outward;

    final double[] inward;
    final double[] down;
    final double[] up;
    /** Those and the two along the seam, together. */
    final double[] all;
    /** mm³ of a cell; 0 where there is no metal. */
    final double[] volume;

    private final int metal;

    Grid(SectionMesh mesh, double lengthMm, double cell, boolean ring) {
        this.section = mesh;
        this.ring = ring;
        columns = Math.max(4, (int) Math.round(lengthMm / cell));
        dx = lengthMm / columns;
        rows = mesh.rows();
        layers = mesh.layers();
        layout = new ColumnLayout(mesh);
        stride = layout.length();
        outward = new double[stride];
        inward = new double[stride];
        down = new double[stride];
        up = new double[stride];
        all = new double[stride];
        volume = new double[stride];
        // Cells without metal stay as they were made.
        Arrays.fill(all, 2 / (dx * dx));
        int cells = 0;
        for (int layer = 0; layer < layers; layer++) {
            for (int row = 0; row < rows; row++) {
                if (mesh.isMetal(row, layer)) {
                    connect(row, layer);
                    cells++;
                }
            }
        }
        metal = cells;
    }

    /** Half a flat plate, arc on its face. */
    static Grid ofPlate(double lengthMm, double halfWidthMm, double thicknessMm, MeshDetail quality) {
        double cell = quality.cellMm(thicknessMm);
        SectionMesh mesh = SectionMesh.of(
                new FlatPlate(halfWidthMm, thicknessMm),
                GradedMesh.from(quality, 0).growing(halfWidthMm, cell).edges(),
                GradedMesh.from(quality, 0)
                        .even(thicknessMm, quality.layers(thicknessMm))
                        .edges());
        return new Grid(mesh, lengthMm, cell, false);
    }

    private void connect(int row, int layer) {
        int cell = layout.place(row, layer);
        double[] y = section.across();
        double[] z = section.down();
        volume[cell] = dx * (y[row + 1] - y[row]) * (z[layer + 1] - z[layer]);
        outward[cell] = section.isMetal(row + 1, layer) ? conductance(y, row, 1) : 0;
        inward[cell] = section.isMetal(row - 1, layer) ? conductance(y, row, -1) : 0;
        down[cell] = section.isJoinedBelow(row, layer) ? conductance(z, layer, 1) : 0;
        up[cell] = section.isJoinedBelow(row, layer - 1) ? conductance(z, layer, -1) : 0;
        all[cell] += outward[cell] + inward[cell] + down[cell] + up[cell];
    }

    private static double conductance(double[] edges, int cell, int step) {
        double width = edges[cell + 1] - edges[cell];
        double other = edges[cell + step + 1] - edges[cell + step];
        return 1 / (width * (width + other) / 2);
    }

    /** Cells of metal. */
    int cells() {
        return columns * metal;
    }

    /** Middle of a column, mm from the plate's start. */
    double x(int column) {
        return (column + 0.5) * dx;
    }

    /** Middle of a row, mm. */
    double y(int row) {
        return (section.across()[row] + section.across()[row + 1]) / 2;
    }

    int cell(BoundaryFace facet) {
        return layout.place(facet.row(), facet.layer());
    }

    /** The most connected cell, 1/mm²: what bounds the step in time. */
    double mostConnected() {
        return Arrays.stream(all).max().orElse(0);
    }
}
