package vastarc.web.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vastarc.core.equipment.MachineProfile.PanelShape;

/** The metal round a panel's controls: three ways fronts are built, so that each looks like another object. */
final class PanelCase {

    private final double width;
    private final double height;
    private final List<Drawing.Path> paths = new ArrayList<>();

    private PanelCase(double width, double height) {
        this.width = width;
        this.height = height;
    }

    static List<Drawing.Path> of(PanelShape shape, double width, double height) {
        PanelCase front = new PanelCase(width, height);
        switch (shape) {
            case MENU -> front.moulded();
            case KNOBS -> front.folded();
            case GENERATOR -> front.caged();
        }
        return front.paths;
    }

    private void add(String style, String format, Object... numbers) {
        paths.add(new Drawing.Path(String.format(Locale.ROOT, format, numbers), style));
    }

    private void box(String style, double x, double y, double w, double h, double cut) {
        add(
                style,
                "M%.1f %.1fH%.1fL%.1f %.1fV%.1fL%.1f %.1fH%.1fL%.1f %.1fV%.1fZ",
                x + cut,
                y,
                x + w - cut,
                x + w,
                y + cut,
                y + h - cut,
                x + w - cut,
                y + h,
                x + cut,
                x,
                y + h - cut,
                y + cut);
    }

    /** A moulded front with cut corners and one wide sunk field. */
    private void moulded() {
        box("case", 3, 3, width - 6, height - 6, 44);
        box("field", width * 0.185, height * 0.035, width * 0.63, height * 0.93, 8);
    }

    /** A folded sheet with a lip, screws in the corners and slots below. */
    private void folded() {
        box("case", 3, 3, width - 6, height - 6, 0);
        add("crease", "M3 34H%.1f", width - 3);
        for (double x : new double[] {22, width - 22}) {
            for (double y : new double[] {19, height - 20}) {
                add("screw", "M%.1f %.1fa8 8 0 1 0 16 0a8 8 0 1 0 -16 0M%.1f %.1fl10 6", x - 8, y, x - 5, y - 3);
            }
        }
        for (int i = 0; i < 9; i++) {
            add("slit", "M%.1f %.1fv%.1f", width * 0.1 + i * 28, height * 0.78, height * 0.14);
        }
    }

    /** A riveted plate behind a tube frame. */
    private void caged() {
        box("frame", 6, 6, width - 12, height - 12, 70);
        box("case", 44, 44, width - 88, height - 88, 30);
        for (int i = 0; i <= 8; i++) {
            double x = 90 + i * (width - 180) / 8;
            add("rivet", "M%.1f 58a4 4 0 1 0 8 0a4 4 0 1 0 -8 0", x - 4);
            add("rivet", "M%.1f %.1fa4 4 0 1 0 8 0a4 4 0 1 0 -8 0", x - 4, height - 58);
        }
    }
}
