package vastarc.core.simulation.mesh;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.simulation.mesh.SectionMesh.FaceDirection;
import vastarc.core.simulation.mesh.SectionMesh.JointOutline;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;

/** Outlines of joints, the root at y = 0, z = 0, the arc above. Places on faces count from the root; one side of it may count below 0. */
final class JointOutlines {

    private static final double NEAR = 1e-6;
    private static final double CORNER_LEAN_DEG = 45;

    private JointOutlines() {}

    private static OptionalDouble when(boolean isOnFace, double place) {
        return isOnFace ? OptionalDouble.of(place) : OptionalDouble.empty();
    }

    private static boolean isIn(double value, double from, double to) {
        return value > from && value < to;
    }

    private static boolean isOn(double value, double line) {
        return Math.abs(value - line) < NEAR;
    }

    private static SectionPoint at(double y, double z) {
        return new SectionPoint(y, z);
    }

    private static List<SectionPoint> box(double fromY, double fromZ, double toY, double toZ) {
        return List.of(at(fromY, fromZ), at(toY, fromZ), at(toY, toZ), at(fromY, toZ));
    }

    /** Half of a flat plate, or of two alike that meet edge to edge; its far edge gives off nothing. */
    record FlatPlate(double halfWidthMm, double thicknessMm) implements JointOutline {

        @Override
        public boolean isMetal(double y, double z) {
            return isIn(y, 0, halfWidthMm) && isIn(z, 0, thicknessMm);
        }

        @Override
        public OptionalDouble front(double y, double z, FaceDirection side) {
            return when(side == FaceDirection.UP, y);
        }

        @Override
        public OptionalDouble back(double y, double z, FaceDirection side) {
            return when(side == FaceDirection.DOWN, y);
        }

        @Override
        public SectionPoint frontAt(double place) {
            return at(place, 0);
        }

        @Override
        public SectionPoint backAt(double place) {
            return at(place, thicknessMm);
        }

        @Override
        public List<List<SectionPoint>> members() {
            return List.of(box(-halfWidthMm, 0, 0, thicknessMm), box(0, 0, halfWidthMm, thicknessMm));
        }

        @Override
        public double endsAtMm() {
            return Double.POSITIVE_INFINITY;
        }

        @Override
        public boolean isBare(FaceDirection side) {
            return side.isLevel();
        }

        @Override
        public boolean isMirrored() {
            return true;
        }
    }

    /** Two flat members, faces level: the base at y above 0, the abutting one below. */
    record UnequalPlates(double legMm, double baseMm, double abuttingMm) implements JointOutline {

        @Override
        public boolean isMetal(double y, double z) {
            return isIn(y, -legMm, legMm) && isIn(z, 0, y > 0 ? baseMm : abuttingMm);
        }

        @Override
        public OptionalDouble front(double y, double z, FaceDirection side) {
            return when(side == FaceDirection.UP, y);
        }

        @Override
        public OptionalDouble back(double y, double z, FaceDirection side) {
            return when(side == FaceDirection.DOWN, y);
        }

        @Override
        public SectionPoint frontAt(double place) {
            return at(place, 0);
        }

        @Override
        public SectionPoint backAt(double place) {
            return at(place, place > 0 ? baseMm : abuttingMm);
        }

        @Override
        public List<List<SectionPoint>> members() {
            return List.of(box(-legMm, 0, 0, abuttingMm), box(0, 0, legMm, baseMm));
        }
    }

    /**
     * Half of a V, filled with metal up to a level: the root's gap counts as closed by its wire.
     *
     * @param levelMm  from the face down to what is filled
     * @param rootFaceMm height of the unbevelled edge
     * @param halfGapMm half the gap at the root
     * @param tangent  of half the angle
     * @param stripMm  thickness of a strip behind it; 0 without
     */
    record GrooveOutline(
            double legMm,
            double thicknessMm,
            double levelMm,
            double rootFaceMm,
            double halfGapMm,
            double tangent,
            double stripMm)
            implements JointOutline {

        @Override
        public boolean isMetal(double y, double z) {
            if (z > thicknessMm) {
                return isIn(y, 0, EdgePreparation.STRIP_HALF_WIDTH_MM) && z < thicknessMm + stripMm;
            }
            return isIn(y, 0, legMm) && z > 0 && (z > levelMm || y > openTo(z));
        }

        /** Half the width of the groove at a depth, mm. */
        double openTo(double z) {
            return halfGapMm + Math.max(0, thicknessMm - rootFaceMm - z) * tangent;
        }

        @Override
        public OptionalDouble front(double y, double z, FaceDirection side) {
            return when(side == FaceDirection.UP || side == FaceDirection.LEFT, y);
        }

        @Override
        public OptionalDouble back(double y, double z, FaceDirection side) {
            return when(side == FaceDirection.DOWN, y);
        }

        @Override
        public SectionPoint frontAt(double place) {
            double y = Math.abs(place);
            double wall = thicknessMm - rootFaceMm - (y - halfGapMm) / tangent;
            return at(place, Math.max(0, Math.min(levelMm, wall)));
        }

        @Override
        public SectionPoint backAt(double place) {
            return at(place, thicknessMm + stripMm);
        }

        @Override
        public List<List<SectionPoint>> members() {
            List<List<SectionPoint>> members = new ArrayList<>();
            for (int side : new int[] {-1, 1}) {
                members.add(List.of(
                        at(side * openTo(0), 0),
                        at(side * legMm, 0),
                        at(side * legMm, thicknessMm),
                        at(side * halfGapMm, thicknessMm),
                        at(side * halfGapMm, thicknessMm - rootFaceMm)));
            }
            if (stripMm > 0) {
                double half = EdgePreparation.STRIP_HALF_WIDTH_MM;
                members.add(box(-half, thicknessMm, half, thicknessMm + stripMm));
            }
            return members;
        }

        @Override
        public boolean isMirrored() {
            return true;
        }
    }

    /** Two sheets side by side, the arc on their edges; the base at y above 0. */
    record EdgeOutline(double legMm, double baseMm, double abuttingMm) implements JointOutline {

        @Override
        public boolean isMetal(double y, double z) {
            return isIn(y, isMirrored() ? 0 : -abuttingMm, baseMm) && isIn(z, 0, legMm);
        }

        @Override
        public OptionalDouble front(double y, double z, FaceDirection side) {
            return when(side == FaceDirection.UP, y);
        }

        @Override
        public OptionalDouble back(double y, double z, FaceDirection side) {
            return OptionalDouble.empty();
        }

        @Override
        public SectionPoint frontAt(double place) {
            return at(Math.max(-abuttingMm, Math.min(baseMm, place)), 0);
        }

        @Override
        public SectionPoint backAt(double place) {
            return at(place, legMm);
        }

        @Override
        public List<List<SectionPoint>> members() {
            return List.of(box(-abuttingMm, 0, 0, legMm), box(0, 0, baseMm, legMm));
        }

        @Override
        public boolean isMirrored() {
            return baseMm == abuttingMm;
        }
    }

    /** Two sheets at a right angle, the arc on the outside of the corner; the base level, the abutting one upright. */
    record OutsideCorner(double legMm, double baseMm, double abuttingMm) implements JointOutline {

        /** A bead over a corner is measured straight across. */
        private static final double ACROSS = Math.sqrt(0.5);

        @Override
        public boolean isMetal(double y, double z) {
            return isIn(y, 0, legMm) && isIn(z, 0, baseMm) || isIn(y, 0, abuttingMm) && isIn(z, 0, legMm);
        }

        @Override
        public OptionalDouble front(double y, double z, FaceDirection side) {
            return switch (side) {
                case UP -> OptionalDouble.of(y * ACROSS);
                case LEFT -> OptionalDouble.of(-z * ACROSS);
                default -> OptionalDouble.empty();
            };
        }

        @Override
        public OptionalDouble back(double y, double z, FaceDirection side) {
            return side == FaceDirection.DOWN && y > abuttingMm
                    ? OptionalDouble.of(y - abuttingMm)
                    : when(side == FaceDirection.RIGHT && z > baseMm, baseMm - z);
        }

        @Override
        public SectionPoint frontAt(double place) {
            return place > 0 ? at(place / ACROSS, 0) : at(0, -place / ACROSS);
        }

        @Override
        public SectionPoint backAt(double place) {
            return place > 0 ? at(abuttingMm + place, baseMm) : at(abuttingMm, baseMm - place);
        }

        @Override
        public List<List<SectionPoint>> members() {
            return List.of(box(0, baseMm, abuttingMm, legMm), box(0, 0, legMm, baseMm));
        }

        @Override
        public double leanDeg() {
            return -CORNER_LEAN_DEG;
        }
    }

    /**
     * A member that is on another, the arc in the corner.
     *
     * @param goesOnMm   the base goes on so far behind the upright
     * @param backOfBase the back that is watched is the base's; else the upright's
     */
    record Tee(double legMm, double baseMm, double uprightMm, double goesOnMm, boolean backOfBase)
            implements JointOutline {

        @Override
        public boolean isMetal(double y, double z) {
            return isIn(z, 0, baseMm) && isIn(y, -goesOnMm, legMm) || isIn(y, -uprightMm, 0) && isIn(z, -legMm, 0);
        }

        @Override
        public OptionalDouble front(double y, double z, FaceDirection side) {
            return side == FaceDirection.UP && y > 0 && isOn(z, 0)
                    ? OptionalDouble.of(y)
                    : when(side == FaceDirection.RIGHT && isOn(y, 0), z);
        }

        @Override
        public OptionalDouble back(double y, double z, FaceDirection side) {
            boolean behind =
                    backOfBase ? side == FaceDirection.DOWN : side == FaceDirection.LEFT && isOn(y, -uprightMm);
            return when(behind, backOfBase ? y : z);
        }

        @Override
        public SectionPoint frontAt(double place) {
            return place > 0 ? at(place, 0) : at(0, place);
        }

        @Override
        public SectionPoint backAt(double place) {
            return backOfBase ? at(place, baseMm) : at(-uprightMm, place);
        }

        @Override
        public List<List<SectionPoint>> members() {
            return List.of(box(-uprightMm, -legMm, 0, 0), box(-goesOnMm, 0, legMm, baseMm));
        }

        @Override
        public double leanDeg() {
            return CORNER_LEAN_DEG;
        }
    }

    /** A sheet on another, the arc on its edge. Between them nothing passes but close to the edge, where they are fused. */
    record Lap(double legMm, double baseMm, double upperMm) implements JointOutline {

        private static final double FUSED_MM = 1.5;

        @Override
        public boolean isMetal(double y, double z) {
            return isIn(y, -legMm, legMm) && isIn(z, 0, baseMm) || isIn(y, -legMm, 0) && isIn(z, -upperMm, 0);
        }

        @Override
        public boolean isParted(double y, double z) {
            return isOn(z, 0) && y < -FUSED_MM;
        }

        @Override
        public OptionalDouble front(double y, double z, FaceDirection side) {
            return switch (side) {
                case UP -> OptionalDouble.of(isOn(z, 0) ? y : y - upperMm);
                case RIGHT -> when(isOn(y, 0), z);
                default -> OptionalDouble.empty();
            };
        }

        @Override
        public OptionalDouble back(double y, double z, FaceDirection side) {
            return when(side == FaceDirection.DOWN, y);
        }

        @Override
        public SectionPoint frontAt(double place) {
            return place > 0 ? at(place, 0) : place > -upperMm ? at(0, place) : at(place + upperMm, -upperMm);
        }

        @Override
        public SectionPoint backAt(double place) {
            return at(place, baseMm);
        }

        @Override
        public List<List<SectionPoint>> members() {
            return List.of(box(-legMm, -upperMm, 0, 0), box(-legMm, 0, legMm, baseMm));
        }

        @Override
        public double leanDeg() {
            return CORNER_LEAN_DEG;
        }
    }
}
