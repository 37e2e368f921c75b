package vastarc.core.simulation.mesh;

import java.util.Arrays;
import java.util.function.IntToDoubleFunction;
import vastarc.core.simulation.mesh.JointOutlines.FlatPlate;
import vastarc.core.simulation.mesh.SectionMesh.BoundaryFace;

/**
 * A joint cut into cells: along the seam (x) all alike, and in each section as its {@link SectionMesh} says. A column is all cells of one x; in
 * it the cells of one depth stand together, across the seam, as its {@link ColumnLayout} says.
 */
public final class Grid {

    /** The section that every column has. */
    public final SectionMesh section;
    /** Columns along the seam. */
    public final int columns;
    /** Rows across the seam. */
    public final int rows;
    /** Layers downward. */
    public final int layers;
    /** Where the cells of a column are in memory. */
    public final ColumnLayout layout;
    /** Cells of a column with those that only fill it up. */
    public final int stride;

    /** Length of a column, mm. */
    public final double dx;
    /** A tube: the last column meets the first. */
    public final boolean ring;

    /** Conductances to the neighbours over the cell's volume, 1/mm²; 0 where there is none. */
    public final double[] outward;

    /** To the neighbour towards the seam. */
    public final double[] inward;
    /** To the neighbour below. */
    public final double[] down;
    /** To the neighbour above. */
    public final double[] up;
    /** Those and the two along the seam, together. */
    public final double[] all;
    /** mm³ of a cell; 0 where there is no metal. */
    public final double[] volume;

    private final int metal;

    /**
     * Cuts a section into columns along the seam.
     *
     * @param mesh the mesh
     * @param lengthMm length, mm
     * @param cell length of a column, about, mm
     * @param ring whether the last column meets the first
     */
    public Grid(SectionMesh mesh, double lengthMm, double cell, boolean ring) {
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

    /**
     * {@return half a flat plate, arc on its face}
     *
     * @param lengthMm length, mm
     * @param halfWidthMm half the width, mm
     * @param thicknessMm thickness, mm
     * @param quality how fine the mesh is
     */
    public static Grid ofPlate(double lengthMm, double halfWidthMm, double thicknessMm, MeshDetail quality) {
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
        volume[cell] = dx * width(section::acrossMm, row) * width(section::downMm, layer);
        outward[cell] = section.isMetal(row + 1, layer) ? conductance(section::acrossMm, row, 1) : 0;
        inward[cell] = section.isMetal(row - 1, layer) ? conductance(section::acrossMm, row, -1) : 0;
        down[cell] = section.isJoinedBelow(row, layer) ? conductance(section::downMm, layer, 1) : 0;
        up[cell] = section.isJoinedBelow(row, layer - 1) ? conductance(section::downMm, layer, -1) : 0;
        all[cell] += outward[cell] + inward[cell] + down[cell] + up[cell];
    }

    private static double width(IntToDoubleFunction edges, int cell) {
        return edges.applyAsDouble(cell + 1) - edges.applyAsDouble(cell);
    }

    private static double conductance(IntToDoubleFunction edges, int cell, int step) {
        double width = width(edges, cell);
        double other = width(edges, cell + step);
        return 1 / (width * (width + other) / 2);
    }

    /** {@return cells of metal} */
    public int cells() {
        return columns * metal;
    }

    /**
     * {@return middle of a column, mm from the plate's start}
     *
     * @param column number of the column along the seam, from 0
     */
    public double x(int column) {
        return (column + 0.5) * dx;
    }

    /**
     * {@return the column that a place lies in; beyond the ends the last one, round a ring as often as it goes}
     *
     * @param xMm from the joint's start, mm
     */
    public int column(double xMm) {
        return index((int) Math.floor(xMm / dx));
    }

    /**
     * {@return a number of a column as one that there is: beyond the ends the last one, round a ring as often as it goes}
     *
     * @param column any number
     */
    public int index(int column) {
        return ring ? Math.floorMod(column, columns) : Math.max(0, Math.min(columns - 1, column));
    }

    /**
     * {@return middle of a row, mm}
     *
     * @param row number of the row, from 0
     */
    public double y(int row) {
        return (section.acrossMm(row) + section.acrossMm(row + 1)) / 2;
    }

    /**
     * {@return place in a column of the cell behind a face}
     *
     * @param facet the face of a cell
     */
    public int cell(BoundaryFace facet) {
        return layout.place(facet.row(), facet.layer());
    }

    /** {@return the most connected cell, 1/mm²: what bounds the step in time} */
    public double mostConnected() {
        return Arrays.stream(all).max().orElse(0);
    }
}
