package vastarc.core.rehearsal;

import java.util.Optional;
import vastarc.core.rehearsal.PlateView.Face;

/** Watches the pool through the last whole pulse before the arc stops travelling. */
final class CycleWatch {

    private final double celsius;
    private final double fromS;
    private final double toS;
    private double topMax = Double.NEGATIVE_INFINITY;
    private double topMin = Double.POSITIVE_INFINITY;
    private double bottomMax = Double.NEGATIVE_INFINITY;
    private double bottomMin = Double.POSITIVE_INFINITY;

    private CycleWatch(double celsius, double fromS, double toS) {
        this.celsius = celsius;
        this.fromS = fromS;
        this.toS = toS;
    }

    /** Nothing to watch without a pulse, without an isotherm, or where not one pulse is whole. */
    static Optional<CycleWatch> of(PlateAsk ask) {
        return ask.source().pulse().filter(pulse -> !ask.isothermsC().isEmpty()).flatMap(pulse -> {
            double whole = Math.floor(Math.min(ask.source().fadesS(), ask.endS()) * pulse.rateHz() + 1e-9);
            return whole < 1
                    ? Optional.empty()
                    : Optional.of(new CycleWatch(
                            ask.isothermsC().get(0), (whole - 1) / pulse.rateHz(), whole / pulse.rateHz()));
        });
    }

    void look(PlateView view, double s) {
        if (s < fromS || s > toS) {
            return;
        }
        double top = Outline.width(view, celsius, Face.TOP);
        double bottom = Outline.width(view, celsius, Face.BOTTOM);
        topMax = Math.max(topMax, top);
        topMin = Math.min(topMin, top);
        bottomMax = Math.max(bottomMax, bottom);
        bottomMin = Math.min(bottomMin, bottom);
    }

    Optional<PlateAnswer.Cycle> seen() {
        return topMax < topMin
                ? Optional.empty()
                : Optional.of(new PlateAnswer.Cycle(topMax, topMin, bottomMax, bottomMin));
    }
}
