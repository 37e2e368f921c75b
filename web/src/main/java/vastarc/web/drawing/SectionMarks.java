package vastarc.web.drawing;

import java.util.Locale;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** What is beside a section: which way gravity pulls, the position, and a scale. */
final class SectionMarks {

    private final Joint joint;
    private final Position position;
    private final UnitSystem units;
    private final double half;
    private final double font;
    private final Point centre;
    private final Pencil pencil;

    SectionMarks(SetupSheet sheet, UnitSystem units, double half, double font, Point centre, Pencil pencil) {
        this.joint = sheet.joint();
        this.position = sheet.practice().position();
        this.units = units;
        this.half = half;
        this.font = font;
        this.centre = centre;
        this.pencil = pencil;
    }

    private boolean alongSeam() {
        return position == Position.PF || position == Position.PG || position == Position.PH || position == Position.PJ;
    }

    void gravity() {
        double x = centre.x() - 0.88 * half;
        boolean leaning = joint.form() == JointForm.TUBE_SADDLE;
        double y = centre.y() + (leaning ? 0.5 : -0.7) * half;
        if (alongSeam()) {
            boolean up = position == Position.PF || position == Position.PH;
            pencil.raw(circleAt(x, y, font * 0.8), "mark");
            double d = font * 0.5;
            pencil.raw(
                    String.format(
                            Locale.ROOT,
                            "M%.3f %.3fL%.3f %.3fM%.3f %.3fL%.3f %.3f",
                            x - d,
                            y - d,
                            x + d,
                            y + d,
                            x - d,
                            y + d,
                            x + d,
                            y - d),
                    "mark");
            pencil.label(new Point(x + 1.3 * font, y - 0.1 * font), "gravity into the page", "start", "note");
            pencil.label(
                    new Point(x + 1.3 * font, y + 1.1 * font),
                    up ? "travel up, towards you" : "travel down, away",
                    "start",
                    "note");
        } else {
            pencil.arrow(new Point(x, y - font), new Point(x, y + 1.6 * font), font * 0.7, "mark");
            pencil.label(new Point(x + 0.8 * font, y + 0.6 * font), "gravity", "start", "note");
        }
        pencil.label(
                centre.plus(-0.92 * half, 0.78 * half),
                position.letters() + " · " + position.numberLetterName(joint.form()),
                "start",
                "position");
    }

    private static String circleAt(double x, double y, double r) {
        return String.format(
                Locale.ROOT,
                "M%.3f %.3fa%.3f %.3f 0 1 0 %.3f 0a%.3f %.3f 0 1 0 %.3f 0Z",
                x - r,
                y,
                r,
                r,
                2 * r,
                r,
                r,
                -2 * r);
    }

    void scaleBar() {
        double bar = units == UnitSystem.METRIC
                ? half > 9 ? 10 : half > 5 ? 5 : 2
                : half > 9 ? 9.525 : half > 5 ? 6.35 : 3.175;
        String name = units == UnitSystem.METRIC
                ? Math.round(bar) + " mm"
                : half > 9 ? "3/8 in" : half > 5 ? "1/4 in" : "1/8 in";
        boolean torchBelow = position == Position.PE;
        double right = centre.x() + (torchBelow ? -0.92 * half + bar : 0.92 * half);
        double y = centre.y() + (torchBelow ? 0.6 : 0.76) * half;
        pencil.raw(
                String.format(
                        Locale.ROOT,
                        "M%.3f %.3fv%.3fM%.3f %.3fh%.3fM%.3f %.3fv%.3f",
                        right - bar,
                        y - 0.3 * font,
                        0.6 * font,
                        right - bar,
                        y,
                        bar,
                        right,
                        y - 0.3 * font,
                        0.6 * font),
                "mark");
        pencil.label(new Point(right - bar / 2, y - 0.6 * font), name, "middle", "note");
    }
}
