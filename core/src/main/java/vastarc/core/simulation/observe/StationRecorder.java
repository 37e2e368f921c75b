package vastarc.core.simulation.observe;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.observe.TemperatureReader.PlateFace;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.result.PlateResult;
import vastarc.core.simulation.source.PlateSource;

/** Watches one place along the seam: how wide it ever was, and when its middle cooled. */
public final class StationRecorder implements PlateObserver {

    private final double x;
    private final List<Double> isotherms;
    private final List<Double> thresholds;
    private final Optional<Double> passed;
    private final int[] columns;
    private final double right;
    private final double[][] top;
    private final double[][] bottom;
    private final Map<Double, Double> below = new LinkedHashMap<>();
    private double before = Double.NaN;
    private double beforeS;

    /**
     * Watches the section at one place along the seam.
     *
     * @param request the plate that is solved
     * @param grid its cells
     * @param x the place along the seam, mm
     */
    public StationRecorder(PlateRequest request, Grid grid, double x) {
        this.x = x;
        this.isotherms = request.isothermsC();
        this.thresholds = request.thresholdsC();
        this.passed = passed(request.source(), x);
        double place = Math.max(0, Math.min(grid.columns - 1, x / grid.dx - 0.5));
        int left = (int) Math.min(grid.columns - 2, Math.floor(place));
        this.columns = new int[] {left, left + 1};
        this.right = place - left;
        this.top = new double[isotherms.size()][2];
        this.bottom = new double[isotherms.size()][2];
    }

    private static Optional<Double> passed(PlateSource source, double x) {
        double seconds = (x - source.startXMm()) / source.travelMmPerS();
        return seconds >= 0 && seconds <= source.haltsS() ? Optional.of(seconds) : Optional.empty();
    }

    @Override
    public void look(TemperatureReader view, double s) {
        for (int side = 0; side < 2; side++) {
            if (columns[side] < view.reached()) {
                widen(view, side);
            }
        }
        time(view, s);
    }

    private void widen(TemperatureReader view, int side) {
        double seam = Math.max(view.seam(columns[side], PlateFace.TOP), view.seam(columns[side], PlateFace.BOTTOM));
        for (int i = 0; i < isotherms.size(); i++) {
            if (seam >= isotherms.get(i)) {
                top[i][side] = Math.max(top[i][side], view.reach(columns[side], isotherms.get(i), PlateFace.TOP));
                bottom[i][side] =
                        Math.max(bottom[i][side], view.reach(columns[side], isotherms.get(i), PlateFace.BOTTOM));
            }
        }
    }

    private void time(TemperatureReader view, double s) {
        double now = mix(view.seam(columns[0], PlateFace.TOP), view.seam(columns[1], PlateFace.TOP));
        if (passed.isPresent() && s > passed.get() && !Double.isNaN(before)) {
            for (double threshold : thresholds) {
                if (before >= threshold && now < threshold) {
                    double met = beforeS + (s - beforeS) * (before - threshold) / (before - now);
                    below.put(threshold, Math.max(0, met - passed.get()));
                }
            }
        }
        before = now;
        beforeS = s;
    }

    private double mix(double left, double ofRight) {
        return left + (ofRight - left) * right;
    }

    /** {@return what it has seen} */
    public PlateResult.Station seen() {
        return new PlateResult.Station(
                x,
                IntStream.range(0, isotherms.size())
                        .mapToObj(i -> new PlateResult.Bead(
                                isotherms.get(i), mix(top[i][0], top[i][1]), mix(bottom[i][0], bottom[i][1])))
                        .toList(),
                passed,
                below);
    }
}
