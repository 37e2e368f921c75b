package vastarc.web.drawing;

import java.util.stream.DoubleStream;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.PoolOutline;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/**
 * The joint in section, to scale: members, expected pool, torch, tungsten, arc and wire, turned as it is in its position, with
 * the direction of gravity.
 *
 * <p>Drawn in the seam's own frame first: the arc strikes at the origin, the torch's axis points up the page for a butt and to the
 * upper right for a corner. The position then turns the frame. Upright seams are seen from above, gravity along the seam.
 */
public final class JointDrawing {

    private static final double ASPECT = 0.84;

    private final SetupSheet sheet;
    private final Joint joint;
    private final Position position;
    private final UnitSystem units;
    private final double half;
    private final double font;
    private final Point centre;
    private final Pencil pencil;

    private JointDrawing(SetupSheet sheet, UnitSystem units) {
        this.sheet = sheet;
        this.joint = sheet.joint();
        this.position = sheet.practice().position();
        this.units = units;
        double pool = sheet.setting(ParameterKey.POOL_WIDTH).value();
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

    /**
     * Draws the joint of a sheet in section.
     *
     * @param sheet the sheet
     * @param units the units
     * @return the drawing
     */
    public static Drawing of(SetupSheet sheet, UnitSystem units) {
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

    private Drawing draw() {
        TorchDrawing torch = new TorchDrawing(sheet, half, pencil);
        torch.gas();
        new MembersDrawing(joint, position, units, half, font, pencil).draw();
        pool();
        torch.torch();
        if (sheet.practice().wire()) {
            torch.wire();
        }
        SectionMarks marks = new SectionMarks(sheet, units, half, font, centre, pencil);
        marks.gravity();
        marks.scaleBar();
        double height = 2 * half * ASPECT;
        return pencil.drawing(centre.x() - half, centre.y() - height / 2, 2 * half, height, title(), font);
    }

    private String title() {
        String form = say("joint." + joint.form().name());
        return form + ", " + length(joint.base().inMillimetres()) + " and "
                + length(joint.abutting().inMillimetres()) + " "
                + say("material." + joint.material().name()) + ", position " + position.letters() + " ("
                + say("position." + position.name())
                + "), with torch" + (sheet.practice().wire() ? ", filler" : "") + " and expected pool";
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }

    private String length(double millimetres) {
        return units.show(Quantity.millimetres(millimetres)).line();
    }

    private void pool() {
        PoolOutline outline = PoolOutline.of(sheet);
        if (outline.backHalfMm() > 0 && joint.form() != JointForm.EDGE) {
            double below = outline.backAtMm() + 0.7 * font;
            double back = outline.backHalfMm();
            pencil.dimension(-back, below, back, below, length(2 * back), font, 0, 1.2 * font);
        }
        pencil.curve(
                "pool",
                outline.points().stream()
                        .flatMapToDouble(point -> DoubleStream.of(point.xMm(), point.yMm()))
                        .toArray());
    }
}
