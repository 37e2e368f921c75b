package vastarc.core.rehearsal;

import org.hipparchus.special.Erf;

/** How a round Gaussian spot, e⁻² of its middle at the radius, falls on the cells of a plate. */
final class Spot {

    /** Beyond so many radii less than 2e-8 of the heat falls. */
    private static final double REACH = 2.8;

    private final PlateGrid grid;
    private final double radius;
    private final boolean reflects;
    private final double[] across;
    private final double[] along;
    private int first;
    private int last;

    Spot(PlateGrid grid, double radiusMm, boolean reflects) {
        this.grid = grid;
        this.radius = radiusMm;
        this.reflects = reflects;
        this.across = across();
        this.along = new double[grid.columns];
    }

    /** The half of the spot on this half of the plate; what is aimed beside the plate is spread over what falls on it. */
    private double[] across() {
        double[] shares = new double[grid.rows];
        double whole = 2 * upTo(grid.edges[grid.rows]) - 1;
        for (int y = 0; y < grid.rows; y++) {
            shares[y] = (upTo(grid.edges[y + 1]) - upTo(grid.edges[y])) / whole;
        }
        return shares;
    }

    /** The share of a spot on one side of a line so far from its middle. */
    private double upTo(double mm) {
        return 0.5 * (1 + Erf.erf(Math.sqrt(2) * mm / radius));
    }

    /**
     * Heats the arc's face.
     *
     * @param joule of the whole spot
     * @return J that the whole plate took up
     */
    double heat(double[] enthalpy, int pad, double arcX, double joule) {
        aim(arcX);
        double taken = 0;
        for (int x = first; x < last; x++) {
            int start = pad + x * grid.stride;
            for (int y = 0; y < grid.rows; y++) {
                double share = joule * along[x] * across[y];
                enthalpy[start + y] += share / grid.volume(y);
                taken += 2 * share;
            }
        }
        return taken;
    }

    /** The first column that the spot last aimed at does not touch. */
    int ends() {
        return last;
    }

    private void aim(double arcX) {
        double length = grid.columns * grid.dx;
        double reach = REACH * radius;
        first = Math.max(0, (int) Math.floor((arcX - reach) / grid.dx));
        last = Math.min(grid.columns, (int) Math.ceil((arcX + reach) / grid.dx));
        for (int x = first; x < last; x++) {
            double share = share(x, arcX);
            along[x] = reflects ? share + share(x, -arcX) + share(x, 2 * length - arcX) : share;
        }
    }

    private double share(int column, double arcX) {
        return upTo((column + 1) * grid.dx - arcX) - upTo(column * grid.dx - arcX);
    }
}
