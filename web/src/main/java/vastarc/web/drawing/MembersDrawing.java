package vastarc.web.drawing;

import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Position;
import vastarc.web.drawing.Drawing.Pencil;

/** The members of a joint in section, to scale, with their thickness dimensions, in the seam's own frame. */
final class MembersDrawing {

    /** Thick enough, in letter heights, for its figure to stand beside the arrow. */
    private static final double ROOM_FOR_FIGURE = 2;

    private final Joint joint;
    private final Position position;
    private final UnitSystem units;
    private final double half;
    private final double font;
    private final Pencil pencil;

    /**
     * Ready to draw.
     *
     * @param half half the width of the view, mm
     * @param font letter height, mm
     */
    MembersDrawing(Joint joint, Position position, UnitSystem units, double half, double font, Pencil pencil) {
        this.joint = joint;
        this.position = position;
        this.units = units;
        this.half = half;
        this.font = font;
        this.pencil = pencil;
    }

    /** Far enough to lie outside the view, mm. */
    static double far(double half) {
        return 2.4 * half;
    }

    // --- members
    // -------------------------------------------------------------------------------------------------------------

    void draw() {
        double t1 = joint.base().inMillimetres();
        double t2 = joint.abutting().inMillimetres();
        switch (joint.form()) {
            case SQUARE_BUTT, TUBE_BUTT -> butt(t1, t2);
            case V_BUTT -> groove(t1, t2, joint.groove().orElse(Groove.USUAL));
            case T_FILLET, TUBE_TO_PLATE -> tee(t1, t2);
            case TUBE_SADDLE -> saddle(t1, t2);
            case LAP -> lap(t1, t2);
            case INSIDE_CORNER -> insideCorner(t1, t2);
            case OUTSIDE_CORNER -> outsideCorner(t1, t2);
            case EDGE -> edge(t1, t2);
        }
    }

    private void butt(double t1, double t2) {
        joint.groove().ifPresentOrElse(groove -> groove(t1, t2, groove), () -> {
            double gap = joint.gap().inMillimetres() / 2;
            pencil.area("metal", -far(half), 0, -gap, 0, -gap, t1, -far(half), t1);
            pencil.area("metal", far(half), 0, gap, 0, gap, t2, far(half), t2);
            plateThickness(clearSide() * 0.72 * half, 0, t1);
            if (Math.abs(t1 - t2) > 0.01) {
                plateThickness(-Math.signum(clearSide()) * 0.72 * half, 0, t2);
            }
        });
    }

    /** The side of a butt where a dimension does not meet the sign of gravity in the upper left of the page. */
    private double clearSide() {
        return position == Position.PC ? 0.7 : -1;
    }

    private void plateThickness(double x, double top, double t) {
        boolean roomBeside = t > ROOM_FOR_FIGURE * font;
        double aside = roomBeside ? -Math.signum(x) * 2.2 * font : 0;
        pencil.dimension(x, top, x, top + t, length(t), font, aside, roomBeside ? 0.3 * font : t / 2 + 1.5 * font);
    }

    private void groove(double t1, double t2, Groove groove) {
        double gap = groove.gap().inMillimetres() / 2;
        double land = groove.rootFace().inMillimetres();
        bevelled(-1, t1, gap, land, groove.halfAngleTangent());
        bevelled(1, t2, gap, land, groove.halfAngleTangent());
        plateThickness(clearSide() * 0.72 * half, 0, t1);
        double top = gap + Math.max(0, t1 - land) * groove.halfAngleTangent();
        pencil.label(
                pencil.at(-top - 1.3 * font, -0.7 * font), Math.round(groove.angleDeg()) + "°", "middle", "dim-text");
    }

    private void bevelled(int side, double t, double gap, double land, double tangent) {
        double top = gap + Math.max(0, t - land) * tangent;
        pencil.area(
                "metal",
                side * far(half),
                0,
                side * top,
                0,
                side * gap,
                Math.max(0, t - land),
                side * gap,
                t,
                side * far(half),
                t);
    }

    /** Base level, stem upright; the corner at the origin, stem to its left. */
    private void tee(double t1, double t2) {
        pencil.area("metal", -far(half), 0, far(half), 0, far(half), t1, -far(half), t1);
        pencil.area("metal", 0, 0, -t2, 0, -t2, -far(half), 0, -far(half));
        plateThickness(0.78 * half, 0, t1);
        pencil.dimension(-t2, -0.62 * half, 0, -0.62 * half, length(t2), font, -t2 / 2 - 1.2 * font, 0);
    }

    private void saddle(double t1, double t2) {
        double lean = Math.tan(Math.toRadians(90 - joint.copeAngleDeg()));
        double top = far(half);
        double bow = half
                * half
                / (2 * Math.max(30, joint.tubeOd().map(od -> od.inMillimetres()).orElse(60.0)));
        pencil.curve(
                "metal",
                -half * 1.4,
                bow * 2,
                -half * 0.7,
                0,
                0,
                0,
                half * 0.7,
                0,
                half * 1.4,
                bow * 2,
                half * 0.7,
                t1,
                0,
                t1,
                -half * 0.7,
                t1,
                -half * 1.4,
                bow * 2 + t1);
        pencil.area("metal", 0, 0, -t2, 0, -t2 - lean * top, -top, -lean * top, -top);
        pencil.dimension(
                -t2 - lean * 0.62 * half,
                -0.62 * half,
                -lean * 0.62 * half,
                -0.62 * half,
                length(t2),
                font,
                -t2 / 2 - 1.2 * font,
                0);
        double crest = 2 * bow * square(0.55 / 1.4);
        pencil.dimension(0.55 * half, crest, 0.55 * half, crest + t1, length(t1), font, 0, t1 / 2 + 1.5 * font);
    }

    private static double square(double value) {
        return value * value;
    }

    /** The upper sheet ends at the origin's left; the lower one runs on. */
    private void lap(double t1, double t2) {
        pencil.area("metal", -far(half), 0, far(half), 0, far(half), t1, -far(half), t1);
        pencil.area("metal", 0, 0, 0, -t2, -far(half), -t2, -far(half), 0);
        plateThickness(0.78 * half, 0, t1);
        pencil.dimension(-0.75 * half, -t2, -0.75 * half, 0, length(t2), font, 0, -t2 / 2 - 0.8 * font);
    }

    private void insideCorner(double t1, double t2) {
        pencil.area("metal", -t2, 0, far(half), 0, far(half), t1, -t2, t1);
        pencil.area("metal", 0, 0, -t2, 0, -t2, -far(half), 0, -far(half));
        plateThickness(0.78 * half, 0, t1);
        pencil.dimension(-t2, -0.62 * half, 0, -0.62 * half, length(t2), font, -t2 / 2 - 1.2 * font, 0);
    }

    /** Two sheets falling away at 45° from the arc, meeting corner to corner on the inside. */
    private void outsideCorner(double t1, double t2) {
        slopedSheet(-1, t1);
        slopedSheet(1, t2);
    }

    private void slopedSheet(int side, double t) {
        double c = Math.sqrt(0.5);
        double depth = t * c;
        double x0 = side * depth;
        double run = far(half) * c;
        pencil.area("metal", 0, depth, x0, 0, x0 + side * run, run, side * run, depth + run);
        double along = 0.38 * half;
        double mx = x0 + side * along;
        pencil.dimension(
                mx,
                along,
                mx - side * depth,
                along + depth,
                length(t),
                font,
                side * (depth / 2 + 0.5 * font),
                -0.9 * font);
    }

    private void edge(double t1, double t2) {
        pencil.area("metal", 0, 0, -t1, 0, -t1, far(half), 0, far(half));
        pencil.area("metal", 0, 0, t2, 0, t2, far(half), 0, far(half));
        double y = 0.5 * half;
        pencil.dimension(-t1, y, 0, y, length(t1), font, -t1 / 2 - 1.1 * font, 0);
        pencil.dimension(0, y, t2, y, length(t2), font, t2 / 2 + 1.1 * font, 0);
    }

    private String length(double millimetres) {
        return units.show(Quantity.millimetres(millimetres)).line();
    }
}
