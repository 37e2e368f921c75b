package vastarc.core.simulation;

import java.util.Optional;
import vastarc.core.simulation.TemperatureReader.PlateFace;

/** Watches for the first of a face that reaches a temperature. */
final class FirstMeltRecorder {

    private final double celsius;
    private final PlateFace face;
    private Optional<Double> first = Optional.empty();

    FirstMeltRecorder(double celsius, PlateFace face) {
        this.celsius = celsius;
        this.face = face;
    }

    void look(TemperatureReader view, double s) {
        if (first.isEmpty() && view.seam(view.hottest(face), face) >= celsius) {
            first = Optional.of(s);
        }
    }

    Optional<Double> seen() {
        return first;
    }
}
