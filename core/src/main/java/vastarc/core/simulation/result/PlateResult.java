package vastarc.core.simulation.result;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.simulation.request.PlateRequest;

/** What was seen of a plate. Times in s from the arc's start, places in mm, temperatures in °C. */
public record PlateResult(
        List<Instant> instants,
        List<Station> stations,
        List<Peak> probes,
        Optional<PulseCycle> cycle,
        List<LastLiquid> lastLiquid,
        Optional<Double> firstMeltTopS,
        Optional<Double> firstMeltBottomS,
        PlateEnergy energy,
        Numerics numerics) {

    /** The plate at one moment. */
    public record Instant(double s, double arcXMm, double maxTopC, List<IsothermExtent> isotherms) {}

    /**
     * A place along the seam.
     *
     * @param passedS when the arc passed it, empty where it never does
     * @param belowS  by threshold, how long after that the seam there fell below it; a threshold it never fell below is not in it
     */
    public record Station(double xMm, List<Bead> isotherms, Optional<Double> passedS, Map<Double, Double> belowS) {}

    /** The farthest from the seam a temperature ever came at a place, mm: half of what a bead measures across. */
    public record Bead(double celsius, double topMm, double bottomMm) {}

    /** The hottest a place became, and when. */
    public record Peak(PlateRequest.Probe at, double celsius, double s) {}

    /** Widest and narrowest of the first isotherm in the last whole pulse before the arc stopped travelling, mm. */
    public record PulseCycle(double topMax, double topMin, double bottomMax, double bottomMin) {}

    /** How long after the stop anything was still above a temperature, and where the last of it was. Empty where nothing was at the stop. */
    public record LastLiquid(double celsius, Optional<Double> s, Optional<Double> xMm) {}

    /** J of the whole plate. */
    public record PlateEnergy(double absorbedJ, double storedJ, double lostJ) {

        /** {@return what does not close, as a share of what was absorbed} */
        public double error() {
            return absorbedJ > 0 ? Math.abs(absorbedJ - storedJ - lostJ) / absorbedJ : 0;
        }
    }

    /**
     * What it took.
     *
     * @param cells   of metal
     * @param steps   in time, each in one or several stages
     * @param stepS   the longest of them, s
     * @param updates of cells, one a stage
     * @param cpuS    of the processor, s
     * @param kernel  plain, or written for wide registers
     */
    public record Numerics(int cells, long steps, double stepS, long updates, double cpuS, String kernel) {}
}
