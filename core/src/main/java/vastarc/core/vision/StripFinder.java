package vastarc.core.vision;

import boofcv.alg.feature.detect.chess.ChessboardCorner;
import boofcv.alg.feature.detect.chess.DetectChessboardCornersXPyramid;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.ImageType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Finds the printed strip: the corners where four squares meet stand in a row of equal steps, and the squares about it tell which way it lies.
 * {@code docs/model/vision.md (3)}.
 */
final class StripFinder {

    private static final int LONGEST = 2000;
    private static final int LEAST_CHAIN = 7;
    private static final int CORNERS = 10;
    private static final double SPACING_TOLERANCE = 0.16;
    private static final double LIKE = 0.8;
    private static final double MIRRORED_BY = 0.03;

    /** The first corner of the row of ten, counted in squares from the left. */
    private static final int FIRST_CORNER = 2;

    private static final double[] SKEWS = {-0.45, -0.3, -0.15, 0, 0.15, 0.3, 0.45};
    private static final double[] STRETCHES = {0.6, 0.7, 0.82, 0.91, 1, 1.1, 1.22, 1.4};

    private StripFinder() {}

    /** A strip as it may lie, and how like the picture is to it, up to 1. */
    private record Guess(Homography map, double likeness, boolean mirrored) {}

    /**
     * {@return the scale that the strip gives; empty where none is found or it shows mirrored}
     *
     * @param photo the picture
     */
    static Optional<StripScale> find(Photo photo) {
        int step = Math.max(1, (int) Math.ceil(Math.max(photo.width(), photo.height()) / (double) LONGEST));
        List<PixelPoint> corners = corners(photo.reduced(step), step);
        return chain(corners)
                .flatMap(row -> guess(photo, row))
                .filter(guess -> !guess.mirrored())
                .flatMap(guess -> StripScale.fitted(photo, guess.map()));
    }

    private static List<PixelPoint> corners(GrayF32 small, int step) {
        DetectChessboardCornersXPyramid<GrayF32> detector =
                new DetectChessboardCornersXPyramid<>(ImageType.single(GrayF32.class));
        detector.process(small);
        List<PixelPoint> corners = new ArrayList<>();
        for (ChessboardCorner corner : detector.getCorners().toList()) {
            corners.add(new PixelPoint(corner.x * step, corner.y * step));
        }
        return corners;
    }

    /** The longest row of corners whose steps grow or shrink evenly, if it is long enough. */
    private static Optional<List<PixelPoint>> chain(List<PixelPoint> corners) {
        List<PixelPoint> best = List.of();
        for (PixelPoint from : corners) {
            for (PixelPoint to : nearest(corners, from)) {
                List<PixelPoint> row = continued(corners, from, to);
                best = row.size() > best.size() ? row : best;
            }
        }
        return best.size() >= LEAST_CHAIN ? Optional.of(best) : Optional.empty();
    }

    private static List<PixelPoint> nearest(List<PixelPoint> corners, PixelPoint from) {
        return corners.stream()
                .filter(corner -> !corner.equals(from))
                .sorted(Comparator.comparingDouble(from::distance))
                .limit(6)
                .toList();
    }

    private static List<PixelPoint> continued(List<PixelPoint> corners, PixelPoint from, PixelPoint to) {
        List<PixelPoint> row = new ArrayList<>(List.of(from, to));
        while (row.size() < CORNERS + 2) {
            PixelPoint last = row.get(row.size() - 1);
            PixelPoint before = row.get(row.size() - 2);
            PixelPoint expected = new PixelPoint(2 * last.x() - before.x(), 2 * last.y() - before.y());
            double tolerance = SPACING_TOLERANCE * last.distance(before);
            Optional<PixelPoint> next = corners.stream()
                    .filter(corner -> corner.distance(expected) < tolerance)
                    .min(Comparator.comparingDouble(expected::distance));
            if (next.isEmpty()) {
                return row;
            }
            row.add(next.get());
        }
        return row;
    }

    /** Every way the row can be read: from where it counts, which side is up, how far the camera tilts. */
    private static Optional<Guess> guess(Photo photo, List<PixelPoint> row) {
        Guess straight = null;
        Guess mirrored = null;
        for (int first = FIRST_CORNER - 2; first <= FIRST_CORNER + 2 + CORNERS - row.size(); first++) {
            for (int turn = 0; turn < 4; turn++) {
                for (double skew : SKEWS) {
                    for (double stretch : STRETCHES) {
                        Guess tried = tried(photo, row, first, turn, skew, stretch);
                        if (tried.mirrored()) {
                            mirrored = better(mirrored, tried);
                        } else {
                            straight = better(straight, tried);
                        }
                    }
                }
            }
        }
        if (straight == null || straight.likeness() < LIKE) {
            return Optional.empty();
        }
        return mirrored != null && mirrored.likeness() > straight.likeness() + MIRRORED_BY
                ? Optional.of(mirrored)
                : Optional.of(straight);
    }

    private static Guess better(@Nullable Guess one, Guess other) {
        return one == null || other.likeness() > one.likeness() ? other : one;
    }

    private static Guess tried(Photo photo, List<PixelPoint> row, int first, int turn, double skew, double stretch) {
        boolean backwards = turn % 2 == 1;
        boolean mirrored = turn >= 2;
        int size = row.size();
        List<PlanePoint> sheet = new ArrayList<>();
        List<PixelPoint> picture = new ArrayList<>();
        PixelPoint start = row.get(backwards ? size - 1 : 0);
        PixelPoint end = row.get(backwards ? 0 : size - 1);
        PixelPoint middle = row.get(size / 2);
        double x = (end.x() - start.x()) / (size - 1);
        double y = (end.y() - start.y()) / (size - 1);
        double side = mirrored ? -1 : 1;
        double acrossX = stretch * side * -y + skew * x;
        double acrossY = stretch * side * x + skew * y;
        for (int i = 0; i < size; i++) {
            PixelPoint corner = row.get(backwards ? size - 1 - i : i);
            double u = (first + i) * StripLayout.SQUARE_MM;
            double local = local(row, backwards ? size - 1 - i : i) / Math.hypot(x, y);
            sheet.add(new PlanePoint(u, StripLayout.SQUARE_MM));
            picture.add(corner);
            if (i == 0 || i == size - 1) {
                for (int sign = -1; sign <= 1; sign += 2) {
                    sheet.add(new PlanePoint(u, StripLayout.SQUARE_MM * (1 + sign)));
                    picture.add(
                            new PixelPoint(corner.x() + sign * local * acrossX, corner.y() + sign * local * acrossY));
                }
            }
        }
        return Homography.of(sheet, picture)
                .map(map -> new Guess(map, likeness(photo, map), mirrored))
                .orElse(new Guess(identity(middle), -1, mirrored));
    }

    /** The step of the row at a corner, pixels. */
    private static double local(List<PixelPoint> row, int at) {
        int from = Math.max(0, at - 1);
        int to = Math.min(row.size() - 1, at + 1);
        return row.get(from).distance(row.get(to)) / (to - from);
    }

    private static Homography identity(PixelPoint at) {
        return Homography.of(
                        List.of(new PlanePoint(0, 0), new PlanePoint(1, 0), new PlanePoint(1, 1), new PlanePoint(0, 1)),
                        List.of(
                                at,
                                new PixelPoint(at.x() + 1, at.y()),
                                new PixelPoint(at.x() + 1, at.y() + 1),
                                new PixelPoint(at.x(), at.y() + 1)))
                .orElseThrow();
    }

    /** How the brightness of the squares, the paper and the grey field goes with what is printed: correlation, −1 to 1. */
    private static double likeness(Photo photo, Homography map) {
        List<double[]> pairs = new ArrayList<>();
        for (int column = 0; column < StripLayout.COLUMNS; column++) {
            for (int row = 0; row < StripLayout.ROWS; row++) {
                double u = (column + 0.5) * StripLayout.SQUARE_MM;
                double v = (row + 0.5) * StripLayout.SQUARE_MM;
                for (double[] off : new double[][] {{0, 0}, {-2, -2}, {2, 2}, {-2, 2}, {2, -2}}) {
                    pairs.add(pair(photo, map, u + off[0], v + off[1], StripLayout.isBlack(row, column) ? 0 : 1));
                }
            }
        }
        for (int column = 0; column < StripLayout.COLUMNS; column++) {
            double u = (column + 0.5) * StripLayout.SQUARE_MM;
            for (double off : new double[] {-0.8, 0.8}) {
                pairs.add(pair(photo, map, u, off, off > 0 && StripLayout.isBlack(0, column) ? 0 : 1));
                pairs.add(pair(
                        photo, map, u, StripLayout.HEIGHT_MM - off, off > 0 && StripLayout.isBlack(1, column) ? 0 : 1));
            }
        }
        for (double u = StripLayout.GREY_FROM_MM + 1.5; u < StripLayout.GREY_TO_MM - 1; u += 1.5) {
            for (double v = 1.5; v < StripLayout.HEIGHT_MM - 1; v += 1.75) {
                pairs.add(pair(photo, map, u, v, 0.73));
            }
        }
        return correlation(pairs);
    }

    private static double[] pair(Photo photo, Homography map, double u, double v, double expected) {
        PixelPoint place = map.toPicture(new PlanePoint(u, v));
        return new double[] {photo.grey(place.x(), place.y()), expected};
    }

    private static double correlation(List<double[]> pairs) {
        double x = 0;
        double y = 0;
        for (double[] pair : pairs) {
            x += pair[0] / pairs.size();
            y += pair[1] / pairs.size();
        }
        double xx = 0;
        double yy = 0;
        double xy = 0;
        for (double[] pair : pairs) {
            xx += (pair[0] - x) * (pair[0] - x);
            yy += (pair[1] - y) * (pair[1] - y);
            xy += (pair[0] - x) * (pair[1] - y);
        }
        double likeness = xy / Math.sqrt(xx * yy);
        return Double.isFinite(likeness) ? likeness : -1;
    }
}
