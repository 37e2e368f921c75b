package vastarc.core.rehearsal;

import java.util.Optional;
import vastarc.core.rehearsal.PlateView.Face;

/** Watches one temperature after the arc has stopped travelling: when the last of the plate fell below it, and where. */
final class LiquidWatch {

    private final double celsius;
    private final double fromS;
    private double before = Double.NaN;
    private double beforeS;
    private double beforeX;
    private Optional<Double> lastS = Optional.empty();
    private Optional<Double> lastX = Optional.empty();

    LiquidWatch(double celsius, double fromS) {
        this.celsius = celsius;
        this.fromS = fromS;
    }

    void look(PlateView view, double s) {
        if (s < fromS) {
            return;
        }
        int top = view.hottest(Face.TOP);
        int bottom = view.hottest(Face.BOTTOM);
        double atTop = view.seam(top, Face.TOP);
        double atBottom = view.seam(bottom, Face.BOTTOM);
        double most = Math.max(atTop, atBottom);
        if (before >= celsius && most < celsius) {
            lastS = Optional.of(beforeS + (s - beforeS) * (before - celsius) / (before - most) - fromS);
            lastX = Optional.of(beforeX);
        }
        before = most;
        beforeS = s;
        beforeX = view.grid().x(atTop >= atBottom ? top : bottom);
    }

    PlateAnswer.LastLiquid seen() {
        return new PlateAnswer.LastLiquid(celsius, lastS, lastX);
    }
}
