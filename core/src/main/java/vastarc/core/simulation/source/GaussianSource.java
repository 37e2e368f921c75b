package vastarc.core.simulation.source;

import org.hipparchus.special.Erf;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.SectionMesh.BoundaryFace;

/** How a round Gaussian spot, e⁻² of its middle at the radius, falls on the faces that the arc sees. */
public final class GaussianSource {

    /** Beyond so many radii less than 2e-8 of the heat falls. */
    private static final double REACH = 2.8;

    /** A radius that has moved by less than this share is the same. */
    private static final double SAME = 0.005;

    private final Grid grid;
    private final boolean reflects;
    private final double aim;
    private final double[] across;
    private final int[] cells;
    private final double[] along;
    private double radius;
    private int first;
    private int last;

    /**
     * @param grid the grid
     * @param reflects what is aimed beyond the ends falls back on the plate; else it is lost
     * @param aim how far the spot's middle lies beside the root, across the arc's axis, in radii
     */
    public GaussianSource(Grid grid, boolean reflects, double aim) {
        this.grid = grid;
        this.reflects = reflects;
        this.aim = aim;
        this.across = new double[grid.section.front().size()];
        this.cells = grid.section.front().stream().mapToInt(grid::cell).toArray();
        this.along = new double[grid.columns];
    }

    /**
     * Opens or closes the spot. What is aimed beside the faces is spread over what falls on them.
     *
     * @param radiusMm radius of the heat, mm
     */
    public void open(double radiusMm) {
        if (Math.abs(radiusMm - radius) <= SAME * radius) {
            return;
        }
        radius = radiusMm;
        double sum = 0;
        for (int i = 0; i < across.length; i++) {
            BoundaryFace facet = grid.section.front().get(i);
            across[i] = upTo(facet.toMm() - aim * radius) - upTo(facet.fromMm() - aim * radius);
            sum += across[i];
        }
        for (int i = 0; i < across.length; i++) {
            across[i] /= sum * grid.section.whole();
        }
    }

    /** The share of a spot on one side of a line so far from its middle. */
    private double upTo(double mm) {
        return 0.5 * (1 + Erf.erf(Math.sqrt(2) * mm / radius));
    }

    /**
     * Aims at a place along the seam, mm.
     *
     * @param arcX where the arc is along the seam, mm
     * @return the share of its heat that the whole joint takes up
     */
    public double aim(double arcX) {
        if (grid.ring) {
            aimRound(arcX);
        } else {
            aimAlong(arcX);
        }
        double used = 0;
        for (int x = first; x < last; x++) {
            used += along[Math.floorMod(x, grid.columns)];
        }
        return used;
    }

    /**
     * Heats the faces where it aims.
     *
     * @param enthalpy enthalpy of the cells, J/mm³
     * @param pad distance between two columns in the array
     * @param joule of the whole spot
     */
    public void heat(double[] enthalpy, int pad, double joule) {
        for (int x = first; x < last; x++) {
            int start = pad + Math.floorMod(x, grid.columns) * grid.stride;
            double here = joule * along[Math.floorMod(x, grid.columns)];
            for (int i = 0; i < cells.length; i++) {
                enthalpy[start + cells[i]] += here * across[i] / grid.volume[cells[i]];
            }
        }
    }

    /**
     * {@return W/mm² on a facet that the arc sees, for each watt of the spot where it was last aimed}
     *
     * @param column number of the column along the seam, from 0
     * @param facet number of the face in its column, from 0
     */
    public double perMm2(int column, int facet) {
        boolean aimed = column >= first && column < last
                || grid.ring && (column + grid.columns < last || column - grid.columns >= first);
        return aimed
                ? along[column]
                        * across[facet]
                        / (grid.dx * grid.section.front().get(facet).lengthMm())
                : 0;
    }

    /** {@return the first column that the spot last aimed at does not touch} */
    public int ends() {
        return last;
    }

    private void aimAlong(double arcX) {
        double length = grid.columns * grid.dx;
        double reach = REACH * radius;
        first = Math.max(0, (int) Math.floor((arcX - reach) / grid.dx));
        last = Math.min(grid.columns, (int) Math.ceil((arcX + reach) / grid.dx));
        double before = upTo(first * grid.dx - arcX);
        for (int x = first; x < last; x++) {
            double next = upTo((x + 1) * grid.dx - arcX);
            along[x] = next - before;
            before = next;
        }
        if (reflects) {
            for (int x = first; x < last; x++) {
                along[x] += mirrored(x, -arcX, reach) + mirrored(x, 2 * length - arcX, reach);
            }
        }
    }

    /** What falls on a column from a spot beyond an end; nothing from one out of reach. */
    private double mirrored(int column, double at, double reach) {
        boolean far = Math.abs((column + 0.5) * grid.dx - at) > reach + grid.dx;
        return far ? 0 : share(column, at);
    }

    private void aimRound(double arcX) {
        double reach = Math.min(REACH * radius, grid.columns * grid.dx / 2 - grid.dx);
        first = (int) Math.floor((arcX - reach) / grid.dx);
        last = (int) Math.ceil((arcX + reach) / grid.dx);
        double before = upTo(first * grid.dx - arcX);
        for (int x = first; x < last; x++) {
            double next = upTo((x + 1) * grid.dx - arcX);
            along[Math.floorMod(x, grid.columns)] = next - before;
            before = next;
        }
    }

    private double share(int column, double arcX) {
        return upTo((column + 1) * grid.dx - arcX) - upTo(column * grid.dx - arcX);
    }
}
