package vastarc.web.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vastarc.core.purge.Bottle;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.route.Cost;
import vastarc.core.route.HeatLeft;
import vastarc.core.route.Prices;
import vastarc.core.route.Route;
import vastarc.core.route.RouteAsk;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.ui.FigureView;

/** What a route takes and costs, line by line, for it alone and for the piece it belongs to. */
final class RouteLines {

    private RouteLines() {}

    static List<FigureView.Line> totals(Route route, Bottle bottle, UnitSystem units) {
        Route.Totals totals = route.totals();
        List<FigureView.Line> lines = new ArrayList<>();
        lines.add(new FigureView.Line("total time", RoutePage.time(totals.wallS(), units)));
        lines.add(new FigureView.Line("arc", RoutePage.time(totals.arcS(), units)));
        if (totals.wireM() > 0) {
            lines.add(new FigureView.Line(
                    "wire",
                    units.show(Quantity.of(totals.wireM(), Unit.METRE)).line() + ", "
                            + units.show(Quantity.of(totals.wireG(), Unit.GRAM)).line()));
            lines.add(new FigureView.Line("rods of 900 mm", String.valueOf(totals.rods())));
        }
        lines.add(litres("argon at the torch", totals.torchArgonL(), units));
        if (totals.purgeArgonL() > 0) {
            lines.add(litres("argon for the purge", totals.purgeArgonL(), units));
        }
        lines.add(new FigureView.Line(
                "of a cylinder of "
                        + units.show(Quantity.of(bottle.sizeL(), Unit.LITRE)).line() + " at " + Math.round(bottle.bar())
                        + " bar",
                drawn(totals, bottle)));
        lines.add(new FigureView.Line("mains energy", Math.round(1000 * totals.energyKWh()) / 1000.0 + " kWh"));
        lines.add(new FigureView.Line("tungsten regrinds", String.valueOf(totals.grinds())));
        lines.add(new FigureView.Line("distortion index (relative)", String.valueOf(Math.round(route.warping()))));
        return lines;
    }

    /** A share of the bottle, or how many of them. */
    private static String drawn(Route.Totals totals, Bottle bottle) {
        double share = (totals.torchArgonL() + totals.purgeArgonL()) / bottle.argonL();
        if (!Double.isFinite(share)) {
            return "it is empty: change it";
        }
        return share < 1
                ? Math.max(1, Math.round(100 * share)) + " %"
                : String.format(Locale.ROOT, "%.1f bottles", share);
    }

    private static FigureView.Line litres(String name, double litres, UnitSystem units) {
        return new FigureView.Line(
                name, units.show(Quantity.of(litres, Unit.LITRE)).line());
    }

    /** What is told, and the whole; nothing where no price is told. */
    static List<FigureView.Line> cost(Cost cost, String money) {
        List<FigureView.Line> lines = new ArrayList<>();
        cost.shares().forEach(share -> lines.add(new FigureView.Line(name(share.item()), paid(share.money(), money))));
        if (!lines.isEmpty()) {
            lines.add(new FigureView.Line("together", paid(cost.total(), money)));
        }
        return lines;
    }

    /** What was left out, where something was told. */
    static String untold(Cost cost) {
        return cost.shares().isEmpty()
                ? ""
                : cost.untold().stream().map(RouteLines::name).collect(Collectors.joining(", "));
    }

    private static String name(Cost.Item item) {
        return Phrasebook.say(Phrase.of("cost." + item), UnitSystem.METRIC);
    }

    private static String paid(double sum, String money) {
        return String.format(Locale.ROOT, "%.2f", sum) + (money.isEmpty() ? "" : " " + money);
    }

    /** The jobs of one piece together; empty where there is no other. */
    static String piece(RouteAsk ask, Route route, RoutePage.Source source, UnitSystem units) {
        if (source.piece().isEmpty()) {
            return "";
        }
        Prices prices = source.habits().prices();
        double wall = route.totals().wallS();
        double arc = route.totals().arcS();
        double paid = Cost.of(ask, route, prices).total();
        for (RoutePage.PieceJob other : source.piece()) {
            wall += other.route().totals().wallS();
            arc += other.route().totals().arcS();
            paid += Cost.of(other.ask(), other.route(), prices).total();
        }
        return ask.work().piece() + ", " + (1 + source.piece().size()) + " jobs one after another: "
                + RoutePage.time(wall, units) + ", of that arc " + RoutePage.time(arc, units)
                + (paid > 0 ? ", " + paid(paid, source.habits().money()) : "") + ".";
    }

    static RoutePage.Heat heat(RouteAsk ask, Route route, UnitSystem units) {
        return new RoutePage.Heat(
                route.totals().wallS(),
                IntStream.rangeClosed(1, ask.passes().size())
                        .mapToObj(pass -> ask.leavesS(pass).stream()
                                .map(s -> String.valueOf(Math.round(10 * s) / 10.0))
                                .collect(Collectors.joining(" ")))
                        .toList(),
                HeatLeft.STEPS_C.stream()
                        .map(step -> units.show(Quantity.celsius(step)).line())
                        .toList());
    }
}
