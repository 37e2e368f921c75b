package vastarc.core.simulation.observe;

import java.util.Arrays;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.source.TorchPath;

/** When the arc last passed each place of the seam; where it never comes, when it was at the nearest it came. */
final class ArcPassage {

    private static final double PART_MM = 0.05;

    private final double[] passedS;
    private final boolean ring;
    private final double partMm;
    private final int columns;
    private double beforeMm = Double.NaN;
    private double beforeS;

    /** @param smoothMm length over which the pool's lag behind the arc is averaged, to each side */
    ArcPassage(Grid grid, double smoothMm) {
        double length = grid.columns * grid.dx;
        this.passedS = new double[(int) Math.ceil(length / PART_MM)];
        this.partMm = length / passedS.length;
        this.ring = grid.ring;
        this.columns = Math.max(1, (int) Math.round(smoothMm / grid.dx));
        Arrays.fill(passedS, Double.NaN);
    }

    /** Columns to each side over which the lag is averaged. */
    int columns() {
        return columns;
    }

    /** The torch has gone on since it was last seen. */
    void see(TorchPath path) {
        double xMm = path.xMm();
        double s = path.realS();
        double fromMm = Double.isNaN(beforeMm) ? xMm : beforeMm;
        int first = (int) Math.floor(fromMm / partMm);
        int last = (int) Math.floor(xMm / partMm);
        for (int part = first; part <= last; part++) {
            double share = xMm > fromMm ? Math.max(0, Math.min(1, (part * partMm - fromMm) / (xMm - fromMm))) : 1;
            if (part > first || Double.isNaN(beforeMm)) {
                passedS[at(part)] = Double.isNaN(beforeMm) ? s : beforeS + share * (s - beforeS);
            }
        }
        beforeMm = xMm;
        beforeS = s;
    }

    private int at(int part) {
        return ring ? Math.floorMod(part, passedS.length) : Math.max(0, Math.min(passedS.length - 1, part));
    }

    /** When the arc passed a place, s; not a number before it has struck. */
    double passedS(double xMm) {
        int part = at((int) Math.floor(xMm / partMm));
        for (int away = 0; away < passedS.length; away++) {
            if (!Double.isNaN(passedS[at(part - away)])) {
                return passedS[at(part - away)];
            }
            if (!Double.isNaN(passedS[at(part + away)])) {
                return passedS[at(part + away)];
            }
        }
        return Double.NaN;
    }
}
