package vastarc.core.vision;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a photograph says of a bead.
 *
 * @param mmPerPixel   how long a pixel is in the middle of the seam, mm
 * @param seamMm       length of the bead in view, mm
 * @param width        toe to toe
 * @param straightness how far the middle of the bead wanders from a smooth line
 * @param ripple       spacing of the ripples; empty where none are found
 * @param travel       mm/min by the ripples; empty without them or without dabs a second
 * @param tint         colour beside the toes; empty for steel
 * @param signs        what the picture suggests, each to be confirmed by a person
 * @param outline      the toes as they lie in the picture, to be drawn
 * @param widens       how much wider the end is than the beginning, as a share of the mean
 */
public record MeasuredBead(
        Uncertain mmPerPixel,
        double seamMm,
        MeasuredWidth width,
        Straightness straightness,
        Optional<Ripple> ripple,
        OptionalDouble travel,
        Optional<SeenTint> tint,
        List<Sign> signs,
        List<ToePlace> outline,
        double widens) {

    /** Copies its lists, so that it cannot change. */
    public MeasuredBead {
        signs = List.copyOf(signs);
        outline = List.copyOf(outline);
    }

    /**
     * Width over the sound stretch.
     *
     * @param meanMm    mean, mm
     * @param sdMm      how much it varies along the seam, one standard deviation, mm
     * @param plusMinus of the mean, half of a 90 % interval, mm
     * @param along     place by place
     */
    public record MeasuredWidth(double meanMm, double sdMm, double plusMinus, List<WidthPlace> along) {

        /** Copies its list, so that it cannot change. */
        public MeasuredWidth {
            along = List.copyOf(along);
        }
    }

    /**
     * The width at a place.
     *
     * @param mm        along the seam from the beginning of the bead in view
     * @param widthMm   toe to toe
     * @param plusMinus half of a 90 % interval, mm
     */
    public record WidthPlace(double mm, double widthMm, double plusMinus) {}

    /**
     * How straight the bead runs.
     *
     * @param rmsMm how far its middle lies from a smooth line, root of the mean square, mm
     */
    public record Straightness(double rmsMm) {}

    /**
     * Spacing of the ripples.
     *
     * @param pitchMm   mean, mm
     * @param plusMinus half of a 90 % interval, mm
     * @param evenness  1 less the spread of the spacings over their mean, 0 to 1
     */
    public record Ripple(double pitchMm, double plusMinus, double evenness) {}

    /**
     * Colour beside the toes.
     *
     * @param band         the hottest that was met
     * @param shareOfWidth share of the coloured width on both sides that it takes, 0 to 1
     * @param deltaE       how far the colour seen lies from the band's own, CIE 1976
     * @param left         beside the left toe, looking along the seam
     * @param right        beside the right one
     */
    public record SeenTint(TintName band, double shareOfWidth, double deltaE, TintSide left, TintSide right) {}

    /**
     * Colour beside one toe.
     *
     * @param band       the hottest that was met there
     * @param colouredMm how far the colour reaches from the toe, mm; 0 on bare metal
     */
    public record TintSide(TintName band, double colouredMm) {}

    /**
     * What a place in the picture suggests.
     *
     * @param symptom    its id in the symptom table
     * @param at         where
     * @param likelihood 0 to 1; never an inspection
     */
    public record Sign(String symptom, PixelPoint at, double likelihood) {}

    /**
     * Both toes at a place along the seam, in the picture.
     *
     * @param mm    along the seam from the beginning of the bead in view
     * @param left  one toe
     * @param right the other
     * @param counts it is of the stretch that counts
     */
    public record ToePlace(double mm, PixelPoint left, PixelPoint right, boolean counts) {}
}
