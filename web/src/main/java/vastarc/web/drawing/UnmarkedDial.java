package vastarc.web.drawing;

import java.util.Locale;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** A knob without figures, as a drill asks to read it: its stops, its ticks, where it points. */
public final class UnmarkedDial {

    private static final double RADIUS = 34;
    private static final double SWEEP = 270;
    private static final double FIRST = 135;

    private UnmarkedDial() {}

    /**
     * {@return a dial}
     *
     * @param low at its lowest stop, as written beside it
     * @param high at its highest
     * @param ticks steps between
     * @param place it points to, 0 to 1
     */
    public static Drawing of(String low, String high, int ticks, double place) {
        Pencil pencil = new Pencil(0, false);
        pencil.circle("tungsten", 0, 0, RADIUS);
        for (int i = 0; i <= ticks; i++) {
            double angle = angle(i / (double) ticks);
            ray(pencil, angle, RADIUS + 4, RADIUS + 11, "dim");
        }
        ray(pencil, angle(place), 8, RADIUS - 2, "member");
        pencil.label(at(angle(0), RADIUS + 24), low, "end", "position");
        pencil.label(at(angle(1), RADIUS + 24), high, "start", "position");
        return pencil.drawing(-100, -56, 200, 112, "A knob without figures", 13);
    }

    private static double angle(double share) {
        return Math.toRadians(FIRST + SWEEP * share);
    }

    private static Point at(double angle, double radius) {
        return new Point(radius * Math.cos(angle), radius * Math.sin(angle) + 4);
    }

    private static void ray(Pencil pencil, double angle, double from, double to, String style) {
        pencil.raw(
                String.format(
                        Locale.ROOT,
                        "M%.2f %.2fL%.2f %.2f",
                        from * Math.cos(angle),
                        from * Math.sin(angle),
                        to * Math.cos(angle),
                        to * Math.sin(angle)),
                style);
    }
}
