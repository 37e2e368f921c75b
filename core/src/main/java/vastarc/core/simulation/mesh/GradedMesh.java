package vastarc.core.simulation.mesh;

import java.util.ArrayList;
import java.util.List;

/** Edges of cells along one direction, put down stretch by stretch. Cells grow from one to the next by no more than the mesh detail allows. */
public final class GradedMesh {

    private final List<Double> edges = new ArrayList<>();

    private final double growth;

    private GradedMesh(double growth, double from) {
        this.growth = growth;
        edges.add(from);
    }

    /**
     * Begins at a place, mm.
     *
     * @param detail how fine the mesh is
     * @param mm length, mm
     * @return the graded mesh
     */
    public static GradedMesh from(MeshDetail detail, double mm) {
        return new GradedMesh(detail.growth(), mm);
    }

    private double last() {
        return edges.get(edges.size() - 1);
    }

    /** Equal cells up to a place. */
    GradedMesh even(double to, int cells) {
        double from = last();
        for (int i = 1; i <= cells; i++) {
            edges.add(from + (to - from) * i / cells);
        }
        return this;
    }

    /**
     * {@return cells that begin at a size and grow up to a place}
     *
     * @param to size of the cell at the far end, mm
     * @param cell size of a cell, mm
     */
    public GradedMesh growing(double to, double cell) {
        double from = last();
        double[] steps = steps(to - from, cell);
        for (int i = 1; i < steps.length; i++) {
            edges.add(from + steps[i]);
        }
        return this;
    }

    /**
     * {@return cells that shrink to a size at a place}
     *
     * @param to size of the cell at the far end, mm
     * @param cell size of a cell, mm
     */
    public GradedMesh shrinking(double to, double cell) {
        double[] steps = steps(to - last(), cell);
        for (int i = steps.length - 2; i >= 0; i--) {
            edges.add(to - steps[i]);
        }
        return this;
    }

    /** {@return edges of the cells, mm, growing} */
    public double[] edges() {
        return edges.stream().mapToDouble(edge -> edge).toArray();
    }

    /**
     * {@return how many growing cells a length takes}
     *
     * @param length length, mm
     * @param cell size of a cell, mm
     * @param growth ratio of one cell to the one before it, above 1
     */
    public static int count(double length, double cell, double growth) {
        return Math.max(4, (int) Math.ceil(Math.log(1 + length / cell * (growth - 1)) / Math.log(growth)));
    }

    /** The growth is eased until the cells just fill the length. */
    private double[] steps(double length, double cell) {
        int cells = count(length, cell, growth);
        double low = 1e-9;
        double high = growth - 1;
        for (int i = 0; i < 60; i++) {
            double mid = (low + high) / 2;
            if (cell * (Math.pow(1 + mid, cells) - 1) / mid < length) {
                low = mid;
            } else {
                high = mid;
            }
        }
        double[] steps = new double[cells + 1];
        for (int i = 1; i <= cells; i++) {
            steps[i] = length * (Math.pow(1 + low, i) - 1) / (Math.pow(1 + low, cells) - 1);
        }
        return steps;
    }
}
