package vastarc.core.simulation.observe;

import java.nio.ByteBuffer;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;
import vastarc.core.simulation.observe.FrameRecorder.Frame;
import vastarc.core.simulation.observe.FrameRecorder.FrameLayout;
import vastarc.core.simulation.result.BeadSurface;
import vastarc.core.simulation.result.BeadSurface.SurfaceStrip;

/**
 * One place of a face, as it was last recorded.
 *
 * @param xMm     along the seam from the joint's start
 * @param widthMm of the bead there, along the faces; 0 where nothing has melted
 * @param standsMm how far the bead's surface stands out of the old face here; below 0 where it lies under it
 * @param rootMm  from the root to the surface here, mm: in the middle of a fillet, its throat
 * @param peakC   hottest it was, °C
 * @param airC    hottest it was in the air, °C
 * @param frozenS when it froze, s from the strike; empty where it was never molten, or still is
 */
public record SeenPlace(
        double xMm,
        double widthMm,
        double standsMm,
        double rootMm,
        double peakC,
        double airC,
        Optional<Double> frozenS) {

    private static final int PEAK = 1;
    private static final int AIR = 2;
    private static final int PLANES = 3;

    /**
     * {@return a place of what has been recorded; empty before the first picture}
     *
     * @param film    what has been recorded
     * @param front   on the faces that see the arc, else behind
     * @param xMm     along the seam; beyond the ends the nearest
     * @param placeMm along the faces from the root; beyond them the nearest
     */
    public static Optional<SeenPlace> of(FrameRecorder film, boolean front, double xMm, double placeMm) {
        FrameLayout layout = film.layout();
        List<Frame> frames = film.from(film.count() - 1);
        List<Double> places = layout == null ? List.of() : front ? layout.frontMm() : layout.backMm();
        if (layout == null || frames.isEmpty() || places.isEmpty()) {
            return Optional.empty();
        }
        Frame last = frames.get(frames.size() - 1);
        int column = Math.max(0, Math.min(layout.columns() - 1, (int) (xMm / layout.columnMm())));
        int place = nearest(places, layout.mirrored() ? Math.abs(placeMm) : placeMm);
        ByteBuffer planes = front ? last.front() : last.back();
        SectionPoint old = (front ? layout.frontAt() : layout.backAt()).get(place);
        Surface surface = new Surface(film.surface(), front, xMm, placeMm);
        int at = column * places.size() + place;
        int plane = planes.limit() / PLANES;
        return Optional.of(new SeenPlace(
                xMm,
                surface.widthMm(),
                surface.standsMm(new SectionPoint(placeMm < 0 && layout.mirrored() ? -old.y() : old.y(), old.z())),
                surface.rootMm(),
                (planes.get(PEAK * plane + at) & 0xFF) * FrameRecorder.STEP_C,
                (planes.get(AIR * plane + at) & 0xFF) * FrameRecorder.STEP_C,
                surface.frozenS()));
    }

    private static int nearest(List<Double> places, double wanted) {
        int nearest = 0;
        for (int i = 0; i < places.size(); i++) {
            nearest = Math.abs(places.get(i) - wanted) < Math.abs(places.get(nearest) - wanted) ? i : nearest;
        }
        return nearest;
    }

    /** The bead's surface at a place; nothing of it where it has not come there. */
    private static final class Surface {

        private final @Nullable SurfaceStrip strip;
        private final double wide;
        private final boolean front;
        private int point;

        Surface(@Nullable BeadSurface bead, boolean front, double xMm, double placeMm) {
            this.front = front;
            if (bead == null) {
                strip = null;
                wide = 0;
                return;
            }
            int line = Math.max(0, Math.min(bead.lines() - 1, (int) (xMm / bead.stepMm())));
            wide = (front ? bead.widthMm() : bead.backMm()).get(line);
            SurfaceStrip all = front ? bead.front() : bead.back();
            int first = line * all.across();
            boolean isOn = wide > 0
                    && placeMm >= all.placeMm().get(first)
                    && placeMm <= all.placeMm().get(first + all.across() - 1);
            strip = isOn ? all : null;
            point = first;
            for (int i = first; i < first + all.across(); i++) {
                point = Math.abs(all.placeMm().get(i) - placeMm)
                                < Math.abs(all.placeMm().get(point) - placeMm)
                        ? i
                        : point;
            }
        }

        double widthMm() {
            return wide;
        }

        double standsMm(SectionPoint old) {
            if (strip == null) {
                return 0;
            }
            double down = strip.zMm().get(point) - old.z();
            return front ? -down : down;
        }

        double rootMm() {
            return strip == null
                    ? 0
                    : Math.hypot(strip.yMm().get(point), strip.zMm().get(point));
        }

        Optional<Double> frozenS() {
            return strip == null || Float.isNaN(strip.frozenS().get(point))
                    ? Optional.empty()
                    : Optional.of((double) strip.frozenS().get(point));
        }
    }
}
