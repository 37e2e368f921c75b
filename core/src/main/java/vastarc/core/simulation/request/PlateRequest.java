package vastarc.core.simulation.request;

import java.util.List;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.solver.EnthalpyCurves;
import vastarc.core.simulation.source.PlateSource;

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

        /** {@return its curves of heat and conduction} */
        public EnthalpyCurves melt() {
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
}
