package vastarc.core.simulation.result;

import java.nio.ByteBuffer;
import java.nio.FloatBuffer;
import java.util.OptionalDouble;

/**
 * The surface of a bead as it froze: lines across the seam, evenly spaced along it, each of the same number of points. A line where nothing has
 * melted has all its points in one place.
 *
 * @param lines    across the seam
 * @param stepMm   from one to the next; the first lies half a step from the start
 * @param front    on the faces that see the arc
 * @param back     behind
 * @param meltedS  by line: when it first melted, s from the strike; not a number where it has not
 * @param widthMm  by line: molten in front, from toe to toe along the faces, mm
 * @param backMm   by line: molten behind, mm
 * @param holes    by line: 1 where the pool was wider behind than its surface holds, so that it falls through
 * @param laidMm3  wire that was melted into it up to now, mm³
 * @param addedMm3 what the drawn surface holds more than the old joint, mm³; the crater's shrinkage left out
 * @param rippleS  from one ripple to the next, s; empty where nothing draws any
 */
public record BeadSurface(
        int lines,
        double stepMm,
        SurfaceStrip front,
        SurfaceStrip back,
        FloatBuffer meltedS,
        FloatBuffer widthMm,
        FloatBuffer backMm,
        ByteBuffer holes,
        double laidMm3,
        double addedMm3,
        OptionalDouble rippleS) {

    /** Lets nobody write into its figures. */
    public BeadSurface {
        meltedS = meltedS.asReadOnlyBuffer();
        widthMm = widthMm.asReadOnlyBuffer();
        backMm = backMm.asReadOnlyBuffer();
        holes = holes.asReadOnlyBuffer();
    }

    /**
     * Points of one face, line by line.
     *
     * @param across  points of a line
     * @param yMm     across the seam from the root
     * @param zMm     down from it
     * @param placeMm along the old faces, as the pictures count
     * @param frozenS when it froze last, s from the strike; not a number where it has not
     */
    public record SurfaceStrip(int across, FloatBuffer yMm, FloatBuffer zMm, FloatBuffer placeMm, FloatBuffer frozenS) {

        /** Lets nobody write into its figures. */
        public SurfaceStrip {
            yMm = yMm.asReadOnlyBuffer();
            zMm = zMm.asReadOnlyBuffer();
            placeMm = placeMm.asReadOnlyBuffer();
            frozenS = frozenS.asReadOnlyBuffer();
        }
    }
}
