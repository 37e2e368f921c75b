package vastarc.web.drawing;

import vastarc.core.domain.joint.Position;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/**
 * How the seam is in a position, seen from the side: members, torch, travel and gravity (down the page). View box 0 0 96 72.
 */
public final class PositionDrawing {

    private static final double WIDTH = 96;
    private static final double HEIGHT = 72;

    private final Pencil pencil = new Pencil(0, false);

    private PositionDrawing() {}

    /**
     * Draws a welding position.
     *
     * @param position the position
     * @param words the words to search for
     * @return the drawing
     */
    public static Drawing of(Position position, String words) {
        PositionDrawing drawing = new PositionDrawing();
        drawing.draw(position);
        drawing.gravity();
        return drawing.pencil.drawing(0, 0, WIDTH, HEIGHT, position.letters() + ": " + words, 10);
    }

    private void draw(Position position) {
        switch (position) {
            case PA -> {
                plate(22, 46, 92, 46);
                torch(57, 43, 0, -1);
                travel(62, 58, 84, 58);
            }
            case PB -> {
                plate(22, 58, 92, 58);
                plate(46, 12, 46, 55);
                torch(51, 53, 0.7, -0.7);
                intoThePage(76, 44);
            }
            case PC -> {
                plate(44, 6, 44, 34);
                plate(44, 38, 44, 68);
                torch(48, 36, 1, 0.15);
                intoThePage(76, 56);
            }
            case PD -> {
                plate(22, 14, 92, 14);
                plate(46, 17, 46, 62);
                torch(51, 19, 0.7, 0.7);
                intoThePage(78, 54);
            }
            case PE -> {
                plate(22, 26, 92, 26);
                torch(57, 29, 0, 1);
                travel(62, 14, 84, 14);
            }
            case PF -> upright(60, 14);
            case PG -> upright(14, 60);
            case PH -> ring(true);
            case PJ -> ring(false);
            case HL045 -> leaning(true);
            case JL045 -> leaning(false);
        }
    }

    private void plate(double x1, double y1, double x2, double y2) {
        pencil.line("member", x1, y1, x2, y2);
    }

    /** Torch with its tip at a place, its body in a direction from there. */
    private void torch(double x, double y, double dx, double dy) {
        pencil.line("mark", x + 2 * dx, y + 2 * dy, x + 9 * dx, y + 9 * dy);
        pencil.line("torch-body", x + 9 * dx, y + 9 * dy, x + 26 * dx, y + 26 * dy);
    }

    private void travel(double x1, double y1, double x2, double y2) {
        pencil.arrow(new Point(x1, y1), new Point(x2, y2), 6, "mark");
    }

    /** The seam runs away from the reader. */
    private void intoThePage(double x, double y) {
        pencil.circle("mark", x, y, 5);
        pencil.line("mark", x - 3.5, y - 3.5, x + 3.5, y + 3.5);
        pencil.line("mark", x - 3.5, y + 3.5, x + 3.5, y - 3.5);
    }

    private void upright(double from, double to) {
        plate(44, 4, 44, 68);
        torch(48, 38, 0.96, 0.28);
        travel(32, from, 32, to);
    }

    /** A level tube, seen along its axis; half of a lap on either side. */
    private void ring(boolean up) {
        pencil.circle("member", 50, 36, 16);
        torch(50 + 18, 36, 0.95, 0.3);
        double from = up ? 60 : 12;
        double to = up ? 12 : 60;
        pencil.raw("M37 " + from + "Q18 36 36 " + to, "mark");
        pencil.arrow(new Point(34, up ? to + 4 : to - 4), new Point(38, to), 6, "mark");
    }

    /** A tube leaning at 45°, seen from the side; the seam crosses it. */
    private void leaning(boolean up) {
        plate(30, 66, 76, 20);
        plate(46, 70, 92, 24);
        pencil.line("seam", 50, 42, 68, 50);
        torch(62, 38, 0.35, -0.94);
        if (up) {
            travel(40, 38, 54, 24);
        } else {
            travel(54, 24, 40, 38);
        }
    }

    private void gravity() {
        pencil.arrow(new Point(9, 12), new Point(9, 40), 7, "gravity");
    }
}
