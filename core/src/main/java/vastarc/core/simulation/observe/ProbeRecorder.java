package vastarc.core.simulation.observe;

import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.result.PlateResult;

/** Watches how hot one place becomes. */
public final class ProbeRecorder implements PlateObserver {

    private final PlateRequest.Probe probe;
    private double peak = Double.NEGATIVE_INFINITY;
    private double peakS;

    /**
     * Watches one place.
     *
     * @param probe the place
     */
    public ProbeRecorder(PlateRequest.Probe probe) {
        this.probe = probe;
    }

    @Override
    public void look(TemperatureReader view, double s) {
        double now = view.at(probe.xMm(), probe.yMm(), probe.zMm());
        if (now > peak) {
            peak = now;
            peakS = s;
        }
    }

    /** {@return what it has seen} */
    public PlateResult.Peak seen() {
        return new PlateResult.Peak(probe, peak, peakS);
    }
}
