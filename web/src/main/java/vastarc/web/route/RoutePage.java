package vastarc.web.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.finding.Outcome;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.route.Cost;
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
import vastarc.web.kept.shop.Habits;
import vastarc.web.request.PurgeReader;
import vastarc.web.request.RoutePlans;
import vastarc.web.request.WorkText;
import vastarc.web.ui.FigureView;
import vastarc.web.ui.TypedField;
import vastarc.web.ui.WorkFields;

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
    record Source(
            Job job,
            History history,
            WorkText typed,
            Outcome<RouteAsk> ask,
            RoutePlans.On on,
            boolean stale,
            Habits habits,
            List<PieceJob> piece) {}

    /** Another job of the same piece, with its route. */
    record PieceJob(RouteAsk ask, Route route) {}

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
     * @param cost     what that costs by the shop's prices; empty where none is told
     * @param untold   what no price is told for
     * @param piece    what the whole piece takes; empty where this job stands alone
     * @param heat     how the heat leaves, for the seams drawn
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
            List<FigureView.Line> cost,
            String untold,
            String piece,
            Heat heat,
            List<String> notes,
            List<String> broken,
            String duty) {}

    /**
     * The time of the job, for looking at the heat left at a moment.
     *
     * @param wallS from start to end
     * @param falls by pass from 1, after how many seconds its heat is down to each step; separated by blanks
     * @param steps what the steps are, hottest first
     */
    public record Heat(double wallS, List<String> falls, List<String> steps) {}

    /** A run in a line; pass 0 is a tack. */
    public record RunLine(
            int n,
            String what,
            String where,
            String arc,
            String waits,
            String reason,
            boolean first,
            boolean last,
            int pass,
            double startS,
            double endS) {}

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
                fields(source, units),
                ask.map(read -> view(read, source, units)),
                source.stale());
    }

    private static List<TypedField> fields(Source source, UnitSystem units) {
        Optional<RouteAsk> ask = source.ask().value();
        boolean tube = ask.flatMap(one -> one.sheet().joint().tubeOd()).isPresent();
        boolean purged = ask.map(one -> one.sheet().practice().purged()).orElse(false);
        List<TypedField> fields =
                new ArrayList<>(WorkFields.first(source.job().content().joint(), source.typed(), tube, units));
        fields.add(field(source, units, "work.handlingS", "handling between runs, s", "20"));
        if (tube) {
            fields.add(field(
                    source,
                    units,
                    "work.rotation",
                    "reached before turning, % of the girth",
                    "by the way it is turned"));
        }
        if (purged) {
            String usual = String.valueOf(Math.round(ask.orElseThrow().purgeS()));
            fields.add(field(source, units, "work.purgeS", "filling with argon, s", usual));
        }
        fields.add(field(source, units, "work.piece", "assembly", ""));
        return fields;
    }

    private static TypedField field(Source source, UnitSystem units, String name, String label, String hint) {
        return WorkFields.of(source.job().content().joint(), source.typed(), name, label, hint, units);
    }

    private static View view(RouteAsk ask, Source source, UnitSystem units) {
        Route route = RoutePlanner.plan(ask);
        Cost cost = Cost.of(ask, route, source.habits().prices());
        List<RunLine> runs = route.runs().stream()
                .limit(SHOWN_RUNS)
                .map(run -> line(run, route, units))
                .toList();
        return new View(
                time(route.totals().wallS(), units),
                time(route.totals().arcS(), units),
                RouteDrawing.of(route, units),
                RouteTimeline.of(route, ask.machineUse(route), ask.torchUse(route)),
                runs,
                route.runs().size() - runs.size(),
                ask.isOrdered(),
                RouteLines.totals(
                        route,
                        PurgeReader.read(source.job().content().purge(), ask.sheet())
                                .bottle(),
                        units),
                RouteLines.cost(cost, source.habits().money()),
                RouteLines.untold(cost),
                RouteLines.piece(ask, route, source, units),
                RouteLines.heat(ask, route, units),
                route.notes().stream().map(note -> Phrasebook.say(note, units)).toList(),
                RouteCheck.check(ask, route).stream()
                        .map(broken -> Phrasebook.say(broken, units))
                        .distinct()
                        .toList(),
                duty(source.on()));
    }

    private static String duty(RoutePlans.On on) {
        if (on.machine().isEmpty() && on.torch().isEmpty()) {
            return "No machine or torch is chosen on Panel: no duty-cycle waits.";
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
                run.n() == route.runs().size(),
                run.pass(),
                run.startS(),
                run.endS());
    }
}
