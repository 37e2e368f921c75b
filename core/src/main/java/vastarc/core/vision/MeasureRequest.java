package vastarc.core.vision;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import vastarc.core.domain.material.Family;

/**
 * What is asked of a photograph.
 *
 * @param scale   what in it has a known size
 * @param seam    where the bead runs, roughly: two places or more in order; none has it found
 * @param family  of the metal, for the names of its colours
 * @param dabHz   dabs or pulses a second, from which the ripples tell the travel
 * @param clean   a place of bare metal without colour
 * @param leftOut stretches that are not to count, by the distance along the seam
 * @param moved   toes that a person has put right
 */
public record MeasureRequest(
        ScaleSource scale,
        List<PixelPoint> seam,
        Optional<Family> family,
        OptionalDouble dabHz,
        Optional<PixelPoint> clean,
        List<Stretch> leftOut,
        List<PixelPoint> moved) {

    /** Copies its lists, so that it cannot change. */
    public MeasureRequest {
        seam = List.copyOf(seam);
        leftOut = List.copyOf(leftOut);
        moved = List.copyOf(moved);
    }

    /**
     * A stretch of the seam.
     *
     * @param fromMm from its beginning, mm
     * @param toMm   to, mm
     */
    public record Stretch(double fromMm, double toMm) {

        boolean contains(double mm) {
            return mm >= fromMm && mm <= toMm;
        }
    }

    /**
     * {@return nothing asked but the width, on a scale}
     *
     * @param scale what has a known size
     * @param seam  where the bead runs
     */
    public static MeasureRequest of(ScaleSource scale, List<PixelPoint> seam) {
        return new MeasureRequest(
                scale, seam, Optional.empty(), OptionalDouble.empty(), Optional.empty(), List.of(), List.of());
    }

    /**
     * {@return the same with every place moved, as for a picture of another size}
     *
     * @param place where a place lies there
     */
    public MeasureRequest at(UnaryOperator<PixelPoint> place) {
        return new MeasureRequest(
                scale.at(place),
                seam.stream().map(place).toList(),
                family,
                dabHz,
                clean.map(place),
                leftOut,
                moved.stream().map(place).toList());
    }
}
