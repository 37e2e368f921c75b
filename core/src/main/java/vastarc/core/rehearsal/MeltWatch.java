package vastarc.core.rehearsal;

import java.util.Optional;
import vastarc.core.rehearsal.PlateView.Face;

/** Watches for the first of a face that reaches a temperature. */
final class MeltWatch {

    private final double celsius;
    private final Face face;
    private Optional<Double> first = Optional.empty();

    MeltWatch(double celsius, Face face) {
        this.celsius = celsius;
        this.face = face;
    }

    void look(PlateView view, double s) {
        if (first.isEmpty() && view.seam(view.hottest(face), face) >= celsius) {
            first = Optional.of(s);
        }
    }

    Optional<Double> seen() {
        return first;
    }
}
