package vastarc.core.simulation.observe;

import java.util.Optional;
import vastarc.core.simulation.observe.TemperatureReader.PlateFace;

/** Watches for the first of a face that reaches a temperature. */
public final class FirstMeltRecorder implements PlateObserver {

    private final double celsius;
    private final PlateFace face;
    private Optional<Double> first = Optional.empty();
    private double before;
    private double beforeS;

    /**
     * Watches one face.
     *
     * @param celsius the temperature to reach, °C
     * @param face the face
     */
    public FirstMeltRecorder(double celsius, PlateFace face) {
        this.celsius = celsius;
        this.face = face;
    }

    @Override
    public void look(TemperatureReader view, double s) {
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

    /** {@return what it has seen} */
    public Optional<Double> seen() {
        return first;
    }
}
