package vastarc.core.simulation.result;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.physics.distortion.DistortionIndex;
import vastarc.core.simulation.result.PlateResult.PlateEnergy;

/**
 * The result of a simulation.
 *
 * @param along        bead along the seam, a place every half millimetre
 * @param widths       the bead in the middle of the seam
 * @param throughPercent share of the seam whose back was molten, %
 * @param throughMm    how far the arc had gone when the back first melted; empty where it never did
 * @param widestBackMm widest that the pool ever hung on the back, mm
 * @param ends         start and end
 * @param crater       what is left at the end
 * @param rippleMm     way between two ripples; empty where there are none
 * @param frontTint    colour in front
 * @param backTint     colour behind
 * @param arcS         the arc burnt, s
 * @param touchS       from the arc's end until it is safe to touch, s
 * @param buildUpK     how much warmer than at the strike the metal well before the arc was late in the seam, K
 * @param meanRiseK    how much warmer the whole joint was when the arc went out, on the mean, K
 * @param warping      distortion, to compare
 * @param energy       whether the heat adds up
 * @param numerics     what it took
 */
public record SimulationResult(
        List<BeadWidth> along,
        MiddleWidths widths,
        double throughPercent,
        OptionalDouble throughMm,
        double widestBackMm,
        EndWidths ends,
        Crater crater,
        OptionalDouble rippleMm,
        BeadColour frontTint,
        BeadColour backTint,
        double arcS,
        double touchS,
        double buildUpK,
        double meanRiseK,
        DistortionIndex warping,
        PlateEnergy energy,
        PlateResult.Numerics numerics) {

    /** Copies its collections, so that it cannot change. */
    public SimulationResult {
        along = List.copyOf(along);
    }

    /** {@return a result without figures: used for those that an older program did not record} */
    public static SimulationResult nothing() {
        return new SimulationResult(
                List.of(),
                new MiddleWidths(0, 0, 0, 0, 0, 0, 0),
                0,
                OptionalDouble.empty(),
                0,
                new EndWidths(0, 0, 0, 0, false),
                new Crater(0, 0, 0),
                OptionalDouble.empty(),
                BeadColour.NOT_JUDGED,
                BeadColour.NOT_JUDGED,
                0,
                0,
                0,
                0,
                new DistortionIndex(0, 0, 0),
                new PlateEnergy(0, 0, 0),
                new PlateResult.Numerics(0, 0, 0, 0, 0, ""));
    }

    /** Bead at a place, mm from the strike: width in front and behind, mm; 0 where nothing melted. */
    public record BeadWidth(double xMm, double frontMm, double backMm) {}

    /**
     * The bead between four and seven and a half tenths of the way.
     *
     * @param frontMm       mean width in front, mm
     * @param backMm        mean width behind, mm; 0 where it does not melt
     * @param frontSpread   widest less narrowest over most of the seam, % of the mean
     * @param backSpread    the same behind, %
     * @param sheetFrontMm  width of the pool that the sheet calculates, mm
     * @param sheetBackMm   back bead that the sheet calculates, mm
     * @param rootMm        how deep it melted below the root: into the base of a corner, into the plate from its face, mm
     */
    public record MiddleWidths(
            double frontMm,
            double backMm,
            double frontSpread,
            double backSpread,
            double sheetFrontMm,
            double sheetBackMm,
            double rootMm) {}

    /**
     * Widest bead within some millimetres of both ends, mm.
     *
     * @param meets the seam runs into its own start; the start is then reported as it was before
     */
    public record EndWidths(double startMm, double endMm, double startBackMm, double endBackMm, boolean meets) {}

    /** Bowl at the end, mm. */
    public record Crater(double depthMm, double widthMm, double lengthMm) {}

    /**
     * Colour by the temperature at which the metal met the air.
     *
     * @param judged     stainless and titanium; steel is not judged by its colour
     * @param celsius    hottest in the air in the middle of the seam, °C
     * @param colour     in words
     * @param endCelsius hottest in the air, the end included, °C
     * @param endColour  in words
     */
    public record BeadColour(boolean judged, double celsius, String colour, double endCelsius, String endColour) {

        /** Of a metal or a face whose colour is not judged. */
        public static final BeadColour NOT_JUDGED = new BeadColour(false, 0, "", 0, "");
    }
}
