package vastarc.core.advice.map;

import java.util.List;

/**
 * The ground around a sheet's setting.
 *
 * @param x         values of the current, A, rising
 * @param axis      what the other axis goes over
 * @param y         its values, in its unit, rising
 * @param zones     by row: {@code zones.get(j).get(i)} belongs to {@code y.get(j)} and {@code x.get(i)}
 * @param point     the sheet's setting
 * @param tolerance how far it may slip
 */
public record WeldMap(
        List<Double> x,
        MapAxis axis,
        List<Double> y,
        List<List<WeldZone>> zones,
        MapPoint point,
        SettingTolerance tolerance) {

    /** Copies its collections, so that it cannot change. */
    public WeldMap {
        x = List.copyOf(x);
        y = List.copyOf(y);
        zones = zones.stream().map(List::copyOf).toList();
    }

    /**
     * A place on the map.
     *
     * @param x    current, A
     * @param y    in the unit of the other axis
     * @param zone in which it lies
     */
    public record MapPoint(double x, double y, WeldZone zone) {}

    /**
     * How far the sheet's current, or its travel, may slip by itself before the weld is no longer right.
     *
     * @param currentDownA        less current, A
     * @param currentUpA          more current, A
     * @param travelDownPercent   slower, % of the planned travel; at most {@value #MOST_TRAVEL_PERCENT}
     * @param travelUpPercent     faster, %; at most as much
     */
    public record SettingTolerance(
            double currentDownA, double currentUpA, double travelDownPercent, double travelUpPercent) {

        /** What is looked for of slower and faster travel, %: that much may mean more. */
        public static final double MOST_TRAVEL_PERCENT = 60;
    }
}
