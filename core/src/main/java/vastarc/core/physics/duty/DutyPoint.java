package vastarc.core.physics.duty;

import java.util.List;

/**
 * A point of a rating plate: how long a current may be held in ten minutes.
 *
 * @param currentA A
 * @param percent  of ten minutes
 */
public record DutyPoint(double currentA, double percent) {

    /**
     * {@return duty at a current, %: \( D = D_1 (I_1/I)^2 \), at most 100; between two points the more careful of
     * both} {@code docs/model/equipment.md (1)}. Source: heating by the square of the current [textbook]. Use the RMS
     * current of a pulse.
     *
     * @param plate the duty points of the plate
     * @param currentA current, A
     */
    public static double percentAt(List<DutyPoint> plate, double currentA) {
        if (currentA <= 0 || plate.isEmpty()) {
            return 100;
        }
        DutyPoint below = null;
        DutyPoint above = null;
        for (DutyPoint point : plate) {
            if (point.currentA() >= currentA && (above == null || point.currentA() < above.currentA())) {
                above = point;
            }
            if (point.currentA() <= currentA && (below == null || point.currentA() > below.currentA())) {
                below = point;
            }
        }
        double fromAbove = above == null ? Double.MAX_VALUE : above.scaledTo(currentA);
        double fromBelow = below == null ? Double.MAX_VALUE : below.scaledTo(currentA);
        double careful = above == null ? fromBelow : below == null ? fromAbove : Math.min(fromAbove, below.percent());
        return Math.min(100, careful);
    }

    private double scaledTo(double otherA) {
        double ratio = currentA / otherA;
        return percent * ratio * ratio;
    }
}
