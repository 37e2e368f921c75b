package vastarc.core.simulation;

import java.util.Optional;
import vastarc.core.simulation.PlateResult.PulseCycle;
import vastarc.core.simulation.TemperatureReader.PlateFace;

/** Watches the pool through the last whole pulse before the arc stops travelling. */
final class PulseCycleRecorder {

    private final double celsius;
    private final double fromS;
    private final double toS;
    private double topMax = Double.NEGATIVE_INFINITY;
    private double topMin = Double.POSITIVE_INFINITY;
    private double bottomMax = Double.NEGATIVE_INFINITY;
    private double bottomMin = Double.POSITIVE_INFINITY;

    private PulseCycleRecorder(double celsius, double fromS, double toS) {
        this.celsius = celsius;
        this.fromS = fromS;
        this.toS = toS;
    }

    /** Nothing to watch without a pulse, without an isotherm, or where not one pulse is whole. */
    static Optional<PulseCycleRecorder> of(PlateRequest request) {
        return request.source()
                .pulse()
                .filter(pulse -> !request.isothermsC().isEmpty())
                .flatMap(pulse -> {
                    double whole = Math.floor(Math.min(request.source().fadesS(), request.endS())
                                    * pulse.rhythm().rateHz()
                            + 1e-9);
                    return whole < 1
                            ? Optional.empty()
                            : Optional.of(new PulseCycleRecorder(
                                    request.isothermsC().get(0),
                                    (whole - 1) / pulse.rhythm().rateHz(),
                                    whole / pulse.rhythm().rateHz()));
                });
    }

    void look(TemperatureReader view, double s) {
        if (s < fromS || s > toS) {
            return;
        }
        double top = IsothermExtent.width(view, celsius, PlateFace.TOP);
        double bottom = IsothermExtent.width(view, celsius, PlateFace.BOTTOM);
        topMax = Math.max(topMax, top);
        topMin = Math.min(topMin, top);
        bottomMax = Math.max(bottomMax, bottom);
        bottomMin = Math.min(bottomMin, bottom);
    }

    Optional<PulseCycle> seen() {
        return topMax < topMin ? Optional.empty() : Optional.of(new PulseCycle(topMax, topMin, bottomMax, bottomMin));
    }
}
