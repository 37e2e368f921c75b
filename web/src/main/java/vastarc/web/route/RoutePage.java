package vastarc.web.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.finding.Outcome;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.route.Route;
import vastarc.core.route.RouteAsk;
import vastarc.core.route.RouteCheck;
import vastarc.core.route.RoutePlanner;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.RouteDrawing;
import vastarc.web.drawing.RouteTimeline;
import vastarc.web.kept.job.History;
import vastarc.web.kept.job.Job;
import vastarc.web.request.RoutePlans;
import vastarc.web.request.WorkText;
import vastarc.web.ui.FigureView;
import vastarc.web.ui.TypedField;

/**
 * The Route place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param history  whether there is a step to undo or do again
 * @param refusals why there is no route; empty where there is one
 * @param fields   how much there is to weld, as typed
 * @param view     the route; empty where there is none
 * @param stale    a change was asked for on an older version, and not made
 */
public record RoutePage(
        String id,
        long version,
        String name,
        History history,
        List<String> refusals,
        List<TypedField> fields,
        Optional<View> view,
        boolean stale) {

    private static final int SHOWN_RUNS = 120;

    /** What a page is made from. */
    record Source(Job job, History history, WorkText typed, Outcome<RouteAsk> ask, RoutePlans.On on, boolean stale) {}

    /**
     * A route told.
     *
     * @param hero     how long it takes
     * @param arc      how long of that the arc burns
     * @param seam     seams and runs drawn
     * @param timeline arc and waits
     * @param runs     line by line, the first {@value #SHOWN_RUNS}
     * @param more     runs that are not listed
     * @param ordered  a hand has changed the order
     * @param totals   what it takes
     * @param notes    why it goes so
     * @param broken   what a changed order breaks
     * @param duty     whose duty counts
     */
    public record View(
            String hero,
            String arc,
            Drawing seam,
            Drawing timeline,
            List<RunLine> runs,
            int more,
            boolean ordered,
            List<FigureView.Line> totals,
            List<String> notes,
            List<String> broken,
            String duty) {}

    /** A run in a line. */
    public record RunLine(
            int n, String what, String where, String arc, String waits, String reason, boolean first, boolean last) {}

    static RoutePage of(Source source, UnitSystem units) {
        Optional<RouteAsk> ask =
                source.ask().value().filter(read -> source.typed().problems().isEmpty());
        return new RoutePage(
                source.job().id().toString(),
                source.job().version(),
                source.job().name(),
                source.history(),
                source.ask().problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                fields(source),
                ask.map(read -> view(read, source, units)),
                source.stale());
    }

    private static List<TypedField> fields(Source source) {
        Optional<RouteAsk> ask = source.ask().value();
        boolean tube = ask.flatMap(one -> one.sheet().joint().tubeOd()).isPresent();
        boolean purged = ask.map(one -> one.sheet().practice().purged()).orElse(false);
        List<TypedField> fields = new ArrayList<>();
        fields.add(field(source, "work.seams", "like seams", "1"));
        fields.add(field(source, "work.seamMm", "each long", tube ? "once round" : "100 mm"));
        fields.add(field(source, "work.handlingS", "handling between runs, s", "20"));
        if (tube) {
            fields.add(field(
                    source, "work.rotation", "reached before turning, % of the girth", "by the way it is turned"));
        }
        if (purged) {
            fields.add(field(source, "work.purgeS", "filling with argon, s", "60"));
        }
        fields.add(field(source, "work.piece", "belongs to the piece", ""));
        return fields;
    }

    private static TypedField field(Source source, String name, String label, String hint) {
        String message = source.typed().problems().stream()
                .filter(problem -> problem.field().equals(name))
                .map(problem -> problem.message(UnitSystem.METRIC))
                .findFirst()
                .orElse("");
        return new TypedField(
                name, label, source.job().content().joint().work(name).orElse(""), "", hint, message);
    }

    private static View view(RouteAsk ask, Source source, UnitSystem units) {
        Route route = RoutePlanner.plan(ask);
        List<RunLine> runs = route.runs().stream()
                .limit(SHOWN_RUNS)
                .map(run -> line(run, route, units))
                .toList();
        return new View(
                time(route.totals().wallS(), units),
                time(route.totals().arcS(), units),
                RouteDrawing.of(route, units),
                RouteTimeline.of(route),
                runs,
                route.runs().size() - runs.size(),
                ask.isOrdered(),
                totals(route, units),
                route.notes().stream().map(note -> Phrasebook.say(note, units)).toList(),
                RouteCheck.check(ask, route).stream()
                        .map(broken -> Phrasebook.say(broken, units))
                        .distinct()
                        .toList(),
                duty(source.on()));
    }

    private static String duty(RoutePlans.On on) {
        if (on.machine().isEmpty() && on.torch().isEmpty()) {
            return "No machine or torch is chosen on the panel: nothing rests.";
        }
        return "Duty of " + on.machine().orElse("no machine") + " and "
                + on.torch().orElse("no torch") + " is kept in any ten minutes.";
    }

    static String time(double seconds, UnitSystem units) {
        return units.show(Quantity.time(seconds)).line();
    }

    private static RunLine line(Route.Run run, Route route, UnitSystem units) {
        String what = Phrasebook.say(Phrase.of("route.kind." + run.kind()), units) + ", seam " + run.seam()
                + (run.pass() > 1 ? ", pass " + run.pass() : "");
        String where = units.show(Quantity.ruled(run.fromMm())).figure() + " → "
                + units.show(Quantity.ruled(run.toMm())).line();
        return new RunLine(
                run.n(),
                what,
                run.kind() == Route.Kind.TACK
                        ? "at " + units.show(Quantity.ruled(run.fromMm())).line()
                        : where,
                time(run.arcS(), units),
                run.waitS() > 2 ? time(run.waitS(), units) : "",
                Phrasebook.say(Phrase.of("route.wait." + run.waitFor()), units),
                run.n() == 1,
                run.n() == route.runs().size());
    }

    private static List<FigureView.Line> totals(Route route, UnitSystem units) {
        Route.Totals totals = route.totals();
        List<FigureView.Line> lines = new ArrayList<>();
        lines.add(new FigureView.Line("from start to end", time(totals.wallS(), units)));
        lines.add(new FigureView.Line("arc", time(totals.arcS(), units)));
        if (totals.wireM() > 0) {
            lines.add(new FigureView.Line(
                    "wire",
                    units.show(Quantity.of(totals.wireM(), Unit.METRE)).line() + ", "
                            + units.show(Quantity.of(totals.wireG(), Unit.GRAM)).line()));
            lines.add(new FigureView.Line("rods of 900 mm", String.valueOf(totals.rods())));
        }
        lines.add(new FigureView.Line(
                "argon at the torch",
                units.show(Quantity.of(totals.torchArgonL(), Unit.LITRE)).line()));
        if (totals.purgeArgonL() > 0) {
            lines.add(new FigureView.Line(
                    "argon behind",
                    units.show(Quantity.of(totals.purgeArgonL(), Unit.LITRE)).line()));
        }
        lines.add(new FigureView.Line("from the mains", Math.round(1000 * totals.energyKWh()) / 1000.0 + " kWh"));
        lines.add(new FigureView.Line("grinds of the tungsten", String.valueOf(totals.grinds())));
        lines.add(new FigureView.Line("what pulls (to compare)", String.valueOf(Math.round(route.warping()))));
        return lines;
    }
}
