package vastarc.core.vision;

import java.util.ArrayList;
import java.util.List;

/**
 * The printed strip: two rows of twelve squares like a chess board on white paper, the upper left one left out, and a grey field at the right. Places in
 * mm from the upper left corner, v down.
 */
public final class StripLayout {

    /** Side of a square, mm. */
    public static final double SQUARE_MM = 5;

    /** Squares of a row. */
    public static final int COLUMNS = 12;

    /** Rows. */
    public static final int ROWS = 2;

    /** Where the grey field begins, mm. */
    public static final double GREY_FROM_MM = 61;

    /** Where it ends, mm. */
    public static final double GREY_TO_MM = 73;

    /** Share of the light that it gives back. */
    public static final double GREY_REFLECTANCE = 0.5;

    static final double HEIGHT_MM = ROWS * SQUARE_MM;

    private StripLayout() {}

    /**
     * {@return whether a square is printed black}
     *
     * @param row    0 above, 1 below
     * @param column 0 to 11 from the left
     */
    public static boolean isBlack(int row, int column) {
        return (row + column) % 2 == 0 && row + column > 0;
    }

    /**
     * An edge that is printed: where its middle lies, which way its normal points, and whether it is darker behind.
     *
     * @param middle on the sheet
     * @param u      of the normal
     * @param v      of the normal
     * @param darker it is darker on the side the normal points to
     */
    record PrintedEdge(PlanePoint middle, double u, double v, boolean darker) {}

    /** Every edge between black and white, but for the last that stands too near to the grey field; and those of that field. */
    static List<PrintedEdge> edges() {
        List<PrintedEdge> edges = new ArrayList<>();
        for (int row = 0; row < ROWS; row++) {
            double v = (row + 0.5) * SQUARE_MM;
            for (int column = 0; column < COLUMNS; column++) {
                boolean before = column > 0 && isBlack(row, column - 1);
                boolean after = isBlack(row, column);
                if (before != after) {
                    edges.add(new PrintedEdge(new PlanePoint(column * SQUARE_MM, v), 1, 0, after));
                }
            }
        }
        for (int column = 0; column < COLUMNS; column++) {
            double u = (column + 0.5) * SQUARE_MM;
            for (int row = 0; row <= ROWS; row++) {
                boolean above = row > 0 && isBlack(row - 1, column);
                boolean below = row < ROWS && isBlack(row, column);
                if (above != below) {
                    edges.add(new PrintedEdge(new PlanePoint(u, row * SQUARE_MM), 0, 1, below));
                }
            }
        }
        double middle = (GREY_FROM_MM + GREY_TO_MM) / 2;
        edges.add(new PrintedEdge(new PlanePoint(GREY_TO_MM, HEIGHT_MM / 2), 1, 0, false));
        edges.add(new PrintedEdge(new PlanePoint(middle, 0), 0, 1, true));
        edges.add(new PrintedEdge(new PlanePoint(middle, HEIGHT_MM), 0, 1, false));
        return edges;
    }
}
