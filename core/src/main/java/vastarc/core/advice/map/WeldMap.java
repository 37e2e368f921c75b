package vastarc.core.advice.map;

import java.util.List;
import java.util.stream.IntStream;
import vastarc.core.advice.parameters.TintForecast;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;

/**
 * The ground around a sheet's setting.
 *
 * @param x         values of the current, A, rising
 * @param axis      what the other axis goes over
 * @param y         its values, in its unit, rising
 * @param zones     by row: {@code zones.get(j).get(i)} belongs to {@code y.get(j)} and {@code x.get(i)}
 * @param edges     where each zone that occurs begins, the coldest zone first
 * @param point     the sheet's setting
 * @param tolerance how far it may slip
 */
public record WeldMap(
        List<Double> x,
        MapAxis axis,
        List<Double> y,
        List<List<WeldZone>> zones,
        List<ZoneEdge> edges,
        MapPoint point,
        SettingTolerance tolerance) {

    /** Copies its collections, so that it cannot change. */
    public WeldMap {
        x = List.copyOf(x);
        y = List.copyOf(y);
        zones = zones.stream().map(List::copyOf).toList();
        edges = List.copyOf(edges);
    }

    /** How far, as a share of the current, an edge between too cold, right and too hot may really lie elsewhere. */
    public static final double EDGE_SHARE = 0.1;

    /**
     * {@return whether a cell lies so near to an edge between too cold, right and too hot that the simulation may put it on the other side:
     * {@code docs/model/map.md (11)}}
     *
     * @param row    of the cell
     * @param column of the cell
     */
    public boolean isUnsure(int row, int column) {
        List<WeldZone> zones = this.zones.get(row);
        WeldZone.Side side = zones.get(column).side();
        double reach = EDGE_SHARE * x.get(column);
        return IntStream.range(0, zones.size())
                .filter(other -> Math.abs(x.get(other) - x.get(column)) <= reach)
                .anyMatch(other -> zones.get(other).side() != side);
    }

    /** A machine holds its current better than a hand its travel: so much of the current, as a share, counts as far as {@link #TRAVEL_SLIP}. */
    static final double CURRENT_SLIP = 0.1;

    /** So much of the travel, as a share. */
    static final double TRAVEL_SLIP = 0.2;

    /**
     * The curve at which a zone begins. It ends where the next zone begins.
     *
     * @param zone      the zone
     * @param currentsA by row, A: the least current at which the weld lies in this zone or in a hotter one; the map's last where it does nowhere
     */
    public record ZoneEdge(WeldZone zone, List<Double> currentsA) {

        /** Copies its collection, so that it cannot change. */
        public ZoneEdge {
            currentsA = List.copyOf(currentsA);
        }
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
     * What becomes of the weld at one setting.
     *
     * @param zone    in which it lies
     * @param unsure  an edge between too cold, right and too hot is near: {@code docs/model/map.md (11)}
     * @param figures of the point
     */
    public record MapPlace(WeldZone zone, boolean unsure, PointFigures figures) {}

    /**
     * What a point puts into the joint.
     *
     * @param poolMm     width of the pool by conduction, mm; 0 where nothing melts
     * @param kjPerMm    heat that a millimetre of seam takes up, kJ/mm
     * @param distortion distortion index as a multiple of the sheet's own: {@code docs/model/map.md (13)}
     * @param tint       colours of face and back
     */
    public record PointFigures(double poolMm, double kjPerMm, double distortion, TintForecast tint) {}

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

        /** Of a setting that is not right as it is. */
        public static final SettingTolerance NONE = new SettingTolerance(0, 0, 0, 0);

        /** {@return how far the current may slip either way, A} */
        public double currentA() {
            return Math.min(currentDownA, currentUpA);
        }

        /** {@return how far the travel may slip either way, %} */
        public double travelPercent() {
            return Math.min(travelDownPercent, travelUpPercent);
        }

        /**
         * {@return how forgiving a setting is, to compare one with another; 0 where it is not right as it is. A current a tenth off counts as far as a
         * travel a fifth off: {@code docs/model/map.md (12)}}
         *
         * @param ofCurrentA the current that slips, A, above 0
         */
        public double forgiveness(double ofCurrentA) {
            return Math.min(currentA() / ofCurrentA / CURRENT_SLIP, travelPercent() / 100 / TRAVEL_SLIP);
        }

        /** {@return the same in a sentence} */
        public Phrase words() {
            return Phrase.of(
                    "map.tolerance",
                    Quantity.amperes(currentDownA),
                    Quantity.amperes(currentUpA),
                    travel(travelDownPercent),
                    travel(travelUpPercent));
        }

        /**
         * {@return the smaller slip of each either way, in a few words}
         *
         * @param ofCurrentA the current that slips, A, above 0
         */
        public Phrase eitherWay(double ofCurrentA) {
            return Phrase.of(
                    "map.eitherWay",
                    Quantity.amperes(currentA()),
                    Quantity.percent(Math.round(100 * currentA() / ofCurrentA)),
                    travel(travelPercent()));
        }

        private static Object travel(double percent) {
            Quantity shown = Quantity.percent(Math.round(percent));
            return percent < MOST_TRAVEL_PERCENT - 0.5 ? shown : Phrase.of("map.orMore", shown);
        }
    }
}
