package vastarc.web.drawing;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.map.WeldMap.MapPoint;
import vastarc.core.advice.map.WeldMap.ZoneEdge;
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
    private static final int RAYS = 90;
    private static final int RING_HALVINGS = 12;
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

    private MapDrawing(WeldMap map, UnitSystem units, MapLetters words) {
        this.words = words;
        this.map = map;
        this.units = units;
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
     * What a shop adds to a map.
     *
     * @param runs   of like joints; empty where none are known
     * @param limits currents that machine and torch bear, each drawn where the map reaches it
     */
    public record ShopOnMap(Optional<RunsOnMap> runs, List<CurrentLimit> limits) {

        /** Of a map that stands for itself. */
        public static final ShopOnMap NOTHING = new ShopOnMap(Optional.empty(), List.of());

        /** Copies its collection, so that it cannot change. */
        public ShopOnMap {
            limits = List.copyOf(limits);
        }
    }

    /**
     * The most that something bears.
     *
     * @param name     what stands beside the line
     * @param currentA A
     */
    public record CurrentLimit(String name, double currentA) {}

    /**
     * {@return the drawing of a map}
     *
     * @param map   the map
     * @param shop  what lies on it
     * @param sheet of the map
     * @param units the reader's
     */
    public static Drawing of(WeldMap map, ShopOnMap shop, SetupSheet sheet, UnitSystem units) {
        MapDrawing drawing = drawn(map, shop, sheet, units, MapLetters.LARGE);
        drawing.pencil.label(new Point(LEFT, HEIGHT - 6), "across: current; up: " + name(map), "start", "note");
        return drawing.finished();
    }

    /**
     * {@return the drawing of a map for a card or beside figures: the same with larger and fewer words; what its axes are is said beside it}
     *
     * @param map   the map
     * @param shop  what lies on it
     * @param sheet of the map
     * @param units the reader's
     */
    public static Drawing small(WeldMap map, ShopOnMap shop, SetupSheet sheet, UnitSystem units) {
        MapDrawing drawing = drawn(map, shop, sheet, units, MapLetters.SMALL);
        return drawing.finished();
    }

    private Drawing finished() {
        String title = "Zones over current and " + name(map) + ", the sheet’s setting marked";
        return pencil.drawing(-words.more(), 0, WIDTH + words.more(), HEIGHT, title, words.font());
    }

    private static MapDrawing drawn(WeldMap map, ShopOnMap shop, SetupSheet sheet, UnitSystem units, MapLetters words) {
        MapDrawing drawing = new MapDrawing(map, units, words);
        drawing.zones();
        shop.runs()
                .filter(known -> known.overTravel() && known.chance().isPresent())
                .ifPresent(known -> drawing.chances(known, sheet));
        drawing.axes();
        shop.limits().forEach(drawing::limit);
        drawing.names();
        drawing.point();
        shop.runs().ifPresent(known -> known.runs().forEach(drawing::run));
        return drawing;
    }

    private static String name(WeldMap map) {
        return Phrasebook.say(Phrase.of("map.axis." + map.axis().name()), UnitSystem.METRIC);
    }

    private void zones() {
        List<ZoneEdge> edges = map.edges();
        List<Double> end = Collections.nCopies(map.y().size(), last(map.x()));
        String right = "M0 0";
        for (int k = 0; k < edges.size(); k++) {
            List<Double> from = edges.get(k).currentsA();
            List<Double> to = k + 1 < edges.size() ? edges.get(k + 1).currentsA() : end;
            WeldZone zone = edges.get(k).zone();
            pencil.raw(area(from, to), "zone zone-" + zone.name(), why(zone));
            if (zone == WeldZone.GOOD) {
                right = border(from, from, to) + border(to, from, to);
            }
        }
        pencil.raw(hatch(), "zone-unsure");
        pencil.raw(right, "zone-edge");
    }

    private static double last(List<Double> values) {
        return values.get(values.size() - 1);
    }

    /** All that lies between two curves, each a current by row. */
    private String area(List<Double> from, List<Double> to) {
        StringBuilder d = new StringBuilder("M");
        for (int j = 0; j < from.size(); j++) {
            d.append(place(at(from.get(j), map.y().get(j))));
        }
        for (int j = to.size() - 1; j >= 0; j--) {
            d.append(place(at(to.get(j), map.y().get(j))));
        }
        return d.append('Z').toString();
    }

    /** A curve, as far as it lies on the map and there is something between the two that bound the zone. */
    private String border(List<Double> curve, List<Double> from, List<Double> to) {
        StringBuilder d = new StringBuilder("M0 0");
        boolean drawing = false;
        for (int j = 0; j < curve.size(); j++) {
            boolean open = from.get(j) < to.get(j) && curve.get(j) < last(map.x());
            if (open) {
                d.append(drawing ? "L" : "M")
                        .append(place(at(curve.get(j), map.y().get(j))));
            }
            drawing = open;
        }
        return d.toString();
    }

    private static String place(Point point) {
        return text("%.1f %.1f ", point.x(), point.y());
    }

    private String why(WeldZone zone) {
        return Phrasebook.say(Phrase.of(zone.words()), units);
    }

    /** A stroke through every third cell that lies near an edge. */
    private String hatch() {
        StringBuilder d = new StringBuilder("M0 0");
        for (int j = 0; j + 1 < map.y().size(); j++) {
            for (int i = 0; i + 1 < map.x().size(); i++) {
                if ((i + j) % HATCH_EVERY == 0 && map.isUnsure(j, i) && map.isUnsure(j + 1, i + 1)) {
                    d.append('M').append(place(cell(i, j))).append('L').append(place(cell(i + 1, j + 1)));
                }
            }
        }
        return d.toString();
    }

    /** Where a run is accepted in one of two, and in four of five: a ring around where it is accepted most often. */
    private void chances(RunsOnMap runs, SetupSheet sheet) {
        ToDoubleFunction<Point> chance = at -> runs.chanceAt(
                        sheet, new MapPoint(valueAt(map.x(), at.x()), valueAt(map.y(), at.y()), WeldZone.GOOD))
                .chance();
        Point best = IntStream.range(0, map.y().size())
                .boxed()
                .flatMap(j -> IntStream.range(0, map.x().size()).mapToObj(i -> shares(i, j)))
                .max(Comparator.comparingDouble(chance))
                .orElseThrow();
        for (double level : CHANCES) {
            if (chance.applyAsDouble(best) > level) {
                pencil.raw(ring(chance, best, level), "chance chance-" + Math.round(100 * level));
            }
        }
    }

    /** The chance falls off from its best in every direction: on each ray, as far as it keeps above a level. Places are shares of the plot. */
    private static String ring(ToDoubleFunction<Point> chance, Point best, double level) {
        StringBuilder d = new StringBuilder("M");
        for (int ray = 0; ray < RAYS; ray++) {
            double angle = 2 * Math.PI * ray / RAYS;
            double in = 0;
            double out = toFrame(best.x(), Math.cos(angle), toFrame(best.y(), Math.sin(angle), 1));
            double most = out;
            for (int i = 0; i < RING_HALVINGS; i++) {
                double middle = i == 0 ? most : (in + out) / 2;
                if (chance.applyAsDouble(along(best, angle, middle)) > level) {
                    in = middle;
                } else {
                    out = middle;
                }
            }
            d.append(place(onPlot(along(best, angle, in))));
        }
        return d.append('Z').toString();
    }

    /** How far one may go from a share of an axis before its end, at most so far. */
    private static double toFrame(double share, double goes, double most) {
        return Math.abs(goes) < 1e-9 ? most : Math.min(most, (goes > 0 ? 1 - share : share) / Math.abs(goes));
    }

    private static Point along(Point from, double angle, double far) {
        return new Point(from.x() + far * Math.cos(angle), from.y() + far * Math.sin(angle));
    }

    private Point shares(int i, int j) {
        return new Point(i / (map.x().size() - 1.0), j / (map.y().size() - 1.0));
    }

    private Point cell(int i, int j) {
        return onPlot(shares(i, j));
    }

    private static Point onPlot(Point shares) {
        return new Point(
                LEFT + shares.x() * (WIDTH - LEFT - RIGHT), HEIGHT - BOTTOM - shares.y() * (HEIGHT - TOP - BOTTOM));
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

    private void limit(CurrentLimit limit) {
        if (limit.currentA() > map.x().get(0) && limit.currentA() < last(map.x())) {
            Point top = new Point(at(limit.currentA(), 0).x(), TOP);
            pencil.raw(text("M%.1f %.1fV%.1f", top.x(), TOP, HEIGHT - BOTTOM), "map-limit");
            boolean left = top.x() > WIDTH / 2;
            pencil.label(
                    new Point(top.x() + (left ? -8 : 8), TOP + 1.2 * words.font()),
                    limit.name(),
                    left ? "end" : "start",
                    "zone-name");
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
                    shown(Quantity.amperes(valueAt(map.x(), share))),
                    anchor,
                    "dim-text");
            pencil.label(
                    new Point(LEFT - 10, y + words.font() * (k == words.ticks() ? 0.7 : k == 0 ? 0 : 0.35)),
                    shown(Quantity.of(valueAt(map.y(), share), map.axis().unit())),
                    "end",
                    "dim-text");
        }
    }

    private String shown(Quantity quantity) {
        return units.show(quantity).line();
    }

    private static double valueAt(List<Double> values, double share) {
        return values.get(0) + share * (last(values) - values.get(0));
    }

    /** Each zone that is large enough is named at the cell nearest to its middle. */
    private void names() {
        for (WeldZone zone : WeldZone.values()) {
            double sumX = 0;
            double sumY = 0;
            int count = 0;
            for (int j = 0; j < map.y().size(); j++) {
                for (int i = 0; i < map.x().size(); i++) {
                    if (map.zones().get(j).get(i) == zone) {
                        sumX += cell(i, j).x();
                        sumY += cell(i, j).y();
                        count++;
                    }
                }
            }
            if (count >= words.leastNamed() * map.x().size() * map.y().size()) {
                Point middle = clear(middle(zone, new Point(sumX / count, sumY / count)));
                pencil.label(middle, Phrasebook.say(Phrase.of(zone.shortWords()), units), "middle", "zone-name");
            }
        }
    }

    private Point middle(WeldZone zone, Point wanted) {
        Point best = new Point(LEFT, TOP);
        double nearest = Double.POSITIVE_INFINITY;
        for (int j = 0; j < map.y().size(); j++) {
            for (int i = 0; i < map.x().size(); i++) {
                Point here = cell(i, j);
                double away = Math.hypot(here.x() - wanted.x(), here.y() - wanted.y());
                if (map.zones().get(j).get(i) == zone && away < nearest) {
                    nearest = away;
                    best = new Point(
                            Math.min(WIDTH - RIGHT - 70, Math.max(LEFT + 70, here.x())),
                            Math.min(HEIGHT - BOTTOM - 8, Math.max(TOP + 20, here.y())));
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
        return onPlot(new Point(share(map.x(), x), share(map.y(), y)));
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
        double high = last(values);
        return Math.min(1, Math.max(0, (value - low) / (high - low)));
    }

    private static String text(String format, Object... figures) {
        return String.format(Locale.ROOT, format, figures);
    }
}
