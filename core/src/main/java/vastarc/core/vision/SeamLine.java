package vastarc.core.vision;

import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;

/**
 * Where a seam runs on the sheet: a smooth curve through places a finger drew, and straight on at both ends.
 * {@code docs/model/vision.md (4)}.
 */
final class SeamLine {

    private static final int MOST_BENDS = 4;

    private final double[] u;
    private final double[] v;
    private final double lengthMm;

    private SeamLine(double[] u, double[] v, double lengthMm) {
        this.u = u;
        this.v = v;
        this.lengthMm = lengthMm;
    }

    /** A place on the seam and the direction it runs in there. */
    record SeamPlace(PlanePoint at, double alongU, double alongV) {

        /** The place beside it, mm to the right of who looks along the seam where v points down. */
        PlanePoint beside(double mm) {
            return at.plus(-alongV * mm, alongU * mm);
        }
    }

    /** A line through two places or more that do not all lie in one. */
    static SeamLine through(List<PlanePoint> points) {
        int size = points.size();
        double[] along = new double[size];
        for (int i = 1; i < size; i++) {
            along[i] = along[i - 1] + points.get(i).distance(points.get(i - 1));
        }
        double length = along[size - 1];
        int degree = Math.min(size - 1, MOST_BENDS);
        double[][] powers = new double[size][degree + 1];
        for (int i = 0; i < size; i++) {
            for (int k = 0; k <= degree; k++) {
                powers[i][k] = Math.pow(along[i] / length, k);
            }
        }
        var solver = new QRDecomposition(new Array2DRowRealMatrix(powers), 1e-9).getSolver();
        double[] u = points.stream().mapToDouble(PlanePoint::uMm).toArray();
        double[] v = points.stream().mapToDouble(PlanePoint::vMm).toArray();
        return new SeamLine(
                solver.solve(new ArrayRealVector(u)).toArray(),
                solver.solve(new ArrayRealVector(v)).toArray(),
                length);
    }

    double lengthMm() {
        return lengthMm;
    }

    /** The place so far from the beginning; beyond the ends the line runs on straight. */
    SeamPlace at(double mm) {
        double share = mm / lengthMm;
        double inside = Math.max(0, Math.min(1, share));
        double du = slope(u, inside);
        double dv = slope(v, inside);
        double size = Math.hypot(du, dv);
        double beyond = (share - inside) * lengthMm;
        return new SeamPlace(
                new PlanePoint(value(u, inside) + beyond * du / size, value(v, inside) + beyond * dv / size),
                du / size,
                dv / size);
    }

    private static double value(double[] coefficients, double x) {
        double value = 0;
        for (int k = coefficients.length - 1; k >= 0; k--) {
            value = value * x + coefficients[k];
        }
        return value;
    }

    private static double slope(double[] coefficients, double x) {
        double slope = 0;
        for (int k = coefficients.length - 1; k > 0; k--) {
            slope = slope * x + k * coefficients[k];
        }
        return slope;
    }
}
