package vastarc.web.drawing;

import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.PoolOutline;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Position;
import vastarc.web.drawing.Drawing.Pencil;

/** Torch, gas, arc and wire over a seam, in the seam's own frame. */
final class TorchDrawing {

    private final SetupSheet sheet;
    private final Joint joint;
    private final Position position;
    private final double half;
    private final Pencil pencil;

    TorchDrawing(SetupSheet sheet, double half, Pencil pencil) {
        this.sheet = sheet;
        this.joint = sheet.joint();
        this.position = sheet.practice().position();
        this.half = half;
        this.pencil = pencil;
    }

    private double far() {
        return MembersDrawing.far(half);
    }

    /** The blanket of gas, behind everything. */
    void gas() {
        TorchOutline torch = TorchOutline.of(sheet);
        double bore = torch.boreRadius();
        double end = torch.tip() + torch.stickOut();
        pencil.area(
                "gas",
                torch.axis().at(-bore, end, bore, end, bore * 1.25, torch.surface(), -bore * 1.25, torch.surface()));
    }

    void torch() {
        TorchOutline torch = TorchOutline.of(sheet);
        double radius = torch.tungstenRadius();
        double tip = torch.tip();
        double end = tip + torch.stickOut();
        double bore = torch.boreRadius();
        double spread = sheet.setting(ParameterKey.POOL_WIDTH).value() / 2.6;
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
    private record TorchOutline(
            Axis axis,
            double surface,
            double tip,
            double tungstenRadius,
            double taper,
            double stickOut,
            double boreRadius) {

        static TorchOutline of(SetupSheet sheet) {
            Joint joint = sheet.joint();
            boolean corner = joint.form().isCorner();
            double surface = PoolOutline.strikesAtMm(joint);
            double radius = sheet.setting(ParameterKey.TUNGSTEN_DIAMETER).value() / 2;
            double halfAngle =
                    Math.toRadians(sheet.setting(ParameterKey.TIP_ANGLE).value() / 2);
            int cup = (int) sheet.setting(ParameterKey.CUP_SIZE).value();
            return new TorchOutline(
                    new Axis(corner ? Math.PI / 4 : 0),
                    surface,
                    surface + sheet.heat().demand().arcMm(),
                    radius,
                    radius / Math.tan(halfAngle),
                    sheet.setting(ParameterKey.STICK_OUT).value(),
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
    void wire() {
        double radius = sheet.setting(ParameterKey.WIRE_DIAMETER).value() / 2;
        double pool = sheet.setting(ParameterKey.POOL_WIDTH).value() / 2;
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
}
