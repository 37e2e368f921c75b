package vastarc.core.vision;

import vastarc.core.vision.SeamLine.SeamPlace;
import vastarc.core.vision.ToeFinder.SeamPoint;

/**
 * The picture along a seam, laid straight: rows by the distance along it, columns across it, both at one pitch in mm. Colours 0 to 255. Beyond the edge
 * of the picture its last pixels stand. {@code docs/model/vision.md (4)}.
 */
final class SeamView {

    private static final int MOST_ROWS = 2600;
    private static final int MOST_COLUMNS = 560;
    private static final int MOST_SAMPLES = 3;
    private static final int BAND = 32;
    private static final int TILE = 8;

    private final SeamLine line;
    private final double fromMm;
    private final double pitchMm;
    private final double pixelMm;
    private final int rows;
    private final int columns;
    private final float[] red;
    private final float[] green;
    private final float[] blue;
    private final float[] grey;
    private final boolean[] seen;

    private SeamView(SeamLine line, double fromMm, double pitchMm, double pixelMm, int rows, int columns) {
        this.line = line;
        this.fromMm = fromMm;
        this.pitchMm = pitchMm;
        this.pixelMm = pixelMm;
        this.rows = rows;
        this.columns = columns;
        this.red = new float[rows * columns];
        this.green = new float[rows * columns];
        this.blue = new float[rows * columns];
        this.grey = new float[rows * columns];
        this.seen = new boolean[rows];
    }

    /** A seam with so much beside it and beyond its ends, mm. */
    static SeamView of(Photo photo, PlaneMap map, SeamLine line, double besideMm, double beyondMm) {
        double pixel = map.mmPerPixel(line.at(line.lengthMm() / 2).at());
        double length = line.lengthMm() + 2 * beyondMm;
        double pitch = Math.max(pixel, Math.max(length / MOST_ROWS, 2 * besideMm / MOST_COLUMNS));
        int columns = 2 * (int) Math.round(besideMm / pitch) + 1;
        int rows = (int) Math.round(length / pitch) + 1;
        SeamView view = new SeamView(line, -beyondMm, pitch, pixel, rows, columns);
        view.fill(photo, map, (int) Math.min(MOST_SAMPLES, Math.max(1, Math.round(pitch / pixel))));
        return view;
    }

    /** Band by band, and in each from side to side: places near each other in the picture are read one after the other, which is twice as quick. */
    private void fill(Photo photo, PlaneMap map, int samples) {
        for (int band = 0; band < rows; band += BAND) {
            int to = Math.min(rows, band + BAND);
            SeamPlace[][] places = new SeamPlace[to - band][samples];
            for (int row = band; row < to; row++) {
                seen[row] = photo.contains(map.toPicture(line.at(mm(row)).at()));
                for (int sub = 0; sub < samples; sub++) {
                    places[row - band][sub] = line.at(mm(row) + pitchMm * ((sub + 0.5) / samples - 0.5));
                }
            }
            for (int column = 0; column < columns; column += TILE) {
                for (int row = band; row < to; row++) {
                    fill(photo, map, row, column, places[row - band]);
                }
            }
        }
    }

    /** Some columns of a row: between the ends of so short a stretch the picture is straight. */
    private void fill(Photo photo, PlaneMap map, int row, int from, SeamPlace[] places) {
        int samples = places.length;
        int to = Math.min(columns, from + TILE);
        int count = (to - from) * samples;
        float[][] sums = new float[to - from][3];
        for (SeamPlace place : places) {
            PixelPoint start = map.toPicture(place.beside(besideMm(from - 0.5)));
            PixelPoint end = map.toPicture(place.beside(besideMm(to - 0.5)));
            double x = (end.x() - start.x()) / count;
            double y = (end.y() - start.y()) / count;
            for (int i = 0; i < count; i++) {
                photo.add(start.x() + (i + 0.5) * x, start.y() + (i + 0.5) * y, sums[i / samples]);
            }
        }
        for (int column = from; column < to; column++) {
            set(row * columns + column, sums[column - from], samples * samples);
        }
    }

    private void set(int at, float[] sums, float samples) {
        red[at] = sums[0] / samples;
        green[at] = sums[1] / samples;
        blue[at] = sums[2] / samples;
        grey[at] = (float) Photo.grey(red[at], green[at], blue[at]);
    }

    /** Whether the line itself is in the picture there. */
    boolean isSeen(int row) {
        return seen[row];
    }

    SeamLine line() {
        return line;
    }

    int rows() {
        return rows;
    }

    int columns() {
        return columns;
    }

    double pitchMm() {
        return pitchMm;
    }

    /** How long a pixel of the picture itself is, mm. */
    double pixelMm() {
        return pixelMm;
    }

    double mm(double row) {
        return fromMm + row * pitchMm;
    }

    double row(double mm) {
        return (mm - fromMm) / pitchMm;
    }

    double besideMm(double column) {
        return (column - (columns - 1) / 2.0) * pitchMm;
    }

    double column(double besideMm) {
        return besideMm / pitchMm + (columns - 1) / 2.0;
    }

    float grey(int row, int column) {
        return grey[row * columns + column];
    }

    /** How bright a square is on the mean, about a place along and beside the seam. */
    double meanGrey(double alongMm, double besideMm, double halfMm) {
        double sum = 0;
        int count = 0;
        for (double s = alongMm - halfMm; s <= alongMm + halfMm; s += pitchMm) {
            for (double t = besideMm - halfMm; t <= besideMm + halfMm; t += pitchMm) {
                int row = (int) Math.max(0, Math.min(rows - 1.0, Math.round(row(s))));
                int column = (int) Math.max(0, Math.min(columns - 1.0, Math.round(column(t))));
                sum += grey(row, column);
                count++;
            }
        }
        return sum / Math.max(1, count);
    }

    /** Red, green or blue by its number, 0 to 2. */
    float colour(int channel, int row, int column) {
        float[] plane = channel == 0 ? red : channel == 1 ? green : blue;
        return plane[row * columns + column];
    }

    /** Where a place of the sheet lies by the seam: the nearest row, looked for. */
    SeamPoint beside(PlanePoint place) {
        double best = Double.POSITIVE_INFINITY;
        SeamPoint nearest = new SeamPoint(0, 0);
        for (int row = 0; row < rows; row++) {
            SeamPlace at = line.at(mm(row));
            double distance = at.at().distance(place);
            if (distance < best) {
                best = distance;
                double u = place.uMm() - at.at().uMm();
                double v = place.vMm() - at.at().vMm();
                nearest = new SeamPoint(mm(row), v * at.alongU() - u * at.alongV());
            }
        }
        return nearest;
    }
}
