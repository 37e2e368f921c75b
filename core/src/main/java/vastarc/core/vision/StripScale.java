package vastarc.core.vision;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.StripLayout.PrintedEdge;

/**
 * A scale from the printed strip: the tilt of the camera is taken out, and what the edges of the squares leave over says how sure it is.
 * {@code docs/model/vision.md (3)}.
 */
final class StripScale implements PlaneMap {

    /** Edges are looked for so far on both sides, mm. */
    private static final double REACH = 1.4;

    /** At first the map may be off. */
    private static final double FIRST_REACH = 2.2;

    private static final double ALONG = 1.5;
    private static final int ALONG_LINES = 7;
    private static final double STEP = 0.04;
    private static final int ROUNDS = 5;
    private static final int LEAST_EDGES = 24;

    /** In light, full white being 1. */
    private static final double LEAST_CONTRAST = 0.006;

    /** Edges that lie farther off than the others by so much are left out, mm: at first all may be off. */
    private static final double FIRST_OFFSET = 0.6;

    private static final double LAST_OFFSET = 0.03;
    private static final double LEAST_SINGULAR = 1e-8;

    /** The coefficients of the map, and by how much ink spreads beyond its edge. */
    private static final int UNKNOWNS = Homography.FREE + 1;

    /** The paper's own: a print is that true (judgement), as a share of a length. */
    private static final double PRINT = 0.0005;

    private final Homography map;
    private final RealMatrix covariance;

    private StripScale(Homography map, RealMatrix covariance) {
        this.map = map;
        this.covariance = covariance;
    }

    /** What an edge says: how far it lies from where it should, mm, and how that changes with the coefficients. */
    private record EdgeReading(PrintedEdge edge, double offsetMm) {}

    /** Fits the strip's edges, from a first guess. */
    static Optional<StripScale> fitted(Photo photo, Homography first) {
        Homography map = first;
        List<PrintedEdge> edges = StripLayout.edges();
        for (int round = 0; round < ROUNDS; round++) {
            List<EdgeReading> read = read(photo, map, edges, round);
            if (read.size() < LEAST_EDGES) {
                return Optional.empty();
            }
            Optional<Homography> next = improved(map, read);
            if (next.isEmpty()) {
                return Optional.empty();
            }
            map = next.get();
        }
        List<EdgeReading> read = read(photo, map, edges, ROUNDS);
        return read.size() < LEAST_EDGES ? Optional.empty() : withCovariance(map, read);
    }

    private static List<EdgeReading> read(Photo photo, Homography map, List<PrintedEdge> edges, int round) {
        List<EdgeReading> read = new ArrayList<>(edges.size());
        for (PrintedEdge edge : edges) {
            offset(photo, map, edge, round < 2 ? FIRST_REACH : REACH)
                    .ifPresent(offset -> read.add(new EdgeReading(edge, offset)));
        }
        double typical = OrderStatistics.median(
                read.stream().mapToDouble(r -> Math.abs(r.offsetMm())).toArray());
        return read.stream()
                .filter(r -> Math.abs(r.offsetMm()) <= 5 * typical + (round < ROUNDS ? FIRST_OFFSET : LAST_OFFSET))
                .toList();
    }

    /** Where the brightness changes most across an edge, mm from where the map has it. */
    private static Optional<Double> offset(Photo photo, Homography map, PrintedEdge edge, double reach) {
        int half = (int) Math.round(reach / STEP);
        double[] profile = new double[2 * half + 1];
        for (int i = -half; i <= half; i++) {
            for (int j = 0; j < ALONG_LINES; j++) {
                double along = ALONG * (2.0 * j / (ALONG_LINES - 1) - 1);
                PixelPoint place = map.toPicture(edge.middle()
                        .plus(i * STEP * edge.u() + along * edge.v(), i * STEP * edge.v() + along * edge.u()));
                profile[i + half] += Light.of(photo.grey(place.x(), place.y())) / ALONG_LINES;
            }
        }
        return crossing(profile, half, edge.darker());
    }

    /** The place where half of the change is made: blur does not move it. */
    private static Optional<Double> crossing(double[] profile, int half, boolean darker) {
        int flat = half / 3;
        double before = mean(profile, 0, flat);
        double after = mean(profile, 2 * half + 1 - flat, 2 * half + 1);
        double change = darker ? before - after : after - before;
        if (!(change > LEAST_CONTRAST)) {
            return Optional.empty();
        }
        double middle = (before + after) / 2;
        double best = Double.NaN;
        for (int i = 0; i + 1 < profile.length; i++) {
            boolean crosses = darker
                    ? profile[i] >= middle && profile[i + 1] < middle
                    : profile[i] <= middle && profile[i + 1] > middle;
            if (crosses) {
                double at = (i + (middle - profile[i]) / (profile[i + 1] - profile[i]) - half) * STEP;
                best = Double.isNaN(best) || Math.abs(at) < Math.abs(best) ? at : best;
            }
        }
        return Double.isNaN(best) ? Optional.empty() : Optional.of(best);
    }

    private static double mean(double[] values, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += values[i];
        }
        return sum / (to - from);
    }

    /** How a coefficient moves an edge along its normal, mm on the sheet for one unit of it. */
    private static RealMatrix slopes(Homography map, List<EdgeReading> read) {
        RealMatrix slopes = MatrixUtils.createRealMatrix(read.size(), UNKNOWNS);
        for (int i = 0; i < read.size(); i++) {
            slopes.setEntry(i, Homography.FREE, read.get(i).edge().darker() ? 1 : -1);
        }
        for (int k = 0; k < Homography.FREE; k++) {
            double step = map.step(k);
            Homography moved = map.moved(k, step);
            for (int i = 0; i < read.size(); i++) {
                PrintedEdge edge = read.get(i).edge();
                PlanePoint now = map.toPlane(moved.toPicture(edge.middle()));
                double along = (now.uMm() - edge.middle().uMm()) * edge.u()
                        + (now.vMm() - edge.middle().vMm()) * edge.v();
                slopes.setEntry(i, k, along / step);
            }
        }
        return slopes;
    }

    private static Optional<Homography> improved(Homography map, List<EdgeReading> read) {
        RealMatrix slopes = slopes(map, read);
        RealVector offsets = new ArrayRealVector(
                read.stream().mapToDouble(EdgeReading::offsetMm).toArray());
        return normal(slopes)
                .flatMap(inverse -> map.moved(
                        inverse.multiply(slopes.transpose()).operate(offsets).toArray()));
    }

    private static Optional<RealMatrix> normal(RealMatrix slopes) {
        try {
            RealMatrix scaled = slopes.copy();
            double[] sizes = new double[UNKNOWNS];
            for (int k = 0; k < sizes.length; k++) {
                sizes[k] = slopes.getColumnVector(k).getNorm();
                scaled.setColumnVector(k, slopes.getColumnVector(k).mapDivide(sizes[k]));
            }
            RealMatrix inverse = new SingularValueDecomposition(scaled).getCovariance(LEAST_SINGULAR);
            for (int i = 0; i < sizes.length; i++) {
                for (int k = 0; k < sizes.length; k++) {
                    inverse.multiplyEntry(i, k, 1 / (sizes[i] * sizes[k]));
                }
            }
            return Optional.of(inverse);
        } catch (MathRuntimeException unstable) {
            return Optional.empty();
        }
    }

    private static Optional<StripScale> withCovariance(Homography map, List<EdgeReading> read) {
        double squares =
                read.stream().mapToDouble(r -> r.offsetMm() * r.offsetMm()).sum();
        double variance = squares / (read.size() - UNKNOWNS);
        return normal(slopes(map, read))
                .map(inverse -> new StripScale(
                        map,
                        inverse.getSubMatrix(0, Homography.FREE - 1, 0, Homography.FREE - 1)
                                .scalarMultiply(variance)));
    }

    @Override
    public PlanePoint toPlane(PixelPoint place) {
        return map.toPlane(place);
    }

    @Override
    public PixelPoint toPicture(PlanePoint point) {
        return map.toPicture(point);
    }

    /** The scale's own, carried from the strip to where it is asked. */
    @Override
    public double uncertainty(PlanePoint point) {
        double[] slopes = new double[Homography.FREE];
        double here = size(map, point);
        for (int k = 0; k < slopes.length; k++) {
            double step = map.step(k);
            slopes[k] = (Math.log(size(map.moved(k, step), point)) - Math.log(here)) / step;
        }
        RealVector gradient = new ArrayRealVector(slopes);
        double variance = covariance.operate(gradient).dotProduct(gradient) + PRINT * PRINT;
        return Uncertain.NINE_OF_TEN * Math.sqrt(Math.max(0, variance));
    }

    private static double size(Homography map, PlanePoint point) {
        PixelPoint left = map.toPicture(point.plus(-1, 0));
        PixelPoint right = map.toPicture(point.plus(1, 0));
        PixelPoint above = map.toPicture(point.plus(0, -1));
        PixelPoint below = map.toPicture(point.plus(0, 1));
        return Math.sqrt(Math.abs(
                (right.x() - left.x()) * (below.y() - above.y()) - (right.y() - left.y()) * (below.x() - above.x())));
    }
}
