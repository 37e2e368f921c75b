package vastarc.core.simulation.mesh;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/** A joint cut across its seam into cells, y across and z down from the root, mm. What is not metal stays empty. */
public final class SectionMesh {

    /** Legs are followed so far from the root, mm. */
    public static final double LEG_MM = 40;

    private static final double NEAR = 1e-9;

    /** Which way a facet looks. */
    public enum FaceDirection {
        /** Upward. */
        UP(0, -1),
        /** Downward. */
        DOWN(0, 1),
        /** Towards smaller y. */
        LEFT(-1, 0),
        /** Towards greater y. */
        RIGHT(1, 0);

        /** Step across to the open side. */
        public final int dy;
        /** Step downward to the open side. */
        public final int dz;

        FaceDirection(int dy, int dz) {
            this.dy = dy;
            this.dz = dz;
        }

        boolean isLevel() {
            return dz != 0;
        }
    }

    /** A point of a section: across the seam and down from the root, mm. */
    public record SectionPoint(double y, double z) {}

    /** A joint's outline. */
    public interface JointOutline {

        /**
         * {@return whether there is metal at a place, mm}
         *
         * @param y across the seam, mm
         * @param z depth below the face, mm
         */
        boolean isMetal(double y, double z);

        /**
         * {@return how far along the arc's faces a place on them lies from the root, mm; empty where it is not on them}
         *
         * @param y across the seam, mm
         * @param z depth below the face, mm
         * @param side the direction
         */
        OptionalDouble front(double y, double z, FaceDirection side);

        /**
         * {@return the same of the faces behind}
         *
         * @param y across the seam, mm
         * @param z depth below the face, mm
         * @param side the direction
         */
        OptionalDouble back(double y, double z, FaceDirection side);

        /**
         * {@return the point of the arc's faces that lies so far from the root, as {@link #front} counts it; where only one half is cut,
         * places below 0 are its mirror image}
         *
         * @param place along the faces, mm
         */
        SectionPoint frontAt(double place);

        /**
         * {@return the same of the faces behind}
         *
         * @param place along the faces, mm
         */
        SectionPoint backAt(double place);

        /** {@return the members as they lie before the weld, each by the corners of its section; both halves} */
        List<List<SectionPoint>> members();

        /** {@return the arc's axis from straight above the root, degrees; positive leans over the side of growing y} */
        default double leanDeg() {
            return 0;
        }

        /**
         * {@return whether nothing passes through this level between what lies above and below it}
         *
         * @param y across the seam, mm
         * @param z depth below the face, mm
         */
        default boolean isParted(double y, double z) {
            return false;
        }

        /** {@return beyond this the metal goes on, mm: what is cut there is no face} */
        default double endsAtMm() {
            return LEG_MM;
        }

        /**
         * {@return whether faces that look this way give heat to the air}
         *
         * @param side the direction
         */
        default boolean isBare(FaceDirection side) {
            return true;
        }

        /** {@return whether only half of it is cut, the other half being its mirror image} */
        default boolean isMirrored() {
            return false;
        }
    }

    /**
     * The side of a cell that looks into the open.
     *
     * @param row      of the cell
     * @param layer    of the cell
     * @param lengthMm of the facet across the seam
     * @param deepMm   of the cell behind it
     * @param placeMm  distance of its middle from the root along the faces
     * @param fromMm   where it begins across the arc's axis
     * @param toMm     where it ends, not before that
     */
    public record BoundaryFace(
            int row,
            int layer,
            FaceDirection side,
            double lengthMm,
            double deepMm,
            double placeMm,
            double fromMm,
            double toMm) {}

    private final JointOutline shape;
    private final double[] across;
    private final double[] down;
    private final List<BoundaryFace> front;
    private final List<BoundaryFace> back;
    private final List<BoundaryFace> bare;

    private SectionMesh(
            JointOutline shape,
            double[] across,
            double[] down,
            List<BoundaryFace> front,
            List<BoundaryFace> back,
            List<BoundaryFace> bare) {
        this.shape = shape;
        this.across = across.clone();
        this.down = down.clone();
        this.front = List.copyOf(front);
        this.back = List.copyOf(back);
        this.bare = List.copyOf(bare);
    }

    /** Edges of the rows and of the layers, mm, growing. */
    static SectionMesh of(JointOutline shape, double[] across, double[] down) {
        SectionMesh cut = new SectionMesh(shape, across, down, List.of(), List.of(), List.of());
        List<BoundaryFace> face = new ArrayList<>();
        List<BoundaryFace> back = new ArrayList<>();
        List<BoundaryFace> bare = new ArrayList<>();
        for (int layer = 0; layer < down.length - 1; layer++) {
            for (int row = 0; row < across.length - 1; row++) {
                if (cut.isMetal(row, layer)) {
                    for (FaceDirection side : FaceDirection.values()) {
                        cut.sort(row, layer, side, face, back, bare);
                    }
                }
            }
        }
        face.sort(Comparator.comparingDouble(BoundaryFace::placeMm));
        back.sort(Comparator.comparingDouble(BoundaryFace::placeMm));
        return new SectionMesh(shape, across, down, face, back, bare);
    }

    private void sort(
            int row,
            int layer,
            FaceDirection side,
            List<BoundaryFace> face,
            List<BoundaryFace> back,
            List<BoundaryFace> bare) {
        if (isMetal(row + side.dy, layer + side.dz)) {
            return;
        }
        double y = side.dy == 0 ? middle(across, row) : across[row + (side.dy + 1) / 2];
        double z = side.dz == 0 ? middle(down, layer) : down[layer + (side.dz + 1) / 2];
        boolean mirror = shape.isMirrored() && side == FaceDirection.LEFT && Math.abs(y) < NEAR;
        boolean goesOn = Math.abs(side.isLevel() ? z : y) > shape.endsAtMm() - NEAR;
        if (mirror || goesOn || !shape.isBare(side)) {
            return;
        }
        OptionalDouble ahead = shape.front(y, z, side);
        OptionalDouble behind = shape.back(y, z, side);
        BoundaryFace facet = facet(row, layer, side, ahead.orElse(behind.orElse(0)));
        bare.add(facet);
        if (ahead.isPresent()) {
            face.add(facet);
        } else if (behind.isPresent()) {
            back.add(facet);
        }
    }

    private BoundaryFace facet(int row, int layer, FaceDirection side, double place) {
        double width = across[row + 1] - across[row];
        double height = down[layer + 1] - down[layer];
        double lean = Math.toRadians(shape.leanDeg());
        double y = across[row + (side == FaceDirection.RIGHT ? 1 : 0)];
        double z = down[layer + (side == FaceDirection.DOWN ? 1 : 0)];
        double otherY = side.isLevel() ? across[row + 1] : y;
        double otherZ = side.isLevel() ? z : down[layer + 1];
        double value = y * Math.cos(lean) + z * Math.sin(lean);
        double other = otherY * Math.cos(lean) + otherZ * Math.sin(lean);
        return new BoundaryFace(
                row,
                layer,
                side,
                side.isLevel() ? width : height,
                side.isLevel() ? height : width,
                place,
                Math.min(value, other),
                Math.max(value, other));
    }

    /**
     * {@return whether a cell holds metal; false outside the section}
     *
     * @param row number of the row, from 0
     * @param layer number of the layer, from 0
     */
    public boolean isMetal(int row, int layer) {
        return row >= 0
                && layer >= 0
                && row < across.length - 1
                && layer < down.length - 1
                && shape.isMetal(middle(across, row), middle(down, layer));
    }

    /** Heat can pass from a cell to the one below it. */
    boolean isJoinedBelow(int row, int layer) {
        return isMetal(row, layer) && isMetal(row, layer + 1) && !shape.isParted(middle(across, row), down[layer + 1]);
    }

    private static double middle(double[] edges, int cell) {
        return (edges[cell] + edges[cell + 1]) / 2;
    }

    /** {@return where the metal is} */
    public JointOutline shape() {
        return shape;
    }

    /** {@return the faces that the arc sees, in order along them} */
    public List<BoundaryFace> front() {
        return front;
    }

    /** {@return the faces behind, in order along them} */
    public List<BoundaryFace> back() {
        return back;
    }

    /** {@return every face that gives heat to the air; ends where the metal goes on are none} */
    public List<BoundaryFace> bare() {
        return bare;
    }

    /**
     * {@return the edge where a row begins, mm across the seam}
     *
     * @param row number of the row, from 0; the number of rows for the last edge
     */
    public double acrossMm(int row) {
        return across[row];
    }

    /**
     * {@return the edge where a layer begins, mm below the root}
     *
     * @param layer number of the layer, from 0; the number of layers for the last edge
     */
    public double downMm(int layer) {
        return down[layer];
    }

    /** {@return rows across the seam} */
    public int rows() {
        return across.length - 1;
    }

    /** {@return layers downward} */
    public int layers() {
        return down.length - 1;
    }

    /** {@return the whole joint over what is cut of it} */
    public double whole() {
        return shape.isMirrored() ? 2 : 1;
    }
}
