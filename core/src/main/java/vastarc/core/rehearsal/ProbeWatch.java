package vastarc.core.rehearsal;

/** Watches how hot one place becomes. */
final class ProbeWatch {

    private final PlateAsk.Probe probe;
    private double peak = Double.NEGATIVE_INFINITY;
    private double peakS;

    ProbeWatch(PlateAsk.Probe probe) {
        this.probe = probe;
    }

    void look(PlateView view, double s) {
        double now = view.at(probe.xMm(), probe.yMm(), probe.zMm());
        if (now > peak) {
            peak = now;
            peakS = s;
        }
    }

    PlateAnswer.Peak seen() {
        return new PlateAnswer.Peak(probe, peak, peakS);
    }
}
