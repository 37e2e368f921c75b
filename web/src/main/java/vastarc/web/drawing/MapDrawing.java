package vastarc.web.drawing;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.map.WeldMap.MapPoint;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.diagnosis.RunsOnMap;
import vastarc.core.record.diagnosis.RunsOnMap.RunDot;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** The zones of a map over current and another input, the sheet's setting marked on them. */
public final class MapDrawing {

    private static final double WIDTH = 900;
    private static final double HEIGHT = 520;
    private static final double LEFT = 118;
    private static final double RIGHT = 16;
    private static final double TOP = 14;
    private static final double BOTTOM = 52;

    private static final double CROSS = 13;
    private static final double DOT = 6;
    private static final int HATCH_EVERY = 3;
    private static final double[] CHANCES = {0.5, 0.8};
    private static final double NAME_WIDE = 90;
    private static final double NAME_HIGH = 44;

    /**
     * Words of a map by the size it is shown at.
     *
     * @param font       letter height, in the drawing's units
     * @param more       room that they want beside the plot's own, at the left
     * @param ticks      steps of each axis that are named
     * @param leastNamed a zone with a smaller share of the cells is not named
     */
    private record MapLetters(double font, double more, int ticks, double leastNamed) {

        static final MapLetters LARGE = new MapLetters(17, 0, 6, 0.03);
        static final MapLetters SMALL = new MapLetters(32, 110, 3, 0.08);
    }

    private final WeldMap map;
    private final UnitSystem units;
    private final MapLetters words;
    private final Pencil pencil = new Pencil(0, false);
    private final double cellX;
    private final double cellY;

    private MapDrawing(WeldMap map, UnitSystem units, MapLetters words) {
        this.words = words;
        this.map = map;
        this.units = units;
        this.cellX = (WIDTH - LEFT - RIGHT) / map.x().size();
        this.cellY = (HEIGHT - TOP - BOTTOM) / map.y().size();
    }

    /**
     * Where the plot lies in the drawing, for a page that lets a point be chosen on it.
     *
     * @param left   of its left edge, as of the drawing's units
     * @param right  of its right edge
     * @param top    of its top edge
     * @param bottom of its bottom edge
     */
    public record PlotArea(double left, double right, double top, double bottom) {

        /** Of every map. */
        public static final PlotArea OF_MAPS = new PlotArea(LEFT, WIDTH - RIGHT, TOP, HEIGHT - BOTTOM);
    }

    /**
     * {@return the drawing of a map}
     *
     * @param map   the map
     * @param runs  of the shop, to lie on it
     * @param sheet of the map
     * @param units the reader's
     */
    public static Drawing of(WeldMap map, Optional<RunsOnMap> runs, SetupSheet sheet, UnitSystem units) {
        MapDrawing drawing = drawn(map, runs, sheet, units, MapLetters.LARGE);
        drawing.pencil.label(new Point(LEFT, HEIGHT - 6), "across: current; up: " + name(map), "start", "note");
        return drawing.finished();
    }

    /**
     * {@return the drawing of a map for a card or beside figures: the same with larger and fewer words; what its axes are is said beside it}
     *
     * @param map   the map
     * @param runs  of the shop, to lie on it
     * @param sheet of the map
     * @param units the reader's
     */
    public static Drawing small(WeldMap map, Optional<RunsOnMap> runs, SetupSheet sheet, UnitSystem units) {
        MapDrawing drawing = drawn(map, runs, sheet, units, MapLetters.SMALL);
        return drawing.finished();
    }

    private Drawing finished() {
        String title = "Zones over current and " + name(map) + ", the sheet’s setting marked";
        return pencil.drawing(-words.more(), 0, WIDTH + words.more(), HEIGHT, title, words.font());
    }

    private static MapDrawing drawn(
            WeldMap map, Optional<RunsOnMap> runs, SetupSheet sheet, UnitSystem units, MapLetters words) {
        MapDrawing drawing = new MapDrawing(map, units, words);
        drawing.zones();
        runs.filter(known -> known.overTravel() && known.chance().isPresent())
                .ifPresent(known -> drawing.chances(known, sheet));
        drawing.axes();
        drawing.names();
        drawing.point();
        runs.ifPresent(known -> known.runs().forEach(drawing::run));
        return drawing;
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
                        .append(text("M%.3f %.3fH%.3fv%.3fH%.3fZ", left(from), top(j), left(i), cellY, left(from)));
            }
        }
        areas.forEach((zone, d) -> pencil.raw(d.toString(), "zone zone-" + zone.name(), why(zone)));
        pencil.raw(hatch(), "zone-unsure");
        pencil.raw(edges((i, j) -> map.zones().get(j).get(i) == WeldZone.GOOD), "zone-edge");
    }

    private String why(WeldZone zone) {
        return Phrasebook.say(Phrase.of(zone.words()), units);
    }

    /** A stroke through every third cell that lies near an edge. */
    private String hatch() {
        StringBuilder d = new StringBuilder("M0 0");
        for (int j = 0; j < map.y().size(); j++) {
            for (int i = 0; i < map.x().size(); i++) {
                if ((i + j) % HATCH_EVERY == 0 && map.isUnsure(j, i)) {
                    d.append(text("M%.1f %.1fl%.1f %.1f", left(i), top(j) + cellY, cellX, -cellY));
                }
            }
        }
        return d.toString();
    }

    /** A cell of the map by column and row. */
    private interface CellTest {
        boolean holds(int i, int j);
    }

    /** Where cells for which something holds meet those for which it does not. */
    private String edges(CellTest test) {
        StringBuilder d = new StringBuilder("M0 0");
        for (int j = 0; j < map.y().size(); j++) {
            for (int i = 0; i < map.x().size(); i++) {
                boolean here = test.holds(i, j);
                if (i + 1 < map.x().size() && here != test.holds(i + 1, j)) {
                    d.append(text("M%.1f %.1fv%.1f", left(i + 1), top(j), cellY));
                }
                if (j + 1 < map.y().size() && here != test.holds(i, j + 1)) {
                    d.append(text("M%.1f %.1fh%.1f", left(i), top(j), cellX));
                }
            }
        }
        return d.toString();
    }

    /** Where a run is accepted in one of two, and in four of five. */
    private void chances(RunsOnMap runs, SetupSheet sheet) {
        double[][] chance = new double[map.y().size()][map.x().size()];
        for (int j = 0; j < chance.length; j++) {
            for (int i = 0; i < chance[j].length; i++) {
                MapPoint here = new MapPoint(map.x().get(i), map.y().get(j), WeldZone.GOOD);
                chance[j][i] = runs.chanceAt(sheet, here).chance();
            }
        }
        for (double level : CHANCES) {
            pencil.raw(edges((i, j) -> chance[j][i] >= level), "chance chance-" + Math.round(100 * level));
        }
    }

    /** A run passed is a disc, a run refused a cross, one that nobody judged a ring. */
    private void run(RunDot run) {
        Point at = at(run.x(), run.y());
        double r = DOT;
        switch (run.verdict()) {
            case GOOD -> pencil.circle("run-dot run-passed", at.x(), at.y(), r);
            case UNJUDGED -> pencil.circle("run-dot", at.x(), at.y(), r);
            default ->
                pencil.raw(
                        text(
                                "M%.1f %.1fl%.1f %.1fM%.1f %.1fl%.1f %.1f",
                                at.x() - r, at.y() - r, 2 * r, 2 * r, at.x() - r, at.y() + r, 2 * r, -2 * r),
                        "run-dot run-refused");
        }
    }

    private void axes() {
        double bottom = HEIGHT - BOTTOM;
        for (int k = 0; k <= words.ticks(); k++) {
            double share = (double) k / words.ticks();
            double x = LEFT + share * (WIDTH - LEFT - RIGHT);
            double y = bottom - share * (bottom - TOP);
            pencil.raw(text("M%.1f %.1fv6", x, bottom), "mark second");
            pencil.raw(text("M%.1f %.1fh-6", LEFT, y), "mark second");
            String anchor = k == 0 ? "start" : k == words.ticks() ? "end" : "middle";
            pencil.label(
                    new Point(x, bottom + 7 + words.font()),
                    shown(Quantity.amperes(at(map.x(), share))),
                    anchor,
                    "dim-text");
            pencil.label(
                    new Point(LEFT - 10, y + words.font() * (k == words.ticks() ? 0.7 : k == 0 ? 0 : 0.35)),
                    shown(Quantity.of(at(map.y(), share), map.axis().unit())),
                    "end",
                    "dim-text");
        }
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
            if (count >= words.leastNamed() * map.x().size() * map.y().size()) {
                Point middle = clear(middle(zone, sumI / count, sumJ / count));
                pencil.label(middle, Phrasebook.say(Phrase.of(zone.shortWords()), units), "middle", "zone-name");
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
        return at(map.point().x(), map.point().y());
    }

    private Point at(double x, double y) {
        return new Point(
                LEFT + share(map.x(), x) * (WIDTH - LEFT - RIGHT),
                HEIGHT - BOTTOM - share(map.y(), y) * (HEIGHT - TOP - BOTTOM));
    }

    private void point() {
        double x = mark().x();
        double y = mark().y();
        pencil.raw(
                text("M%.1f %.1fh%.1fM%.1f %.1fv%.1f", x - CROSS, y, 2 * CROSS, x, y - CROSS, 2 * CROSS), "map-point");
        pencil.label(new Point(x, y + CROSS + words.font()), "the sheet", "middle", "zone-name strong");
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
