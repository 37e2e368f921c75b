package vastarc.web.store.run;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vastarc.core.vision.MeasureRequest;
import vastarc.core.vision.PixelPoint;
import vastarc.core.vision.ScaleSource;

/**
 * What was asked of a photograph, in the form the measuring call takes it, so that it can be asked again. Places are pixels, [x, y].
 *
 * @param scale   what has a known size
 * @param seam    as it was drawn; none where it was found
 * @param clean   bare metal; null where none was named
 * @param moved   toes put right
 * @param leftOut stretches that do not count
 * @param dabHz   dabs a second; null where not told
 */
public record KeptAsk(
        KeptScale scale,
        List<List<Double>> seam,
        @Nullable List<Double> clean,
        List<List<Double>> moved,
        List<KeptStretch> leftOut,
        @Nullable Double dabHz) {

    public KeptAsk {
        seam = List.copyOf(seam);
        moved = List.copyOf(moved);
        leftOut = List.copyOf(leftOut);
    }

    /** A known size: two places and their distance or the tube's diameter, mm, or the printed strip. */
    public record KeptScale(
            @Nullable List<Double> from,
            @Nullable List<Double> to,
            @Nullable Double mm,
            @Nullable Double tubeOdMm,
            boolean strip) {

        private static KeptScale of(ScaleSource scale) {
            if (scale instanceof ScaleSource.KnownDistance known) {
                return new KeptScale(pair(known.from()), pair(known.to()), known.mm(), null, false);
            }
            if (scale instanceof ScaleSource.TubeOutline tube) {
                return new KeptScale(pair(tube.from()), pair(tube.to()), null, tube.tubeOdMm(), false);
            }
            return new KeptScale(null, null, null, null, true);
        }
    }

    /** A stretch of the bead, mm from its beginning. */
    public record KeptStretch(double fromMm, double toMm) {}

    static KeptAsk of(MeasureRequest asked) {
        return new KeptAsk(
                KeptScale.of(asked.scale()),
                pairs(asked.seam()),
                asked.clean().map(KeptAsk::pair).orElse(null),
                pairs(asked.moved()),
                asked.leftOut().stream()
                        .map(out -> new KeptStretch(tenth(out.fromMm()), tenth(out.toMm())))
                        .toList(),
                asked.dabHz().isPresent() ? asked.dabHz().getAsDouble() : null);
    }

    private static List<List<Double>> pairs(List<PixelPoint> places) {
        return places.stream().map(KeptAsk::pair).toList();
    }

    /** A finger is no finer than a tenth of a pixel. */
    private static List<Double> pair(PixelPoint place) {
        return List.of(tenth(place.x()), tenth(place.y()));
    }

    private static double tenth(double value) {
        return Math.rint(10 * value) / 10;
    }
}
