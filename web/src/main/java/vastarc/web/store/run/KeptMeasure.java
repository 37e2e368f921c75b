package vastarc.web.store.run;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import vastarc.core.vision.MeasuredBead;
import vastarc.core.vision.MeasuredBead.Ripple;
import vastarc.core.vision.MeasuredBead.SeenTint;
import vastarc.core.vision.TintName;
import vastarc.web.format.CoreJson;

/**
 * What was measured in a photograph, as it is kept with it. Lengths in mm; what was not found is null.
 *
 * @param seamMm            length of the bead in view
 * @param widthMm           mean, toe to toe
 * @param widthPlusMinusMm  half of a 90 % interval
 * @param widthSdMm         how much it varies along the seam
 * @param wanderMm          of the middle, root of the mean square
 * @param pitchMm           of the ripples
 * @param pitchPlusMinusMm  half of a 90 % interval
 * @param evenness          of the ripples, 0 to 1
 * @param travelMmPerMin    by the ripples
 * @param tint              the hottest band beside the toes
 */
public record KeptMeasure(
        double seamMm,
        double widthMm,
        double widthPlusMinusMm,
        double widthSdMm,
        double wanderMm,
        @Nullable Double pitchMm,
        @Nullable Double pitchPlusMinusMm,
        @Nullable Double evenness,
        @Nullable Double travelMmPerMin,
        @Nullable TintName tint) {

    /** Longest text of one. */
    static final int MOST = 20_000;

    /**
     * {@return what is kept of a measured bead}
     *
     * @param bead as it was measured
     */
    public static KeptMeasure of(MeasuredBead bead) {
        OptionalDouble travel = bead.travel();
        return new KeptMeasure(
                bead.seamMm(),
                bead.width().meanMm(),
                bead.width().plusMinus(),
                bead.width().sdMm(),
                bead.straightness().rmsMm(),
                bead.ripple().map(Ripple::pitchMm).orElse(null),
                bead.ripple().map(Ripple::plusMinus).orElse(null),
                bead.ripple().map(Ripple::evenness).orElse(null),
                travel.isPresent() ? travel.getAsDouble() : null,
                bead.tint().map(SeenTint::band).orElse(null));
    }

    String json() {
        return CoreJson.kept().writeValueAsString(this);
    }

    /**
     * {@return what a kept text says; null of none, and of one that cannot be read}
     *
     * @param json the text
     */
    static @Nullable KeptMeasure read(@Nullable String json) {
        try {
            return json == null ? null : CoreJson.kept().readValue(json, KeptMeasure.class);
        } catch (JacksonException broken) {
            return null;
        }
    }
}
