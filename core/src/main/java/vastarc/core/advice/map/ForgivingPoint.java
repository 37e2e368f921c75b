package vastarc.core.advice.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.map.WeldMap.MapPoint;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.SetupSheet;

/**
 * The most forgiving setting of a map over travel: of all that are right, within the sheet's range of travel, the one that lies farthest from every one that
 * is not. {@code docs/model/map.md (12)}.
 */
final class ForgivingPoint {

    private final WeldMap map;
    private final List<double[]> others = new ArrayList<>();

    private ForgivingPoint(WeldMap map) {
        this.map = map;
        for (int j = 0; j < map.y().size(); j++) {
            for (int i = 0; i < map.x().size(); i++) {
                if (isEdge(i, j)) {
                    others.add(place(i, j));
                }
            }
        }
    }

    /** {@return the point; empty on a map over anything but travel, or where nothing is right} */
    static Optional<MapPoint> of(SetupSheet sheet, WeldMap map) {
        if (map.axis() != MapAxis.TRAVEL) {
            return Optional.empty();
        }
        Optional<Range> travel = sheet.setting(ParameterKey.TRAVEL_SPEED).window();
        return travel.flatMap(range -> new ForgivingPoint(map).within(range.low(), range.high()));
    }

    private Optional<MapPoint> within(double slowest, double fastest) {
        double farthest = 0;
        Optional<MapPoint> best = Optional.empty();
        for (int j = 0; j < map.y().size(); j++) {
            double travel = map.y().get(j);
            for (int i = 0; i < map.x().size() && travel >= slowest && travel <= fastest; i++) {
                double away = isGood(i, j) ? nearest(place(i, j)) : 0;
                if (away > farthest) {
                    farthest = away;
                    best = Optional.of(new MapPoint(map.x().get(i), travel, WeldZone.GOOD));
                }
            }
        }
        return best;
    }

    private boolean isGood(int i, int j) {
        return map.zones().get(j).get(i) == WeldZone.GOOD;
    }

    /** Not right, beside one that is: no other lies nearer to any that is right. The map's own end counts as an edge. */
    private boolean isEdge(int i, int j) {
        boolean last =
                i == 0 || j == 0 || i == map.x().size() - 1 || j == map.y().size() - 1;
        return isGood(i, j)
                ? last
                : !last && (isGood(i - 1, j) || isGood(i + 1, j) || isGood(i, j - 1) || isGood(i, j + 1));
    }

    private double[] place(int i, int j) {
        return new double[] {
            Math.log(map.x().get(i)) / WeldMap.CURRENT_SLIP, Math.log(map.y().get(j)) / WeldMap.TRAVEL_SLIP
        };
    }

    private double nearest(double[] here) {
        return others.stream()
                .mapToDouble(other -> Math.hypot(other[0] - here[0], other[1] - here[1]))
                .min()
                .orElse(0);
    }
}
