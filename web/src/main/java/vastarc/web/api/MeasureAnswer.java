package vastarc.web.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.vision.MeasureRefusal;
import vastarc.core.vision.MeasuredBead;
import vastarc.core.vision.MeasuredBead.MeasuredWidth;
import vastarc.core.vision.MeasuredBead.Ripple;
import vastarc.core.vision.MeasuredBead.SeenTint;
import vastarc.core.vision.MeasuredBead.Straightness;
import vastarc.core.vision.PixelPoint;
import vastarc.core.vision.Uncertain;
import vastarc.web.store.run.PhotoPixels.MeasuredPhoto;

/**
 * What a photograph measures, for the API and the page. Where it was refused all but that is null.
 *
 * @param mmPerPixel     length of a pixel of the picture that was sent
 * @param seamMm         length of the bead in view
 * @param width          toe to toe
 * @param widens         how much wider the end is than the beginning, as a share of the mean
 * @param straightness   of the middle of the bead
 * @param ripple         null where no ripples are found
 * @param travelMmPerMin by the ripples and the dabs; null without either
 * @param tint           null for steel, and where no metal is named
 * @param signs          to be confirmed by a person
 * @param outline        both toes in the picture
 * @param refused        why there are no measures
 * @param words          what to do then
 */
public record MeasureAnswer(
        @Nullable Uncertain mmPerPixel,
        @Nullable Double seamMm,
        @Nullable MeasuredWidth width,
        @Nullable Double widens,
        @Nullable Straightness straightness,
        @Nullable Ripple ripple,
        @Nullable Double travelMmPerMin,
        @Nullable SeenTint tint,
        @Nullable List<SignJson> signs,
        @Nullable List<ToeJson> outline,
        @Nullable MeasureRefusal refused,
        @Nullable String words) {

    /** A sign and where it is, pixels. */
    public record SignJson(String symptom, List<Double> at, double likelihood) {}

    /** Both toes at a place, pixels, and whether it is of the stretch that counts. */
    public record ToeJson(double mm, List<Double> left, List<Double> right, boolean counts) {}

    /**
     * {@return what was measured}
     *
     * @param measured of a photograph
     */
    public static MeasureAnswer of(MeasuredPhoto measured) {
        return measured.measurement()
                .bead()
                .map(bead -> of(bead, measured))
                .orElseGet(() -> refused(measured.measurement().refused().orElseThrow()));
    }

    private static MeasureAnswer refused(MeasureRefusal why) {
        return new MeasureAnswer(
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                why,
                Phrasebook.say(Phrase.of(why.words()), UnitSystem.METRIC));
    }

    private static MeasureAnswer of(MeasuredBead bead, MeasuredPhoto photo) {
        Uncertain pixel = bead.mmPerPixel();
        return new MeasureAnswer(
                new Uncertain(pixel.value() / photo.step(), pixel.plusMinus() / photo.step()),
                bead.seamMm(),
                bead.width(),
                bead.widens(),
                bead.straightness(),
                bead.ripple().orElse(null),
                bead.travel().isPresent() ? bead.travel().getAsDouble() : null,
                bead.tint().orElse(null),
                bead.signs().stream()
                        .map(sign -> new SignJson(sign.symptom(), pair(photo.full(sign.at())), sign.likelihood()))
                        .toList(),
                bead.outline().stream()
                        .map(toe -> new ToeJson(
                                toe.mm(), pair(photo.full(toe.left())), pair(photo.full(toe.right())), toe.counts()))
                        .toList(),
                null,
                null);
    }

    private static List<Double> pair(PixelPoint place) {
        return List.of(place.x(), place.y());
    }
}
