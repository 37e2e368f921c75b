package vastarc.core.simulation;

import java.util.Optional;
import vastarc.core.simulation.TemperatureReader.PlateFace;

/** Watches for the first of a face that reaches a temperature. */
final class FirstMeltRecorder {

    private final double celsius;
    private final PlateFace face;
    private Optional<Double> first = Optional.empty();
    private double before;
    private double beforeS;

    FirstMeltRecorder(double celsius, PlateFace face) {
        this.celsius = celsius;
        this.face = face;
    }

    void look(TemperatureReader view, double s) {
        if (first.isPresent()) {
            return;
        }
        double now = view.seam(view.hottest(face), face);
        if (now >= celsius) {
            boolean rises = beforeS > 0 && now > before;
            first = Optional.of(rises ? beforeS + (s - beforeS) * (celsius - before) / (now - before) : s);
        }
        before = now;
        beforeS = s;
    }

    Optional<Double> seen() {
        return first;
    }
}
