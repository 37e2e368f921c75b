package vastarc.core.simulation.observe;

import java.util.Optional;
import vastarc.core.simulation.observe.TemperatureReader.PlateFace;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.result.PlateResult.PulseCycle;

/** Watches the pool through the last whole pulse before the arc stops travelling. */
public final class PulseCycleRecorder implements PlateObserver {

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

    /**
     * {@return nothing to watch without a pulse, without an isotherm, or where not one pulse is whole}
     *
     * @param request the request
     */
    public static Optional<PulseCycleRecorder> of(PlateRequest request) {
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

    @Override
    public void look(TemperatureReader view, double s) {
        if (s < fromS || s > toS) {
            return;
        }
        double top = IsothermReader.width(view, celsius, PlateFace.TOP);
        double bottom = IsothermReader.width(view, celsius, PlateFace.BOTTOM);
        topMax = Math.max(topMax, top);
        topMin = Math.min(topMin, top);
        bottomMax = Math.max(bottomMax, bottom);
        bottomMin = Math.min(bottomMin, bottom);
    }

    /** {@return what it has seen} */
    public Optional<PulseCycle> seen() {
        return topMax < topMin ? Optional.empty() : Optional.of(new PulseCycle(topMax, topMin, bottomMax, bottomMin));
    }
}
