package vastarc.core.simulation;

/** Watches how hot one place becomes. */
final class ProbeRecorder {

    private final PlateRequest.Probe probe;
    private double peak = Double.NEGATIVE_INFINITY;
    private double peakS;

    ProbeRecorder(PlateRequest.Probe probe) {
        this.probe = probe;
    }

    void look(TemperatureReader view, double s) {
        double now = view.at(probe.xMm(), probe.yMm(), probe.zMm());
        if (now > peak) {
            peak = now;
            peakS = s;
        }
    }

    PlateResult.Peak seen() {
        return new PlateResult.Peak(probe, peak, peakS);
    }
}
