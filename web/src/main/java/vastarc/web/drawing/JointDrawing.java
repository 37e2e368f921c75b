package vastarc.web.drawing;

import java.util.Locale;
import vastarc.core.consumable.Cup;
import vastarc.core.joint.Groove;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Position;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/**
 * The joint in section, to scale: members, expected pool, torch, tungsten, arc and wire, turned as it stands in its position, with
 * the direction of gravity.
 *
 * <p>Drawn in the seam's own frame first: the arc strikes at the origin, the torch's axis points up the page for a butt and to the
 * upper right for a corner. The position then turns the frame. Upright seams are seen from above, gravity along the seam.
 */
public final class JointDrawing {

    private static final double ASPECT = 0.84;

    private final Sheet sheet;
    private final Joint joint;
    private final Position position;
    private final UnitSystem units;
    private final double half;
    private final double font;
    private final Point centre;
    private final Pencil pencil;

    private JointDrawing(Sheet sheet, UnitSystem units) {
        this.sheet = sheet;
        this.joint = sheet.joint();
        this.position = sheet.practice().position();
        this.units = units;
        double pool = sheet.setting(SettingKey.POOL_WIDTH).value();
        this.half = Math.max(4, Math.min(22, 2.1 * pool + 1.6 * joint.thickerMm() + 1.5));
        this.font = half * 0.082;
        this.pencil = new Pencil(turn(), position == Position.PD && joint.form().isCorner());
        this.centre = centre();
    }

    /** The view looks a little up the torch's axis, where there is more to see. */
    private Point centre() {
        boolean corner = joint.form().isCorner();
        double up = (corner
                        ? 0.18
                        : joint.form() == JointForm.OUTSIDE_CORNER || joint.form() == JointForm.EDGE ? 0.12 : 0.3)
                * half;
        return corner ? pencil.at(up * Math.sqrt(0.5), -up * Math.sqrt(0.5)) : pencil.at(0, -up);
    }

    public static Drawing of(Sheet sheet, UnitSystem units) {
        return new JointDrawing(sheet, units).draw();
    }

    /** How far the frame turns clockwise for the position, degrees. */
    private double turn() {
        boolean corner = joint.form().isCorner();
        return switch (position) {
            case PB -> corner ? 0 : 25;
            case PC -> corner ? 45 : 90;
            case PD -> corner ? 0 : 155;
            case PE -> corner ? 135 : 180;
            case HL045, JL045 -> 45;
            default -> corner && position == Position.PA ? -45 : 0;
        };
    }

    private boolean alongSeam() {
        return position == Position.PF || position == Position.PG || position == Position.PH || position == Position.PJ;
    }

    private Drawing draw() {
        gas();
        new MembersDrawing(joint, position, units, half, font, pencil).draw();
        pool();
        torch();
        if (sheet.practice().wire()) {
            wire();
        }
        gravity();
        scaleBar();
        double height = 2 * half * ASPECT;
        return pencil.drawing(centre.x() - half, centre.y() - height / 2, 2 * half, height, title(), font);
    }

    private String title() {
        String form = say("joint." + joint.form().name());
        return form + ", " + length(joint.base().inMillimetres()) + " and "
                + length(joint.abutting().inMillimetres()) + " "
                + say("material." + joint.material().name()) + ", position " + position.letters() + " ("
                + say("position." + position.name())
                + "), with torch" + (sheet.practice().wire() ? ", wire" : "") + " and expected pool";
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }

    private String length(double millimetres) {
        return units.show(Quantity.millimetres(millimetres)).line();
    }

    private double far() {
        return MembersDrawing.far(half);
    }

    // --- pool
    // ----------------------------------------------------------------------------------------------------------------

    private void pool() {
        double front = sheet.setting(SettingKey.POOL_WIDTH).value() / 2;
        if (joint.form().isCorner()) {
            cornerPool(front);
        } else {
            throughPool(front, sheet.setting(SettingKey.BACK_BEAD).value() / 2);
        }
    }

    private void throughPool(double front, double back) {
        double crown = sheet.practice().wire() ? 0.16 * front : -0.05 * front;
        if (joint.groove().isPresent()) {
            Groove groove = joint.groove().get();
            double t = joint.thinnerMm();
            double gap = groove.gap().inMillimetres() / 2;
            double bottom = t + 0.25 * gap;
            double top = Math.max(0, t - groove.rootFace().inMillimetres() - gap);
            double width =
                    gap + Math.max(0, t - groove.rootFace().inMillimetres() - top) * groove.halfAngleTangent() + 0.4;
            pencil.curve(
                    "pool",
                    -width,
                    top,
                    0,
                    top + 0.5 * gap,
                    width,
                    top,
                    width + 0.3,
                    (top + bottom) / 2,
                    gap + 0.3,
                    bottom - 0.2,
                    0,
                    bottom + 0.6,
                    -gap - 0.3,
                    bottom - 0.2,
                    -width - 0.3,
                    (top + bottom) / 2,
                    -width,
                    top);
            return;
        }
        double t = joint.thinnerMm();
        double off = joint.form() == JointForm.OUTSIDE_CORNER ? joint.thinnerMm() * Math.sqrt(0.5) * 0.25 : 0;
        if (back > 0) {
            double bulge = 0.18 * back;
            double below = t + off + 2 * bulge + 0.7 * font;
            if (joint.form() != JointForm.EDGE) {
                pencil.dimension(-back, below, back, below, length(2 * back), font, 0, 1.2 * font);
            }
            pencil.curve(
                    "pool",
                    -front,
                    off,
                    0,
                    off - 2 * crown,
                    front,
                    off,
                    0.9 * (front + back) / 2,
                    t / 2 + off,
                    back,
                    t + off,
                    0,
                    t + off + 2 * bulge,
                    -back,
                    t + off,
                    -0.9 * (front + back) / 2,
                    t / 2 + off,
                    -front,
                    off);
        } else {
            double depth = Math.min(t, front);
            pencil.curve(
                    "pool",
                    -front,
                    off,
                    0,
                    off - 2 * crown,
                    front,
                    off,
                    front * 0.9,
                    depth,
                    0,
                    depth,
                    -front * 0.9,
                    depth,
                    -front,
                    off);
        }
    }

    /** A fillet bead, and the metal it has fused below both faces. */
    private void cornerPool(double reach) {
        double leg = Math.max(reach, sheet.practice().wire() ? Math.min(0.8 + joint.thinnerMm(), 4.5) : reach * 0.8);
        double depth = Math.min(0.55 * reach, 0.8 * joint.thinnerMm());
        if (joint.form() == JointForm.LAP) {
            double top = Math.min(joint.abutting().inMillimetres(), leg);
            pencil.curve(
                    "pool",
                    -0.5 * depth,
                    -top,
                    0.5 * leg,
                    -0.75 * top,
                    leg,
                    0,
                    0.6 * leg,
                    depth,
                    0,
                    depth,
                    -1.3 * depth,
                    0,
                    -0.5 * depth,
                    -top);
            return;
        }
        pencil.curve(
                "pool",
                0,
                -leg,
                0.42 * leg,
                -0.42 * leg,
                leg,
                0,
                0.6 * leg,
                depth,
                0,
                depth,
                -depth,
                depth,
                -depth,
                0,
                -depth,
                -0.6 * leg,
                0,
                -leg);
    }

    // --- torch
    // ---------------------------------------------------------------------------------------------------------------

    /** The blanket of gas, behind everything. */
    private void gas() {
        Torch torch = Torch.of(sheet);
        double bore = torch.boreRadius();
        double end = torch.tip() + torch.stickOut();
        pencil.area(
                "gas",
                torch.axis().at(-bore, end, bore, end, bore * 1.25, torch.surface(), -bore * 1.25, torch.surface()));
    }

    private void torch() {
        Torch torch = Torch.of(sheet);
        double radius = torch.tungstenRadius();
        double tip = torch.tip();
        double end = tip + torch.stickOut();
        double bore = torch.boreRadius();
        double spread = sheet.setting(SettingKey.POOL_WIDTH).value() / 2.6;
        double shoulder = tip + torch.taper();
        Axis axis = torch.axis();
        pencil.area("arc", axis.at(0, tip, -spread, torch.surface(), spread, torch.surface()));
        pencil.area(
                "tungsten",
                axis.at(0, tip, radius, shoulder, radius, end + far(), -radius, end + far(), -radius, shoulder));
        pencil.area("cup", axis.at(-bore, end, -bore - 1.2, end, -bore - 1.6, end + far(), -bore, end + far()));
        pencil.area("cup", axis.at(bore, end, bore + 1.2, end, bore + 1.6, end + far(), bore, end + far()));
    }

    /**
     * The torch along its own axis, mm from the seam's origin.
     *
     * @param surface        where the arc strikes
     * @param tip            tip of the tungsten
     * @param tungstenRadius radius of the tungsten
     * @param taper          length of its point
     * @param stickOut       beyond the cup
     * @param boreRadius     radius of the cup's bore
     */
    private record Torch(
            Axis axis,
            double surface,
            double tip,
            double tungstenRadius,
            double taper,
            double stickOut,
            double boreRadius) {

        static Torch of(Sheet sheet) {
            Joint joint = sheet.joint();
            boolean corner = joint.form().isCorner();
            double depth = joint.groove()
                    .map(groove -> joint.thinnerMm() - groove.rootFace().inMillimetres())
                    .orElse(0.0);
            double surface = corner ? 0.5 * Math.min(2.7, 0.8 + joint.thinnerMm()) : -depth;
            double radius = sheet.setting(SettingKey.TUNGSTEN_DIAMETER).value() / 2;
            double halfAngle =
                    Math.toRadians(sheet.setting(SettingKey.TIP_ANGLE).value() / 2);
            int cup = (int) sheet.setting(SettingKey.CUP_SIZE).value();
            return new Torch(
                    new Axis(corner ? Math.PI / 4 : 0),
                    surface,
                    surface + sheet.heat().demand().arcMm(),
                    radius,
                    radius / Math.tan(halfAngle),
                    sheet.setting(SettingKey.STICK_OUT).value(),
                    Cup.atLeast(0, cup).boreMm() / 2);
        }
    }

    /** Turns torch coordinates (across, along the axis away from the work) into the seam's frame. */
    private record Axis(double lean) {

        double[] at(double... acrossAlong) {
            double[] xy = new double[acrossAlong.length];
            for (int i = 0; i < xy.length; i += 2) {
                double across = acrossAlong[i];
                double along = acrossAlong[i + 1];
                xy[i] = across * Math.cos(lean) + along * Math.sin(lean);
                xy[i + 1] = across * Math.sin(lean) - along * Math.cos(lean);
            }
            return xy;
        }
    }

    /** The wire lies almost along the seam: its tip is seen end on, with a short length of it behind. */
    private void wire() {
        double radius = sheet.setting(SettingKey.WIRE_DIAMETER).value() / 2;
        double pool = sheet.setting(SettingKey.POOL_WIDTH).value() / 2;
        double slope =
                Math.toRadians(joint.form().isCorner() ? 9 : joint.groove().isPresent() ? 64 : 20);
        double x = joint.form().isCorner() ? pool * 0.95 : pool * 0.55;
        double y = joint.form().isCorner() ? -pool * 0.1 - radius : -radius - 0.2;
        if (joint.groove().isPresent()) {
            y += Math.max(0, joint.thinnerMm() - joint.groove().get().rootFace().inMillimetres() - 0.5);
        }
        int side = position == Position.PC && !joint.form().isCorner() ? -1 : 1;
        double dx = far() * Math.cos(slope);
        double dy = -far() * Math.sin(slope);
        double nx = radius * Math.sin(slope);
        double ny = radius * Math.cos(slope);
        pencil.area(
                "wire",
                side * (x - nx),
                y - ny,
                side * (x + dx - nx),
                y + dy - ny,
                side * (x + dx + nx),
                y + dy + ny,
                side * (x + nx),
                y + ny);
    }

    // --- page
    // ----------------------------------------------------------------------------------------------------------------

    private void gravity() {
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
                position.letters() + " · " + position.numberLetterName(),
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

    private void scaleBar() {
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
