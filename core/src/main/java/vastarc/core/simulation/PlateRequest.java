package vastarc.core.simulation;

import java.util.List;
import java.util.Optional;
import vastarc.core.physics.heat.PulseRhythm;

/**
 * A plate to be solved for its physics alone. x runs along the seam from the plate's start, y across from the seam, z from the arc's face.
 *
 * @param faceLossWPerM2K  of both faces, W/(m²·K)
 * @param isothermsC       temperatures whose outline is wanted, growing or not, °C
 * @param atS              instants, s
 * @param atArcXMm         instants given by the place of the arc, mm
 * @param stationsXMm      places along the seam that watch their bead, mm
 * @param thresholdsC      temperatures whose falling below is timed at each station, °C
 * @param endS             when the run is over, s
 */
public record PlateRequest(
        PlateMetal metal,
        PlateSize plate,
        double initialC,
        double ambientC,
        double faceLossWPerM2K,
        PlateSource source,
        List<Double> isothermsC,
        List<Double> atS,
        List<Double> atArcXMm,
        List<Double> stationsXMm,
        List<Probe> probes,
        List<Double> thresholdsC,
        double endS,
        MeshDetail quality) {

    /** Copies its collections, so that it cannot change. */
    public PlateRequest {
        isothermsC = List.copyOf(isothermsC);
        atS = List.copyOf(atS);
        atArcXMm = List.copyOf(atArcXMm);
        stationsXMm = List.copyOf(stationsXMm);
        probes = List.copyOf(probes);
        thresholdsC = List.copyOf(thresholdsC);
    }

    /**
     * @param conductivityWPerMK W/(m·K)
     * @param densityKgPerM3     kg/m³
     * @param heatJPerKgK        J/(kg·K)
     * @param latentKJPerKg      kJ/kg
     */
    public record PlateMetal(
            double conductivityWPerMK,
            double densityKgPerM3,
            double heatJPerKgK,
            double solidusC,
            double liquidusC,
            double latentKJPerKg) {

        private static final double PER_CUBIC_MM = 1e-9;

        EnthalpyCurves melt() {
            return EnthalpyCurves.constant(
                    conductivityWPerMK / 1000,
                    densityKgPerM3 * heatJPerKgK * PER_CUBIC_MM,
                    solidusC,
                    liquidusC,
                    densityKgPerM3 * latentKJPerKg * 1000 * PER_CUBIC_MM);
        }
    }

    /** Length along the seam, whole width and thickness, mm. */
    public record PlateSize(double lengthMm, double widthMm, double thicknessMm) {}

    /** A place, mm. */
    public record Probe(double xMm, double yMm, double zMm) {}

    /** What happens to the heat aimed beyond the plate's ends. */
    public enum EndCondition {
        /** It is turned back into the plate. */
        REFLECT,
        /** It is lost. */
        LOST
    }

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

        /** When its strength begins to fade: where it is given to, at the latest at the end of the way, s. */
        public double fadesS() {
            return stop.map(sourceStop -> Math.min(sourceStop.beginS(), wayS())).orElse(wayS());
        }

        /** When it stops travelling, s. */
        public double haltsS() {
            return stop.filter(sourceStop -> sourceStop.motion() == FadeMotion.CONTINUE)
                            .isPresent()
                    ? wayS()
                    : fadesS();
        }

        /** When it goes out, s. */
        public double outS() {
            return fadesS() + stop.map(SourceStop::rampS).orElse(0.0);
        }

        double x(double seconds) {
            return startXMm + travelMmPerS * Math.min(seconds, haltsS());
        }

        /** J given from one instant to another: what a step is given does not hang on where its edges fall. */
        double energyJ(double from, double to) {
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
    }

    /**
     * A pulsed arc.
     *
     * @param peakW       net power at the peak, W
     * @param backgroundW net power in the background, W
     */
    public record PlatePulse(PulseRhythm rhythm, double peakW, double backgroundW) {

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
