package vastarc.web.drawing;

import vastarc.core.physics.purge.RootPressure;
import vastarc.core.physics.purge.RootPressure.RootVerdict;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** The molten root in section, with the bore below: how it is at a pressure, its bulge to scale but never beyond half the wall. */
public final class RootDrawing {

    private RootDrawing() {}

    /**
     * Draws the molten root under a pressure.
     *
     * @param root the molten root
     * @param pressurePa pressure inside over that outside, Pa
     * @param title the title
     * @return the drawing
     */
    public static Drawing of(RootPressure root, double pressurePa, String title) {
        Pencil pencil = new Pencil(0, false);
        double t = root.thicknessMm();
        double half = root.backWidthMm() / 2;
        double wide = 2.6 * half + t;
        pencil.area("metal", -wide, 0, -1.15 * half, 0, -half, t, -wide, t);
        pencil.area("metal", wide, 0, 1.15 * half, 0, half, t, wide, t);
        if (root.verdict(pressurePa) == RootVerdict.BLOWN) {
            lump(pencil, -1, half, t);
            lump(pencil, 1, half, t);
            pencil.arrow(new Point(0, 1.9 * t), new Point(0, -0.5 * t), 0.3 * t, "mark");
        } else {
            pool(pencil, half, t, Math.max(-0.9 * t, Math.min(0.55 * t, root.bulgeMm(pressurePa))));
        }
        return pencil.drawing(-wide, -0.9 * t, 2 * wide, 3.4 * t, title, 0.3 * t);
    }

    private static void pool(Pencil pencil, double half, double t, double bulge) {
        double face = 1.15 * half;
        double[] outline = {
            -face,
            0,
            0,
            -0.35 * t,
            face,
            0,
            half,
            0.5 * t,
            half,
            t,
            0,
            t - 2 * bulge,
            -half,
            t,
            -half,
            0.5 * t,
            -face,
            0
        };
        pencil.curve("pool", outline);
    }

    /** What is left on one side when the root is blown out. */
    private static void lump(Pencil pencil, int side, double half, double t) {
        double x = side * half;
        double[] outline = {x, t, 0.9 * x, 0.5 * t, 1.15 * x, 0, 0.6 * x, -0.2 * t, 0.5 * x, 0.5 * t, 0.7 * x, t, x, t};
        pencil.curve("pool", outline);
    }
}
