package vastarc.core.vision;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.exception.MathRuntimeException;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.MeasureRefusal.RefusalException;
import vastarc.core.vision.MeasureRequest.Stretch;
import vastarc.core.vision.MeasuredBead.Ripple;
import vastarc.core.vision.MeasuredBead.SeenTint;
import vastarc.core.vision.MeasuredBead.Straightness;
import vastarc.core.vision.MeasuredBead.ToePlace;
import vastarc.core.vision.TintReader.WhiteBalance;
import vastarc.core.vision.ToeFinder.SeamPoint;
import vastarc.core.vision.ToeFinder.ToePair;

/** Measures the bead in a photograph. {@code docs/model/vision.md}. */
public final class BeadMeasurer {

    /** What lies beside the seam is looked at so far, mm. */
    static final double BESIDE_MM = 14;

    private static final double BEYOND_SHARE = 0.12;
    private static final double BEYOND_MM = 4;
    private static final double LEAST_STEP_MM = 0.05;

    /** Longer seams take more memory than the program has. */
    private static final double MOST_SEAM_MM = 600;

    /** A bead is some pixels wide at least. */
    private static final double MOST_PIXEL_MM = 1;

    private static final double SECONDS = 60;
    private static final double PATCH_MM = 1;
    private static final int PATCH = 5;

    private final Photo photo;
    private final MeasureRequest request;
    private final PlaneMap map;

    private BeadMeasurer(Photo photo, MeasureRequest request, PlaneMap map) {
        this.photo = photo;
        this.request = request;
        this.map = map;
    }

    /**
     * What came of a photograph: either is present.
     *
     * @param bead    the measures
     * @param refused why there are none
     */
    public record Measurement(Optional<MeasuredBead> bead, Optional<MeasureRefusal> refused) {}

    /**
     * {@return the measures of a photograph, or why there are none}
     *
     * @param photo   the photograph
     * @param request what is asked
     */
    public static Measurement measure(Photo photo, MeasureRequest request) {
        try {
            PictureQuality.check(photo);
            PlaneMap map = scale(photo, request.scale());
            MeasuredBead bead = new BeadMeasurer(photo, request, map).bead();
            return new Measurement(Optional.of(bead), Optional.empty());
        } catch (RefusalException refused) {
            return new Measurement(Optional.empty(), Optional.of(refused.why()));
        } catch (MathRuntimeException noLine) {
            // Places that no smooth line goes through.
            return new Measurement(Optional.empty(), Optional.of(MeasureRefusal.NO_SEAM));
        }
    }

    private static PlaneMap scale(Photo photo, ScaleSource source) {
        if (source instanceof ScaleSource.KnownDistance known) {
            return PointScale.of(known.from(), known.to(), known.mm());
        }
        if (source instanceof ScaleSource.TubeOutline tube) {
            return TubeScale.of(tube.from(), tube.to(), tube.tubeOdMm());
        }
        return StripFinder.find(photo).orElseThrow(() -> new RefusalException(MeasureRefusal.NO_SCALE));
    }

    private MeasuredBead bead() {
        List<PixelPoint> drawn = request.seam().isEmpty() ? SeamFinder.find(photo, map) : request.seam();
        SeamLine line = line(drawn);
        double beyond = BEYOND_SHARE * line.lengthMm() + BEYOND_MM;
        SeamView view = SeamView.of(photo, map, line, BESIDE_MM, beyond);
        List<ToePair> toes = ToeFinder.follow(view, moved(view));
        BeadStretch stretch = BeadStretch.of(view, toes, line.lengthMm());
        List<ToePair> counted = stretch.counted(leftOut(stretch));
        PictureQuality.check(view, counted);
        return measured(view, stretch, counted);
    }

    /** Through places that differ; one that would be longer than any picture of a bead shows is none. */
    private SeamLine line(List<PixelPoint> drawn) {
        List<PlanePoint> places = new ArrayList<>();
        for (PixelPoint place : drawn) {
            PlanePoint next = map.toPlane(place);
            if (places.isEmpty() || !(next.distance(places.get(places.size() - 1)) < LEAST_STEP_MM)) {
                places.add(next);
            }
        }
        if (places.size() < 2) {
            throw new RefusalException(MeasureRefusal.NO_SEAM);
        }
        SeamLine line = SeamLine.through(places);
        double pixel = map.mmPerPixel(line.at(line.lengthMm() / 2).at());
        if (!(pixel < MOST_PIXEL_MM)) {
            throw new RefusalException(MeasureRefusal.NO_SCALE);
        }
        if (!(line.lengthMm() < MOST_SEAM_MM)) {
            throw new RefusalException(MeasureRefusal.NO_SEAM);
        }
        return line;
    }

    private List<Stretch> leftOut(BeadStretch stretch) {
        return request.leftOut().stream()
                .map(out -> new Stretch(out.fromMm() + stretch.fromMm(), out.toMm() + stretch.fromMm()))
                .toList();
    }

    private List<SeamPoint> moved(SeamView view) {
        return request.moved().stream()
                .map(toe -> view.beside(map.toPlane(toe)))
                .toList();
    }

    private MeasuredBead measured(SeamView view, BeadStretch stretch, List<ToePair> counted) {
        double scaleShare = map.uncertainty(view.line().at(stretch.middleMm()).at());
        ToeStatistics statistics = ToeStatistics.of(counted, view, stretch.fromMm(), scaleShare);
        double mmPerPixel = map.mmPerPixel(view.line().at(stretch.middleMm()).at());
        Optional<Ripple> ripple = RippleReader.read(
                        view,
                        counted.get(0).mm(),
                        counted.get(counted.size() - 1).mm(),
                        stretch::middleOf,
                        statistics.width().meanMm())
                .map(seen -> new Ripple(
                        seen.pitchMm(), Math.hypot(seen.plusMinus(), scaleShare * seen.pitchMm()), seen.evenness()));
        Optional<SeenTint> tint =
                request.family().flatMap(family -> TintReader.read(view, counted, family, whiteBalance()));
        MeasuredBead bead = new MeasuredBead(
                new Uncertain(mmPerPixel, scaleShare * mmPerPixel),
                stretch.lengthMm(),
                statistics.width(),
                new Straightness(statistics.wanderMm()),
                ripple,
                travel(ripple),
                tint,
                List.of(),
                outline(view, stretch, counted),
                statistics.widens());
        return BeadSigns.on(bead, request.family(), view, map, stretch, counted);
    }

    private OptionalDouble travel(Optional<Ripple> ripple) {
        return ripple.isPresent() && request.dabHz().isPresent()
                ? OptionalDouble.of(ripple.get().pitchMm() * request.dabHz().getAsDouble() * SECONDS)
                : OptionalDouble.empty();
    }

    /** The strip's grey, or a clean place; the metal farther off stands in for both. */
    private Optional<WhiteBalance> whiteBalance() {
        if (map instanceof StripScale) {
            PlanePoint grey =
                    new PlanePoint((StripLayout.GREY_FROM_MM + StripLayout.GREY_TO_MM) / 2, StripLayout.HEIGHT_MM / 2);
            return Optional.of(WhiteBalance.neutral(patch(grey), StripLayout.GREY_REFLECTANCE));
        }
        return request.clean().map(place -> WhiteBalance.clean(patch(map.toPlane(place))));
    }

    /** The light of a small place, the middle one of several. */
    private double[] patch(PlanePoint place) {
        double[][] seen = new double[3][PATCH * PATCH];
        for (int i = 0; i < PATCH * PATCH; i++) {
            double u = PATCH_MM * (2.0 * (i % PATCH) / (PATCH - 1) - 1);
            double v = PATCH_MM * (2.0 * (i / PATCH) / (PATCH - 1) - 1);
            PixelPoint at = map.toPicture(place.plus(u, v));
            float[] colour = new float[3];
            photo.add(at.x(), at.y(), colour);
            for (int channel = 0; channel < 3; channel++) {
                seen[channel][i] = Light.of(colour[channel]);
            }
        }
        return new double[] {
            OrderStatistics.median(seen[0]), OrderStatistics.median(seen[1]), OrderStatistics.median(seen[2])
        };
    }

    private List<ToePlace> outline(SeamView view, BeadStretch stretch, List<ToePair> counted) {
        List<ToePlace> outline = new ArrayList<>();
        for (ToePair toe : stretch.all()) {
            var place = view.line().at(toe.mm());
            outline.add(new ToePlace(
                    toe.mm() - stretch.fromMm(),
                    map.toPicture(place.beside(toe.leftMm())),
                    map.toPicture(place.beside(toe.rightMm())),
                    counted.contains(toe)));
        }
        return outline;
    }
}
