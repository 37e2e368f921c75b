package vastarc.web.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A finished drawing.
 *
 * @param viewBox  SVG view box, mm
 * @param title    what it shows, for those who cannot see it
 * @param paths    lines and areas, back to front
 * @param labels   words and figures, on top
 * @param fontMm   letter height, mm, so that print size does not depend on scale
 */
public record Drawing(String viewBox, String title, List<Path> paths, List<Label> labels, double fontMm) {

    /** An SVG path and its style class; the words are told of whoever points at it, empty for none. */
    public record Path(String d, String style, String words) {

        /**
         * One without words.
         *
         * @param d     as SVG writes it
         * @param style class of its style
         */
        public Path(String d, String style) {
            this(d, style, "");
        }
    }

    /** Text at a place; anchor is {@code start}, {@code middle} or {@code end}. */
    public record Label(double x, double y, String text, String anchor, String style) {}

    public Drawing {
        paths = List.copyOf(paths);
        labels = List.copyOf(labels);
    }

    /** A point in mm, x to the right and y down the page. */
    public record Point(double x, double y) {

        Point plus(double dx, double dy) {
            return new Point(x + dx, y + dy);
        }

        Point turned(double degrees) {
            double angle = Math.toRadians(degrees);
            double cos = Math.cos(angle);
            double sin = Math.sin(angle);
            return new Point(x * cos - y * sin, x * sin + y * cos);
        }
    }

    /** Collects paths and labels, turning every point by a fixed angle about the origin. */
    static final class Pencil {
        private final List<Path> paths = new ArrayList<>();
        private final List<Label> labels = new ArrayList<>();
        private final double turnDeg;
        private final boolean mirrored;

        Pencil(double turnDeg, boolean mirrored) {
            this.turnDeg = turnDeg;
            this.mirrored = mirrored;
        }

        Point at(double x, double y) {
            return new Point(x, mirrored ? -y : y).turned(turnDeg);
        }

        void area(String style, double... xy) {
            paths.add(new Path(line(xy) + "Z", style));
        }

        void line(String style, double... xy) {
            paths.add(new Path(line(xy), style));
        }

        private String line(double... xy) {
            StringBuilder d = new StringBuilder();
            for (int i = 0; i < xy.length; i += 2) {
                d.append(i == 0 ? "M" : "L").append(text(at(xy[i], xy[i + 1])));
            }
            return d.toString();
        }

        /** A smooth closed shape through quadratic arcs: start, then pairs of control and end point. */
        void curve(String style, double... xy) {
            StringBuilder d = new StringBuilder("M").append(text(at(xy[0], xy[1])));
            for (int i = 2; i + 3 < xy.length; i += 4) {
                d.append("Q").append(text(at(xy[i], xy[i + 1]))).append(" ").append(text(at(xy[i + 2], xy[i + 3])));
            }
            paths.add(new Path(d + "Z", style));
        }

        /** A circle, given in drawing coordinates before turning. */
        void circle(String style, double x, double y, double radius) {
            Point c = at(x, y);
            paths.add(new Path(
                    String.format(
                            Locale.ROOT,
                            "M%.3f %.3fa%.3f %.3f 0 1 0 %.3f 0a%.3f %.3f 0 1 0 %.3f 0Z",
                            c.x() - radius,
                            c.y(),
                            radius,
                            radius,
                            2 * radius,
                            radius,
                            radius,
                            -2 * radius),
                    style));
        }

        /** A dimension line with an arrow head at both ends and its figure beside the middle. */
        void dimension(
                double x1,
                double y1,
                double x2,
                double y2,
                String figure,
                double fontMm,
                double asideX,
                double asideY) {
            Point a = at(x1, y1);
            Point b = at(x2, y2);
            paths.add(new Path("M" + text(a) + "L" + text(b), "dim"));
            head(a, b, fontMm * 0.5);
            head(b, a, fontMm * 0.5);
            Point side = at((x1 + x2) / 2 + asideX, (y1 + y2) / 2 + asideY);
            label(side, figure, anchorFor(side, new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2)), "dim-text");
        }

        private static String anchorFor(Point label, Point from) {
            double dx = label.x() - from.x();
            return Math.abs(dx) < 0.6 * Math.abs(label.y() - from.y()) || Math.abs(dx) < 1e-6
                    ? "middle"
                    : dx > 0 ? "start" : "end";
        }

        private void head(Point tip, Point from, double size) {
            double angle = Math.atan2(from.y() - tip.y(), from.x() - tip.x());
            Point point = tip.plus(size * Math.cos(angle + 0.4), size * Math.sin(angle + 0.4));
            Point two = tip.plus(size * Math.cos(angle - 0.4), size * Math.sin(angle - 0.4));
            paths.add(new Path("M" + text(point) + "L" + text(tip) + "L" + text(two), "dim"));
        }

        /** An arrow on the page, not turned. */
        void arrow(Point from, Point to, double headMm, String style) {
            paths.add(new Path("M" + text(from) + "L" + text(to), style));
            double angle = Math.atan2(from.y() - to.y(), from.x() - to.x());
            Point point = to.plus(headMm * Math.cos(angle + 0.45), headMm * Math.sin(angle + 0.45));
            Point two = to.plus(headMm * Math.cos(angle - 0.45), headMm * Math.sin(angle - 0.45));
            paths.add(new Path("M" + text(point) + "L" + text(to) + "L" + text(two), style));
        }

        /** A path given in page coordinates. */
        void raw(String d, String style) {
            paths.add(new Path(d, style));
        }

        /** The same with words for whoever points at it. */
        void raw(String d, String style, String words) {
            paths.add(new Path(d, style, words));
        }

        void label(Point at, String text, String anchor, String style) {
            labels.add(new Label(rounded(at.x()), rounded(at.y()), text, anchor, style));
        }

        Drawing drawing(double left, double top, double width, double height, String title, double fontMm) {
            String box = String.format(Locale.ROOT, "%.3f %.3f %.3f %.3f", left, top, width, height);
            return new Drawing(box, title, paths, labels, fontMm);
        }

        private static String text(Point point) {
            return rounded(point.x()) + " " + rounded(point.y());
        }

        private static double rounded(double value) {
            return Math.round(value * 1000) / 1000.0;
        }
    }
}
