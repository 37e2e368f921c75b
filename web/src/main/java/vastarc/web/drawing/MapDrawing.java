package vastarc.web.drawing;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** The zones of a map over current and another input, the sheet's setting marked on them. */
public final class MapDrawing {

    private static final double WIDTH = 900;
    private static final double HEIGHT = 520;
    private static final double LEFT = 92;
    private static final double RIGHT = 16;
    private static final double TOP = 14;
    private static final double BOTTOM = 52;
    private static final double FONT = 17;
    private static final int TICKS = 6;
    private static final double CROSS = 13;
    private static final double NAME_WIDE = 90;
    private static final double NAME_HIGH = 44;

    /** A zone with fewer cells of a hundred is not named on the drawing. */
    private static final double LEAST_NAMED = 0.03;

    private final WeldMap map;
    private final UnitSystem units;
    private final Pencil pencil = new Pencil(0, false);
    private final double cellX;
    private final double cellY;

    private MapDrawing(WeldMap map, UnitSystem units) {
        this.map = map;
        this.units = units;
        this.cellX = (WIDTH - LEFT - RIGHT) / map.x().size();
        this.cellY = (HEIGHT - TOP - BOTTOM) / map.y().size();
    }

    /**
     * {@return the drawing of a map}
     *
     * @param map   the map
     * @param units the reader's
     */
    public static Drawing of(WeldMap map, UnitSystem units) {
        MapDrawing drawing = new MapDrawing(map, units);
        drawing.zones();
        drawing.axes();
        drawing.names();
        drawing.point();
        return drawing.pencil.drawing(
                0, 0, WIDTH, HEIGHT, "Zones over current and " + name(map) + ", the sheet’s setting marked", FONT);
    }

    private static String name(WeldMap map) {
        return Phrasebook.say(Phrase.of("map.axis." + map.axis().name()), UnitSystem.METRIC);
    }

    private double left(int i) {
        return LEFT + i * cellX;
    }

    /** The first row lies at the bottom. */
    private double top(int j) {
        return HEIGHT - BOTTOM - (j + 1) * cellY;
    }

    private void zones() {
        Map<WeldZone, StringBuilder> areas = new EnumMap<>(WeldZone.class);
        for (int j = 0; j < map.y().size(); j++) {
            List<WeldZone> row = map.zones().get(j);
            for (int i = 0; i < row.size(); ) {
                int from = i;
                WeldZone zone = row.get(i);
                while (i < row.size() && row.get(i) == zone) {
                    i++;
                }
                areas.computeIfAbsent(zone, of -> new StringBuilder())
                        .append(text("M%.1f %.1fH%.1fv%.1fH%.1fZ", left(from), top(j), left(i), cellY, left(from)));
            }
        }
        areas.forEach((zone, d) -> pencil.raw(d.toString(), "zone zone-" + zone.name()));
        pencil.raw(edges(), "zone-edge");
    }

    /** Where the right zone meets another. */
    private String edges() {
        StringBuilder d = new StringBuilder();
        for (int j = 0; j < map.y().size(); j++) {
            for (int i = 0; i < map.x().size(); i++) {
                boolean good = isGood(i, j);
                if (i + 1 < map.x().size() && good != isGood(i + 1, j)) {
                    d.append(text("M%.1f %.1fv%.1f", left(i + 1), top(j), cellY));
                }
                if (j + 1 < map.y().size() && good != isGood(i, j + 1)) {
                    d.append(text("M%.1f %.1fh%.1f", left(i), top(j), cellX));
                }
            }
        }
        return d.isEmpty() ? "M0 0" : d.toString();
    }

    private boolean isGood(int i, int j) {
        return map.zones().get(j).get(i) == WeldZone.GOOD;
    }

    private void axes() {
        double bottom = HEIGHT - BOTTOM;
        for (int k = 0; k <= TICKS; k++) {
            double share = (double) k / TICKS;
            double x = LEFT + share * (WIDTH - LEFT - RIGHT);
            double y = bottom - share * (bottom - TOP);
            pencil.raw(text("M%.1f %.1fv6", x, bottom), "mark second");
            pencil.raw(text("M%.1f %.1fh-6", LEFT, y), "mark second");
            String anchor = k == 0 ? "start" : k == TICKS ? "end" : "middle";
            pencil.label(new Point(x, bottom + 24), shown(Quantity.amperes(at(map.x(), share))), anchor, "dim-text");
            pencil.label(
                    new Point(LEFT - 10, y + (k == TICKS ? 12 : k == 0 ? 0 : 6)),
                    shown(Quantity.of(at(map.y(), share), map.axis().unit())),
                    "end",
                    "dim-text");
        }
        pencil.label(new Point(LEFT, HEIGHT - 6), "across: current; up: " + name(map), "start", "note");
    }

    private String shown(Quantity quantity) {
        return units.show(quantity).line();
    }

    private static double at(List<Double> values, double share) {
        return values.get(0) + share * (values.get(values.size() - 1) - values.get(0));
    }

    /** Each zone that is large enough is named at the cell nearest to its middle. */
    private void names() {
        for (WeldZone zone : WeldZone.values()) {
            double sumI = 0;
            double sumJ = 0;
            int count = 0;
            for (int j = 0; j < map.y().size(); j++) {
                for (int i = 0; i < map.x().size(); i++) {
                    if (map.zones().get(j).get(i) == zone) {
                        sumI += i;
                        sumJ += j;
                        count++;
                    }
                }
            }
            if (count >= LEAST_NAMED * map.x().size() * map.y().size()) {
                Point middle = clear(middle(zone, sumI / count, sumJ / count));
                pencil.label(
                        middle, Phrasebook.say(Phrase.of("map.short." + zone.name()), units), "middle", "zone-name");
            }
        }
    }

    private Point middle(WeldZone zone, double wantedI, double wantedJ) {
        Point best = new Point(LEFT, TOP);
        double nearest = Double.POSITIVE_INFINITY;
        for (int j = 0; j < map.y().size(); j++) {
            for (int i = 0; i < map.x().size(); i++) {
                double away = Math.hypot((i - wantedI) * cellX, (j - wantedJ) * cellY);
                if (map.zones().get(j).get(i) == zone && away < nearest) {
                    nearest = away;
                    best = new Point(
                            Math.min(WIDTH - RIGHT - 70, Math.max(LEFT + 70, left(i) + cellX / 2)),
                            Math.min(HEIGHT - BOTTOM - 8, Math.max(TOP + 20, top(j) + cellY / 2)));
                }
            }
        }
        return best;
    }

    /** A name does not stand on the mark of the sheet. */
    private Point clear(Point name) {
        Point mark = mark();
        boolean near = Math.abs(name.x() - mark.x()) < NAME_WIDE && Math.abs(name.y() - mark.y()) < NAME_HIGH;
        return near ? new Point(name.x(), mark.y() - NAME_HIGH) : name;
    }

    private Point mark() {
        return new Point(
                LEFT + share(map.x(), map.point().x()) * (WIDTH - LEFT - RIGHT),
                HEIGHT - BOTTOM - share(map.y(), map.point().y()) * (HEIGHT - TOP - BOTTOM));
    }

    private void point() {
        double x = mark().x();
        double y = mark().y();
        pencil.raw(
                text("M%.1f %.1fh%.1fM%.1f %.1fv%.1f", x - CROSS, y, 2 * CROSS, x, y - CROSS, 2 * CROSS), "map-point");
        pencil.label(new Point(x, y + CROSS + 18), "the sheet", "middle", "zone-name strong");
    }

    private static double share(List<Double> values, double value) {
        double low = values.get(0);
        double high = values.get(values.size() - 1);
        return Math.min(1, Math.max(0, (value - low) / (high - low)));
    }

    private static String text(String format, Object... figures) {
        return String.format(Locale.ROOT, format, figures);
    }
}
