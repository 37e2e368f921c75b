package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.simulation.SettingSearch.SearchQuery;
import vastarc.core.simulation.SettingSearch.SearchResult;
import vastarc.core.simulation.SettingSearch.SearchTrial;
import vastarc.core.simulation.SettingSearch.SearchVariable;
import vastarc.web.drawing.Drawing.Pencil;
import vastarc.web.drawing.Drawing.Point;

/** What a search of two settings tried: a place for each pair, its result beside it, a ring round the best. */
public final class SearchMap {

    private static final double WIDTH = 300;
    private static final double HEIGHT = 210;
    private static final double LEFT = 46;
    private static final double RIGHT = 30;
    private static final double TOP = 26;
    private static final double BOTTOM = 40;
    private static final double DOT = 3;
    private static final double RING = 8;

    private SearchMap() {}

    /**
     * {@return the drawing of a search of two settings}
     *
     * @param found what was found
     * @param units the units
     */
    public static Drawing of(SearchResult found, UnitSystem units) {
        SearchQuery query = found.query();
        Pencil pencil = new Pencil(0, false);
        ScaledAxis across = new ScaledAxis(found.tries(), SearchTrial::value, LEFT, WIDTH - RIGHT);
        ScaledAxis up = new ScaledAxis(found.tries(), trial -> trial.beside().orElse(0), HEIGHT - BOTTOM, TOP);
        for (double beside : up.values) {
            pencil.raw(path("M%.1f %.1fH%.1f", LEFT, up.at(beside), WIDTH - RIGHT), "gridline");
            pencil.label(
                    new Point(LEFT - 6, up.at(beside) + 4),
                    mark(query.other().orElseThrow(), beside, units),
                    "end",
                    "dim-text");
        }
        for (double value : List.of(across.low, across.high)) {
            pencil.label(
                    new Point(across.at(value), HEIGHT - BOTTOM + 16),
                    mark(query.knob(), value, units),
                    "middle",
                    "dim-text");
        }
        for (SearchTrial trial : found.tries()) {
            Point point =
                    new Point(across.at(trial.value()), up.at(trial.beside().orElse(0)));
            pencil.raw(circle(point, DOT), "mark");
            if (trial.equals(found.best())) {
                pencil.raw(circle(point, RING), "mark");
                pencil.label(new Point(point.x(), point.y() - RING - 3), result(query, trial, units), "middle", "note");
            }
        }
        pencil.label(
                new Point(LEFT, HEIGHT - 6),
                "each point a weld that was simulated; the ring is the nearest",
                "start",
                "note");
        return pencil.drawing(0, 0, WIDTH, HEIGHT, "What was tried, the nearest ringed", 14);
    }

    private static String result(SearchQuery query, SearchTrial trial, UnitSystem units) {
        return switch (query.goal()) {
            case BACK_BEAD -> units.show(Quantity.ruled(trial.backMm())).line();
            case EVEN_WIDTH -> units.show(Quantity.percent(trial.frontSpread())).line();
            case MOST_FORGIVING -> Phrasebook.say(trial.slips(), units);
        };
    }

    private static String mark(SearchVariable variable, double value, UnitSystem units) {
        return variable == SearchVariable.BAR
                ? value > 0 ? "bar" : "no bar"
                : units.show(Quantity.of(value, variable.unit())).line();
    }

    private static String circle(Point point, double radius) {
        return path(
                "M%.1f %.1fa%.1f %.1f 0 1 0 %.1f 0a%.1f %.1f 0 1 0 %.1f 0",
                point.x() - radius, point.y(), radius, radius, 2 * radius, radius, radius, -2 * radius);
    }

    private static String path(String format, Object... figures) {
        return String.format(Locale.ROOT, format, figures);
    }

    /** Values from the lowest to the highest, laid between two places. */
    private static final class ScaledAxis {

        private final List<Double> values;
        private final double low;
        private final double high;
        private final double from;
        private final double to;

        ScaledAxis(List<SearchTrial> tries, ToDoubleFunction<SearchTrial> value, double from, double to) {
            this.values = tries.stream()
                    .mapToDouble(value)
                    .distinct()
                    .sorted()
                    .boxed()
                    .toList();
            this.low = values.get(0);
            this.high = values.get(values.size() - 1);
            this.from = from;
            this.to = to;
        }

        double at(double value) {
            return high > low ? from + (to - from) * (value - low) / (high - low) : (from + to) / 2;
        }
    }
}
