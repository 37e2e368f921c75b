package vastarc.web.store.run;

import com.fasterxml.jackson.annotation.JsonFormat;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import vastarc.core.vision.MeasureRequest;
import vastarc.core.vision.MeasuredBead;
import vastarc.core.vision.MeasuredBead.Ripple;
import vastarc.core.vision.MeasuredBead.SeenTint;
import vastarc.core.vision.MeasuredBead.WidthPlace;
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
 * @param along             the width place by place; null in what was kept before it was
 * @param asked             what was asked of the picture, in its own pixels; null likewise
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
        @Nullable TintName tint,
        @Nullable List<KeptWidth> along,
        @Nullable KeptAsk asked) {

    /** Longest text of one. */
    static final int MOST = 20_000;

    /** So many places of a bead are kept at most. */
    private static final int MOST_PLACES = 200;

    /**
     * The width at a place.
     *
     * @param mm          along the seam from the beginning of the bead in view
     * @param widthMm     toe to toe
     * @param plusMinusMm half of a 90 % interval
     */
    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    public record KeptWidth(double mm, double widthMm, double plusMinusMm) {

        private static KeptWidth of(WidthPlace place) {
            return new KeptWidth(
                    CoreJson.rounded(place.mm()),
                    CoreJson.rounded(place.widthMm()),
                    CoreJson.rounded(place.plusMinus()));
        }
    }

    public KeptMeasure {
        along = along == null ? null : List.copyOf(along);
    }

    /**
     * {@return what is kept of a measured bead}
     *
     * @param bead  as it was measured
     * @param asked of the picture
     */
    public static KeptMeasure of(MeasuredBead bead, MeasureRequest asked) {
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
                bead.tint().map(SeenTint::band).orElse(null),
                thinned(bead.width().along()),
                KeptAsk.of(asked));
    }

    private static List<KeptWidth> thinned(List<WidthPlace> along) {
        int step = 1 + (along.size() - 1) / MOST_PLACES;
        return IntStream.range(0, along.size())
                .filter(place -> place % step == 0)
                .mapToObj(place -> KeptWidth.of(along.get(place)))
                .toList();
    }

    /** {@return the width place by place; none in what was kept before it was} */
    public List<KeptWidth> widths() {
        return along == null ? List.of() : along;
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
