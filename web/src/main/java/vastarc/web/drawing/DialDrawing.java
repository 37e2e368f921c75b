package vastarc.web.drawing;

import java.util.Locale;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.DialCurve;
import vastarc.core.equipment.DialReading;

/** What a dial gives, over its turn: readings, the curve through them, and how far it may be off. */
public final class DialDrawing {

    private static final double WIDTH = 400;
    private static final double HEIGHT = 190;
    private static final double LEFT = 46;
    private static final double BOTTOM = 34;
    private static final int POINTS = 60;

    private final DialCurve curve;
    private final double top;

    private DialDrawing(DialCurve curve) {
        this.curve = curve;
        double most = curve.ampsAt(1) + curve.uncertaintyA(1);
        double step = Math.pow(10, Math.floor(Math.log10(most)));
        this.top = Math.ceil(most / step * 2) / 2 * step;
    }

    /**
     * Draws what a dial gives.
     *
     * @param curve the curve of the dial
     * @param marks how many marks it has
     * @param units the units
     * @return the drawing
     */
    public static Drawing of(DialCurve curve, int marks, UnitSystem units) {
        return new DialDrawing(curve).draw(marks, units);
    }

    private double x(double place) {
        return LEFT + place * (WIDTH - LEFT - 12);
    }

    private double y(double amps) {
        return HEIGHT - BOTTOM - Math.max(0, amps) / top * (HEIGHT - BOTTOM - 10);
    }

    private Drawing draw(int marks, UnitSystem units) {
        Drawing.Pencil pencil = new Drawing.Pencil(0, false);
        StringBuilder upper = new StringBuilder();
        StringBuilder lower = new StringBuilder();
        StringBuilder middle = new StringBuilder();
        for (int i = 0; i <= POINTS; i++) {
            double place = (double) i / POINTS;
            double amps = curve.ampsAt(place);
            double off = curve.uncertaintyA(place);
            upper.append(point(i == 0 ? "M" : "L", place, amps + off));
            lower.insert(0, point("L", place, amps - off));
            middle.append(point(i == 0 ? "M" : "L", place, amps));
        }
        pencil.raw(upper.toString() + lower + "Z", "band");
        grid(pencil, marks, units);
        pencil.raw(middle.toString(), "mark");
        for (DialReading reading : curve.readings()) {
            pencil.raw(
                    String.format(Locale.ROOT, "M%.1f %.1fh10v10h-10Z", x(reading.place()) - 5, y(reading.amps()) - 5),
                    "reading");
        }
        pencil.label(new Drawing.Point(6, 14), "A", "start", "dim-text");
        pencil.label(new Drawing.Point(6, HEIGHT - BOTTOM + 20), "marks", "start", "dim-text");
        return pencil.drawing(0, 0, WIDTH, HEIGHT, "What the dial gives over its turn, with its uncertainty", 15);
    }

    private void grid(Drawing.Pencil pencil, int marks, UnitSystem units) {
        for (int i = 0; i <= 4; i++) {
            double amps = top * i / 4;
            pencil.raw(point("M", 0, amps) + point("L", 1, amps), "gridline");
            pencil.label(
                    new Drawing.Point(LEFT - 6, y(amps) + 5),
                    units.show(Quantity.amperes(amps)).figure(),
                    "end",
                    "dim-text");
        }
        for (int i = 0; i <= marks; i++) {
            double place = (double) i / marks;
            pencil.raw(String.format(Locale.ROOT, "M%.1f %.1fv6", x(place), HEIGHT - BOTTOM), "dim");
            if (i % Math.max(1, marks / 5) == 0) {
                pencil.label(
                        new Drawing.Point(x(place), HEIGHT - BOTTOM + 20), String.valueOf(i), "middle", "dim-text");
            }
        }
    }

    private String point(String verb, double place, double amps) {
        return String.format(Locale.ROOT, "%s%.1f %.1f", verb, x(place), y(amps));
    }
}
