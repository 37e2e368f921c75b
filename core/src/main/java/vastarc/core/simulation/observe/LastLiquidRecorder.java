package vastarc.core.simulation.observe;

import java.util.Optional;
import vastarc.core.simulation.observe.TemperatureReader.PlateFace;
import vastarc.core.simulation.result.PlateResult;

/** Watches one temperature after the arc has stopped travelling: when the last of the plate fell below it, and where. */
public final class LastLiquidRecorder implements PlateObserver {

    private final double celsius;
    private final double fromS;
    private double before = Double.NaN;
    private double beforeS;
    private double beforeX;
    private Optional<Double> lastS = Optional.empty();
    private Optional<Double> lastX = Optional.empty();

    /**
     * Watches from a time on.
     *
     * @param celsius temperature below which nothing counts as liquid, °C
     * @param fromS time to watch from, s
     */
    public LastLiquidRecorder(double celsius, double fromS) {
        this.celsius = celsius;
        this.fromS = fromS;
    }

    @Override
    public void look(TemperatureReader view, double s) {
        if (s < fromS) {
            return;
        }
        int top = view.hottest(PlateFace.TOP);
        int bottom = view.hottest(PlateFace.BOTTOM);
        double atTop = view.seam(top, PlateFace.TOP);
        double atBottom = view.seam(bottom, PlateFace.BOTTOM);
        double most = Math.max(atTop, atBottom);
        if (before >= celsius && most < celsius) {
            lastS = Optional.of(beforeS + (s - beforeS) * (before - celsius) / (before - most) - fromS);
            lastX = Optional.of(beforeX);
        }
        before = most;
        beforeS = s;
        beforeX = view.grid().x(atTop >= atBottom ? top : bottom);
    }

    /** {@return what it has seen} */
    public PlateResult.LastLiquid seen() {
        return new PlateResult.LastLiquid(celsius, lastS, lastX);
    }
}
