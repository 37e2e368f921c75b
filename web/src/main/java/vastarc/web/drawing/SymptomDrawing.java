package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vastarc.web.drawing.Drawing.Pencil;

/** What can be seen on a weld as a small sketch: the bead from above, the joint or the root in section, the tip of the tungsten. */
public final class SymptomDrawing {

    private static final double WIDTH = 96;
    private static final double HEIGHT = 44;
    private static final double MIDDLE = 22;
    private static final double RIPPLE = 5;

    private final Pencil pencil = new Pencil(0, false);

    private SymptomDrawing() {}

    /**
     * {@return the sketch of a sign; empty for what is heard or felt rather than seen}
     *
     * @param sign id of the symptom
     * @param words the words to search for
     */
    public static Optional<Drawing> of(String sign, String words) {
        SymptomDrawing sketch = new SymptomDrawing();
        boolean drawn = sketch.bead(sign) || SymptomSection.draw(sketch.pencil, sign);
        return drawn ? Optional.of(sketch.pencil.drawing(0, 0, WIDTH, HEIGHT, words, 10)) : Optional.empty();
    }

    private boolean bead(String sign) {
        return switch (sign) {
            case "BEAD_GREY", "TI_GREY" -> tinted("tint-grey", 8, 88);
            case "TI_BLUE" -> tinted("tint-blue", 8, 88);
            case "TINT_DARK_FRONT" -> tinted("tint-purple", 8, 88);
            case "TINT_END_ONLY" -> tinted("tint-blue", 66, 92);
            case "DARK_PATCH" -> tinted("tint-blue", 42, 60);
            case "TINT_BACK" -> tinted("tint-grey", 20, 76);
            case "TI_WHITE_POWDER" -> plain() && dots("tint-white", 26, 1.6);
            case "BEAD_BLACK_SOOT" -> plain() && dots("soot", 30, 1.8);
            case "SUGAR_BACK" -> plain() && dots("sugar", 40, 1.5);
            case "RUST_SPOTS" -> plain() && spots(List.of(14.0, 8.0, 40.0, 37.0, 62.0, 9.0, 80.0, 36.0), "sugar", 2);
            case "POROSITY" ->
                plain() && spots(List.of(20.0, 20.0, 34.0, 25.0, 48.0, 19.0, 61.0, 24.0, 76.0, 21.0), "hole", 1.7);
            case "TUNGSTEN_IN_WELD" -> plain() && spots(List.of(52.0, 21.0), "hole", 2.6);
            case "PINHOLE_TIE_IN" -> plain() && overlapped() && spots(List.of(60.0, 22.0), "hole", 1.8);
            case "BEAD_WIDENS" -> strip(4, 92, 5, 14);
            case "BEAD_NARROW_COLD" -> strip(4, 92, 4, 4);
            case "RIPPLE_UNEVEN" -> uneven();
            case "EDGE_BURNT_START" -> burnt(6);
            case "EDGE_BURNT_END" -> burnt(90);
            case "CRATER" -> plain() && ring(84);
            case "CRACK_CRATER" -> plain() && ring(84) && line("mark", "M78 18l12 8M79 27l10 -11M84 14v16");
            case "CRACK_LONG" -> plain() && line("mark", "M14 22l12 -1l10 2l14 -2l16 2l14 -1");
            case "CRACK_BESIDE" -> plain() && line("mark", "M18 33l14 -1l12 2l16 -1l12 1");
            case "WHITE_SMOKE" ->
                plain()
                        && dots("tint-white", 34, 1.2)
                        && line("mark", "M30 12q-5 -4 0 -8M48 12q-5 -4 0 -8M66 12q-5 -4 0 -8");
            case "SCRATCHES" -> plain() && line("mark", "M8 9l6 4l6 -4l6 4l6 -4l6 4l6 -4l6 4l6 -4l6 4l6 -4l6 4");
            case "ARC_MARKS" -> plain() && line("mark", "M22 6l5 5m0 -5l-5 5M66 34l5 5m0 -5l-5 5");
            case "TACK_CRACKED" -> tack();
            case "PULLS_ONE_WAY" -> line("member", "M6 30Q48 26 90 12") && line("gridline", "M6 30H90");
            case "BUCKLED" -> line("member", "M6 24q14 -14 28 0t28 0t28 0") && line("gridline", "M6 24H90");
            default -> false;
        };
    }

    private boolean plate() {
        pencil.raw("M2 3H94V41H2Z", "metal");
        return true;
    }

    private boolean plain() {
        return plate() && strip(4, 92, 8, 8);
    }

    /** A bead from one half width to another, with its ripples. */
    private boolean strip(double from, double to, double half, double halfEnd) {
        plate();
        pencil.raw(
                path(
                        "M%.1f %.1fL%.1f %.1fQ%.1f %.1f %.1f %.1fL%.1f %.1fQ%.1f %.1f %.1f %.1fZ",
                        from,
                        MIDDLE - half,
                        to - 3,
                        MIDDLE - halfEnd,
                        to + 2,
                        MIDDLE,
                        to - 3,
                        MIDDLE + halfEnd,
                        from,
                        MIDDLE + half,
                        from - 3,
                        MIDDLE,
                        from,
                        MIDDLE - half),
                "bead");
        for (double x = from + RIPPLE; x < to - 5; x += RIPPLE) {
            double wide = half + (halfEnd - half) * (x - from) / (to - from);
            ripple(x, wide);
        }
        return true;
    }

    private void ripple(double x, double half) {
        pencil.raw(path("M%.1f %.1fQ%.1f %.1f %.1f %.1f", x, MIDDLE - half, x + 4, MIDDLE, x, MIDDLE + half), "ripple");
    }

    private boolean uneven() {
        plate();
        pencil.raw("M4 15L24 12L40 17L58 13L76 17L90 14Q94 22 90 30L74 28L56 31L40 27L22 31L4 29Z", "bead");
        for (double x : new double[] {9, 12, 22, 33, 36, 39, 52, 66, 69, 82}) {
            ripple(x, 7);
        }
        return true;
    }

    private boolean tinted(String style, double from, double to) {
        plain();
        pencil.raw(path("M%.1f 10H%.1fV34H%.1fZ", from, to, from), style);
        return true;
    }

    private boolean dots(String style, int count, double radius) {
        for (int i = 0; i < count; i++) {
            double x = 8 + 80 * ((i * 0.618) % 1);
            double y = 8 + 28 * ((i * 0.7549) % 1);
            pencil.circle(style, x, y, radius);
        }
        return true;
    }

    private boolean spots(List<Double> places, String style, double radius) {
        for (int i = 0; i < places.size(); i += 2) {
            pencil.circle(style, places.get(i), places.get(i + 1), radius);
        }
        return true;
    }

    private boolean overlapped() {
        pencil.raw("M58 13Q66 22 58 31", "mark");
        return true;
    }

    private boolean ring(double x) {
        pencil.circle("hole-ring", x, MIDDLE, 5.5);
        pencil.circle("hole", x, MIDDLE, 1.6);
        return true;
    }

    private boolean burnt(double edge) {
        boolean start = edge < WIDTH / 2;
        strip(start ? 16 : 4, start ? 92 : 80, 8, 8);
        double in = start ? 18 : 78;
        double out = start ? 2 : 94;
        pencil.raw(path("M%.1f 10Q%.1f 22 %.1f 34Z", out, 2 * in - out, out), "burnt");
        return true;
    }

    private boolean tack() {
        plate();
        pencil.raw("M34 17Q48 10 62 17Q67 22 62 27Q48 34 34 27Q29 22 34 17Z", "bead");
        return line("mark", "M46 12l4 7l-4 5l4 8");
    }

    private boolean line(String style, String d) {
        pencil.raw(d, style);
        return true;
    }

    private static String path(String form, Object... figures) {
        return String.format(Locale.ROOT, form, figures);
    }
}
