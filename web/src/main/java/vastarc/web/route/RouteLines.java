package vastarc.web.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vastarc.core.advice.sequence.JobCost;
import vastarc.core.advice.sequence.JobCost.CostItem;
import vastarc.core.advice.sequence.Prices;
import vastarc.core.advice.sequence.RemainingHeat;
import vastarc.core.advice.sequence.SequenceRequest;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.core.advice.sequence.WeldSequence.SequenceTotals;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.physics.purge.Cylinder;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.route.RoutePage.AssemblyJob;
import vastarc.web.route.RoutePage.JobHeat;
import vastarc.web.route.RoutePage.RouteSource;

/** What a route takes and costs, line by line, for it alone and for the piece it belongs to. */
final class RouteLines {

    private RouteLines() {}

    static List<FigureLine> totals(WeldSequence sequence, Cylinder bottle, UnitSystem units) {
        SequenceTotals totals = sequence.totals();
        List<FigureLine> lines = new ArrayList<>();
        lines.add(new FigureLine("total time", RoutePage.time(totals.wallS(), units)));
        lines.add(new FigureLine("arc", RoutePage.time(totals.arcS(), units)));
        if (totals.wireM() > 0) {
            lines.add(new FigureLine(
                    "wire",
                    units.show(Quantity.of(totals.wireM(), Unit.METRE)).line() + ", "
                            + units.show(Quantity.of(totals.wireG(), Unit.GRAM)).line()));
            lines.add(new FigureLine("rods of 900 mm", String.valueOf(totals.rods())));
        }
        lines.add(litres("argon at the torch", totals.torchArgonL(), units));
        if (totals.purgeArgonL() > 0) {
            lines.add(litres("argon for the purge", totals.purgeArgonL(), units));
        }
        lines.add(new FigureLine(
                "of a cylinder of "
                        + units.show(Quantity.of(bottle.sizeL(), Unit.LITRE)).line() + " at " + Math.round(bottle.bar())
                        + " bar",
                drawn(totals, bottle)));
        lines.add(new FigureLine("mains energy", Math.round(1000 * totals.energyKWh()) / 1000.0 + " kWh"));
        lines.add(new FigureLine("tungsten regrinds", String.valueOf(totals.grinds())));
        lines.add(new FigureLine("distortion index (relative)", String.valueOf(Math.round(sequence.warping()))));
        return lines;
    }

    /** A share of the cylinder, or how many of them. */
    private static String drawn(SequenceTotals totals, Cylinder cylinder) {
        double share = (totals.torchArgonL() + totals.purgeArgonL()) / cylinder.argonL();
        if (!Double.isFinite(share)) {
            return "it is empty: change it";
        }
        return share < 1
                ? Math.max(1, Math.round(100 * share)) + " %"
                : String.format(Locale.ROOT, "%.1f bottles", share);
    }

    private static FigureLine litres(String name, double litres, UnitSystem units) {
        return new FigureLine(name, units.show(Quantity.of(litres, Unit.LITRE)).line());
    }

    /** What is given, and the whole; nothing where no price is given. */
    static List<FigureLine> cost(JobCost cost, String money) {
        List<FigureLine> lines = new ArrayList<>();
        cost.shares().forEach(share -> lines.add(new FigureLine(name(share.item()), paid(share.money(), money))));
        if (!lines.isEmpty()) {
            lines.add(new FigureLine("together", paid(cost.total(), money)));
        }
        return lines;
    }

    /** What was left out, where something was given. */
    static String missingPrices(JobCost cost) {
        return cost.shares().isEmpty()
                ? ""
                : cost.missingPrices().stream().map(RouteLines::name).collect(Collectors.joining(", "));
    }

    private static String name(CostItem item) {
        return Phrasebook.say(Phrase.of("cost." + item), UnitSystem.METRIC);
    }

    private static String paid(double sum, String money) {
        return String.format(Locale.ROOT, "%.2f", sum) + (money.isEmpty() ? "" : " " + money);
    }

    /** The jobs of one piece together; empty where there is no other. */
    static String piece(SequenceRequest request, WeldSequence sequence, RouteSource source, UnitSystem units) {
        if (source.piece().isEmpty()) {
            return "";
        }
        Prices prices = source.habits().prices();
        double wall = sequence.totals().wallS();
        double arc = sequence.totals().arcS();
        double paid = JobCost.of(request, sequence, prices).total();
        for (AssemblyJob other : source.piece()) {
            wall += other.route().totals().wallS();
            arc += other.route().totals().arcS();
            paid += JobCost.of(other.ask(), other.route(), prices).total();
        }
        return request.work().piece() + ", " + (1 + source.piece().size()) + " jobs one after another: "
                + RoutePage.time(wall, units) + ", of that arc " + RoutePage.time(arc, units)
                + (paid > 0 ? ", " + paid(paid, source.habits().money()) : "") + ".";
    }

    static JobHeat heat(SequenceRequest request, WeldSequence sequence, UnitSystem units) {
        return new JobHeat(
                sequence.totals().wallS(),
                IntStream.rangeClosed(1, request.passes().size())
                        .mapToObj(pass -> request.leavesS(pass).stream()
                                .map(s -> String.valueOf(Math.round(10 * s) / 10.0))
                                .collect(Collectors.joining(" ")))
                        .toList(),
                RemainingHeat.STEPS_C.stream()
                        .map(step -> units.show(Quantity.celsius(step)).line())
                        .toList());
    }
}
