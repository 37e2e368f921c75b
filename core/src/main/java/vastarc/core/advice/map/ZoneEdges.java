package vastarc.core.advice.map;

import java.util.List;
import java.util.stream.IntStream;
import vastarc.core.advice.map.WeldMap.ZoneEdge;

/** Finds, between the points of a map, the currents at which one zone gives way to the next: by halving, since more current is never less heat. */
final class ZoneEdges {

    private static final int HALVINGS = 8;

    private final List<Double> x;
    private final List<MapRow> rows;
    private final List<List<WeldZone>> zones;

    private ZoneEdges(List<Double> x, List<MapRow> rows, List<List<WeldZone>> zones) {
        this.x = x;
        this.rows = rows;
        this.zones = zones;
    }

    /**
     * {@return where each zone of a map begins, the coldest zone first}
     *
     * @param x     currents, A, rising
     * @param rows  of the map
     * @param zones of the rows at those currents
     */
    static List<ZoneEdge> of(List<Double> x, List<MapRow> rows, List<List<WeldZone>> zones) {
        ZoneEdges edges = new ZoneEdges(x, rows, zones);
        return WeldZone.BY_HEAT.stream()
                .filter(zone -> zones.stream().anyMatch(row -> row.contains(zone)))
                .map(edges::edge)
                .toList();
    }

    private ZoneEdge edge(WeldZone zone) {
        return new ZoneEdge(
                zone,
                IntStream.range(0, rows.size())
                        .mapToObj(row -> beginsA(zone.heat(), row))
                        .toList());
    }

    private double beginsA(int heat, int row) {
        int first = IntStream.range(0, x.size())
                .filter(i -> zones.get(row).get(i).heat() >= heat)
                .findFirst()
                .orElse(x.size());
        if (first == 0 || first == x.size()) {
            return x.get(Math.min(first, x.size() - 1));
        }
        double below = x.get(first - 1);
        double above = x.get(first);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (below + above) / 2;
            if (rows.get(row).zone(middle).heat() >= heat) {
                above = middle;
            } else {
                below = middle;
            }
        }
        return above;
    }
}
