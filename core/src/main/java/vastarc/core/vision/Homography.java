package vastarc.core.vision;

import boofcv.alg.geo.h.HomographyDirectLinearTransform;
import boofcv.struct.geo.AssociatedPair;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ejml.data.DMatrixRMaj;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/** How a flat sheet appears in a picture: nine coefficients row by row, the last one 1. {@code docs/model/vision.md (3)}. */
final class Homography {

    /** Coefficients that are free. */
    static final int FREE = 8;

    private static final int SIDE = 3;

    private final double[] coefficients;
    private final double[] inverse;

    private Homography(double[] coefficients) {
        this.coefficients = coefficients;
        RealMatrix matrix = MatrixUtils.createRealMatrix(SIDE, SIDE);
        for (int i = 0; i < SIDE * SIDE; i++) {
            matrix.setEntry(i / SIDE, i % SIDE, coefficients[i]);
        }
        RealMatrix back = MatrixUtils.inverse(matrix);
        this.inverse = new double[SIDE * SIDE];
        for (int i = 0; i < SIDE * SIDE; i++) {
            inverse[i] = back.getEntry(i / SIDE, i % SIDE);
        }
    }

    /** The sheet's places and where they are in the picture: four or more, no three of the four in a line. */
    static Optional<Homography> of(List<PlanePoint> sheet, List<PixelPoint> picture) {
        List<AssociatedPair> pairs = new ArrayList<>(sheet.size());
        for (int i = 0; i < sheet.size(); i++) {
            pairs.add(new AssociatedPair(
                    sheet.get(i).uMm(),
                    sheet.get(i).vMm(),
                    picture.get(i).x(),
                    picture.get(i).y()));
        }
        DMatrixRMaj matrix = new DMatrixRMaj(SIDE, SIDE);
        if (!new HomographyDirectLinearTransform(true).process(pairs, matrix) || matrix.data[FREE] == 0) {
            return Optional.empty();
        }
        double[] scaled = new double[SIDE * SIDE];
        for (int i = 0; i < scaled.length; i++) {
            scaled[i] = matrix.data[i] / matrix.data[FREE];
        }
        return sound(scaled);
    }

    private static Optional<Homography> sound(double[] coefficients) {
        for (double coefficient : coefficients) {
            if (!Double.isFinite(coefficient)) {
                return Optional.empty();
            }
        }
        try {
            return Optional.of(new Homography(coefficients));
        } catch (MathIllegalArgumentException flat) {
            return Optional.empty();
        }
    }

    /** One with a coefficient moved by an amount of its own size. */
    Homography moved(int coefficient, double by) {
        double[] changed = coefficients.clone();
        changed[coefficient] += by;
        return new Homography(changed);
    }

    /** One with all coefficients moved; empty where that is none. */
    Optional<Homography> moved(double[] by) {
        double[] changed = coefficients.clone();
        for (int i = 0; i < FREE; i++) {
            changed[i] += by[i];
        }
        return sound(changed);
    }

    /** A step of a coefficient that moves what lies 50 mm away by a fraction of a pixel. */
    double step(int coefficient) {
        double size =
                coefficient < 2 * SIDE ? 1 : 1 / Math.max(1, Math.abs(coefficients[2]) + Math.abs(coefficients[5]));
        return 1e-4 * size * (coefficient % SIDE == 2 ? 10 : 1);
    }

    PixelPoint toPicture(PlanePoint point) {
        double w = coefficients[6] * point.uMm() + coefficients[7] * point.vMm() + coefficients[8];
        if (w <= 0) {
            return new PixelPoint(Double.NaN, Double.NaN);
        }
        return new PixelPoint(
                (coefficients[0] * point.uMm() + coefficients[1] * point.vMm() + coefficients[2]) / w,
                (coefficients[3] * point.uMm() + coefficients[4] * point.vMm() + coefficients[5]) / w);
    }

    PlanePoint toPlane(PixelPoint place) {
        double w = inverse[6] * place.x() + inverse[7] * place.y() + inverse[8];
        return new PlanePoint(
                (inverse[0] * place.x() + inverse[1] * place.y() + inverse[2]) / w,
                (inverse[3] * place.x() + inverse[4] * place.y() + inverse[5]) / w);
    }
}
