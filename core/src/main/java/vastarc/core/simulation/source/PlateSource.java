package vastarc.core.simulation.source;

import java.util.Optional;
import vastarc.core.physics.heat.PulseRhythm;

/**
 * An arc that runs along the seam from t = 0.
 *
 * @param radiusE2Mm where its strength is down to e⁻², mm
 */
public record PlateSource(
        double netPowerW,
        double radiusE2Mm,
        double startXMm,
        double endXMm,
        double travelMmPerS,
        EndCondition edge,
        Optional<PlatePulse> pulse,
        Optional<SourceStop> stop) {

    /** When the arc would have run its whole way, s. */
    private double wayS() {
        return (endXMm - startXMm) / travelMmPerS;
    }

    /** {@return when its strength begins to fade: where it is given to, at the latest at the end of the way, s} */
    public double fadesS() {
        return stop.map(sourceStop -> Math.min(sourceStop.beginS(), wayS())).orElse(wayS());
    }

    /** {@return when it stops travelling, s} */
    public double haltsS() {
        return stop.filter(sourceStop -> sourceStop.motion() == FadeMotion.CONTINUE)
                        .isPresent()
                ? wayS()
                : fadesS();
    }

    /** {@return when it goes out, s} */
    public double outS() {
        return fadesS() + stop.map(SourceStop::rampS).orElse(0.0);
    }

    /**
     * {@return where the arc is at a time, mm}
     *
     * @param seconds time, s
     */
    public double x(double seconds) {
        return startXMm + travelMmPerS * Math.min(seconds, haltsS());
    }

    /**
     * {@return J given from one instant to another: what a step is given does not hang on where its edges fall}
     *
     * @param from start, s
     * @param to end, s
     */
    public double energyJ(double from, double to) {
        return energyJ(Math.min(to, outS())) - energyJ(Math.min(from, outS()));
    }

    private double energyJ(double until) {
        double fades = fadesS();
        double before = pulsedJ(Math.min(until, fades));
        if (until <= fades) {
            return before;
        }
        double in = until - fades;
        return before + meanW() * (in - in * in / (2 * (outS() - fades)));
    }

    private double pulsedJ(double until) {
        if (pulse.isEmpty()) {
            return netPowerW * until;
        }
        double onS = pulse.get().rhythm().onS(until);
        return onS * pulse.get().peakW() + (until - onS) * pulse.get().backgroundW();
    }

    private double meanW() {
        return pulse.map(PlatePulse::meanW).orElse(netPowerW);
    }

    /** What happens to the heat aimed beyond the plate's ends. */
    public enum EndCondition {
        /** It is turned back into the plate. */
        REFLECT,
        /** It is lost. */
        LOST
    }

    /**
     * A pulsed arc.
     *
     * @param peakW       net power at the peak, W
     * @param backgroundW net power in the background, W
     */
    public record PlatePulse(PulseRhythm rhythm, double peakW, double backgroundW) {

        /**
         * {@return a pulse of so many cycles a second, Hz, with a share of each at the peak, 0 to 1}
         *
         * @param rateHz pulses a second, Hz
         * @param onFraction on-time, 0 to 1
         * @param peakW power at the peak, W
         * @param backgroundW power at background, W
         */
        public static PlatePulse of(double rateHz, double onFraction, double peakW, double backgroundW) {
            return new PlatePulse(new PulseRhythm(rateHz, onFraction), peakW, backgroundW);
        }

        double meanW() {
            return rhythm.onFraction() * peakW + (1 - rhythm.onFraction()) * backgroundW;
        }
    }

    /** What the arc does while it fades. */
    public enum FadeMotion {
        /** It stands still. */
        STATIONARY,
        /** It travels on. */
        CONTINUE
    }

    /** From an instant on the arc fades along a straight line from its mean strength. */
    public record SourceStop(double beginS, double rampS, FadeMotion motion) {}
}
