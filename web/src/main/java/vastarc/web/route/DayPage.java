package vastarc.web.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import vastarc.core.advice.sequence.DaySchedule;
import vastarc.core.advice.sequence.DaySchedule.Block;
import vastarc.core.advice.sequence.DaySchedule.DaySpan;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.drawing.DayDrawing;
import vastarc.web.drawing.Drawing;
import vastarc.web.job.NextStep;
import vastarc.web.route.DayController.PlannedDay;
import vastarc.web.route.DayProposal.DayCandidate;
import vastarc.web.store.job.Job;

/**
 * The day, finished for display.
 *
 * @param jobs  on the bench, to be ticked
 * @param said  why there is no day, or not in the welder's order; empty where nothing is to be said
 * @param view  the day; empty where there is none
 * @param query of the ticked jobs
 * @param own   what it goes on with for the welder's own order; empty where it has none
 */
public record DayPage(List<DayJobChoice> jobs, String said, Optional<DayView> view, String query, String own) {

    private static final int SHOWN = 80;

    /**
     * A job that may be ticked.
     *
     * @param length how long it takes alone; empty where it has no route
     * @param waits  what it waits for; empty for one that is proven
     */
    public record DayJobChoice(String id, String name, String piece, String length, String waits, boolean ticked) {}

    /**
     * A day schedule ready to be shown.
     *
     * @param makespan from start to end
     * @param inTurn   the same one after the other
     * @param saved    what is gained; empty where there is no waiting to fill
     * @param bound    no order is shorter
     * @param drawing  lanes of jobs over time
     * @param stints   what the welder does, job by job
     * @param more     stints not listed
     * @param against  how the welder's own order compares with the planned one; empty where it has none
     * @param turns    in order, as an address writes them
     * @param material what the jobs take
     */
    public record DayView(
            String makespan,
            String inTurn,
            String saved,
            String bound,
            Drawing drawing,
            List<Stint> stints,
            int more,
            String against,
            String turns,
            DayMaterialView material) {}

    /**
     * A stretch at one job.
     *
     * @param earlier the turns with this one before the one before it; empty for the first
     * @param later   likewise after the next
     */
    public record Stint(String from, String job, String what, String length, String earlier, String later) {}

    static DayPage of(List<DayCandidate> bench, PlannedDay planned, List<String> ticked, UnitSystem units) {
        return new DayPage(
                bench.stream()
                        .map(candidate -> choice(candidate, ticked, units))
                        .toList(),
                planned.said(),
                planned.worked().map(schedule -> view(schedule, planned, units)),
                planned.jobs().stream().map(job -> "job=" + job.id()).collect(Collectors.joining("&")),
                planned.own()
                        .map(schedule -> "&turns=" + DayBlocks.text(schedule.turns()))
                        .orElse(""));
    }

    private static DayJobChoice choice(DayCandidate candidate, List<String> ticked, UnitSystem units) {
        Job job = candidate.job();
        return new DayJobChoice(
                candidate.id(),
                job.name(),
                job.content().joint().work("work.piece").orElse(""),
                candidate.wallS().map(s -> RoutePage.time(s, units)).orElse(""),
                candidate.next().map(NextStep::words).orElse(""),
                ticked.contains(candidate.id()));
    }

    private static DayView view(DaySchedule schedule, PlannedDay planned, UnitSystem units) {
        List<String> names = planned.names();
        List<Stint> stints = stints(schedule, names, units);
        double saved = schedule.oneAfterAnotherS() - schedule.makespanS();
        double over = 100 * (schedule.makespanS() / schedule.lowerBoundS() - 1);
        return new DayView(
                RoutePage.time(schedule.makespanS(), units),
                RoutePage.time(schedule.oneAfterAnotherS(), units),
                saved < 1 ? "" : RoutePage.time(saved, units),
                over < 0.5
                        ? "no order can be shorter"
                        : "no order can be shorter than " + RoutePage.time(schedule.lowerBoundS(), units) + ", "
                                + Math.round(over) + " % less",
                DayDrawing.of(schedule, names),
                stints.subList(0, Math.min(SHOWN, stints.size())),
                Math.max(0, stints.size() - SHOWN),
                against(planned, units),
                DayBlocks.text(schedule.turns()),
                DayMaterialView.of(planned.material().orElseThrow(), names, units));
    }

    private static String against(PlannedDay planned, UnitSystem units) {
        return planned.own()
                .flatMap(own -> planned.day().map(schedule -> own.makespanS() - schedule.makespanS()))
                .map(longer -> longer > 1
                        ? "Your order takes " + RoutePage.time(longer, units) + " longer than the planned one."
                        : longer < -1
                                ? "Your order is " + RoutePage.time(-longer, units)
                                        + " shorter than the planned one: well found."
                                : "Your order takes as long as the planned one.")
                .orElse("");
    }

    /** Runs at one job with nothing between are one stint. */
    private static List<Stint> stints(DaySchedule schedule, List<String> names, UnitSystem units) {
        List<Stint> stints = new ArrayList<>();
        List<Block> turns = schedule.turns();
        List<DaySpan> spans = schedule.timeline();
        int from = 0;
        while (from < spans.size()) {
            int to = from;
            while (to < spans.size() && spans.get(to).job() == spans.get(from).job()) {
                to++;
            }
            DaySpan first = spans.get(from);
            DaySpan last = spans.get(to - 1);
            String runs =
                    first.run() == last.run() ? "run " + first.run() : "runs " + first.run() + " to " + last.run();
            stints.add(new Stint(
                    RoutePage.time(first.startS(), units),
                    names.get(first.job()),
                    runs,
                    RoutePage.time(last.endS() - first.startS(), units),
                    moved(turns, stints.size(), -1),
                    moved(turns, stints.size(), 1)));
            from = to;
        }
        return stints;
    }

    private static String moved(List<Block> turns, int at, int by) {
        int to = at + by;
        return to < 0 || to >= turns.size() ? "" : DayBlocks.text(DayBlocks.moved(turns, at, to));
    }
}
