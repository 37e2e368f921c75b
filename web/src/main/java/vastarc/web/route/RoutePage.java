package vastarc.web.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.sequence.JobCost;
import vastarc.core.advice.sequence.SequenceCheck;
import vastarc.core.advice.sequence.SequencePlanner;
import vastarc.core.advice.sequence.SequenceRequest;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.SequenceDrawing;
import vastarc.web.drawing.SequenceTimeline;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.layout.QuantityFields;
import vastarc.web.layout.TypedField;
import vastarc.web.request.PurgeReader;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.service.SequencePlans.SequenceEquipment;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;
import vastarc.web.store.shop.ShopSettings;

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
        Optional<RouteView> view,
        boolean stale) {

    private static final int SHOWN_RUNS = 120;

    /** What a page is made from. */
    record RouteSource(
            Job job,
            History history,
            WeldQuantityText typed,
            Outcome<SequenceRequest> ask,
            SequenceEquipment on,
            boolean stale,
            ShopSettings habits,
            List<AssemblyJob> piece) {}

    /** Another job of the same piece, with its route. */
    record AssemblyJob(SequenceRequest ask, WeldSequence route) {}

    /**
     * A sequence ready to be shown.
     *
     * @param hero     how long it takes
     * @param arc      how long of that the arc burns
     * @param seam     seams and runs drawn
     * @param timeline arc and waits
     * @param runs     line by line, the first {@value #SHOWN_RUNS}
     * @param more     runs that are not listed
     * @param ordered  a welder has changed the order
     * @param single   there is nothing to put in order: one seam in one run
     * @param tacks    before the first run
     * @param totals   what it takes
     * @param cost     what that costs by the shop's prices; empty where none is given
     * @param missingPrices   what no price is given for
     * @param piece    what the whole piece takes; empty where this job belongs to no assembly
     * @param heat     how the heat leaves, for the seams drawn
     * @param notes    why it goes so
     * @param broken   what a changed order breaks
     * @param duty     whose duty counts
     */
    public record RouteView(
            String hero,
            String arc,
            Drawing seam,
            Drawing timeline,
            List<SegmentLine> runs,
            int more,
            boolean ordered,
            boolean single,
            int tacks,
            List<FigureLine> totals,
            List<FigureLine> cost,
            String missingPrices,
            String piece,
            JobHeat heat,
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
    public record JobHeat(double wallS, List<String> falls, List<String> steps) {}

    /** A run in a line; pass 0 is a tack. */
    public record SegmentLine(
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

    static RoutePage of(RouteSource source, UnitSystem units) {
        Optional<SequenceRequest> request =
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
                request.map(read -> view(read, source, units)),
                source.stale());
    }

    private static List<TypedField> fields(RouteSource source, UnitSystem units) {
        Optional<SequenceRequest> request = source.ask().value();
        boolean tube = request.flatMap(
                        sequenceRequest -> sequenceRequest.sheet().joint().tubeOd())
                .isPresent();
        boolean purged = request.map(
                        sequenceRequest -> sequenceRequest.sheet().practice().purged())
                .orElse(false);
        List<TypedField> fields =
                new ArrayList<>(QuantityFields.first(source.job().content().joint(), source.typed(), tube, units));
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
            String usual = String.valueOf(Math.round(request.orElseThrow().purgeS()));
            fields.add(field(source, units, "work.purgeS", "filling with argon, s", usual));
        }
        fields.add(field(source, units, "work.piece", "assembly", ""));
        return fields;
    }

    private static TypedField field(RouteSource source, UnitSystem units, String name, String label, String hint) {
        return QuantityFields.of(source.job().content().joint(), source.typed(), name, label, hint, units);
    }

    private static RouteView view(SequenceRequest request, RouteSource source, UnitSystem units) {
        WeldSequence sequence = SequencePlanner.plan(request);
        JobCost cost = JobCost.of(request, sequence, source.habits().prices());
        List<SegmentLine> runs = sequence.runs().stream()
                .limit(SHOWN_RUNS)
                .map(segment -> line(segment, sequence, units))
                .toList();
        return new RouteView(
                time(sequence.totals().wallS(), units),
                time(sequence.totals().arcS(), units),
                SequenceDrawing.of(sequence, units),
                SequenceTimeline.of(sequence, request.machineUse(sequence), request.torchUse(sequence)),
                runs,
                sequence.runs().size() - runs.size(),
                request.isOrdered(),
                sequence.runs().size() - tacks(sequence) == 1 && !request.isOrdered(),
                tacks(sequence),
                RouteLines.totals(
                        sequence,
                        PurgeReader.read(source.job().content().purge(), request.sheet())
                                .bottle(),
                        units),
                RouteLines.cost(cost, source.habits().money()),
                RouteLines.missingPrices(cost),
                RouteLines.piece(request, sequence, source, units),
                RouteLines.heat(request, sequence, units),
                sequence.notes().stream()
                        .map(note -> Labels.of(Phrasebook.say(note, units)))
                        .toList(),
                SequenceCheck.check(request, sequence).stream()
                        .map(broken -> Phrasebook.say(broken, units))
                        .distinct()
                        .toList(),
                duty(source.on()));
    }

    private static int tacks(WeldSequence sequence) {
        return (int) sequence.runs().stream()
                .filter(segment -> segment.kind() == SegmentKind.TACK)
                .count();
    }

    private static String duty(SequenceEquipment on) {
        if (on.machine().isEmpty() && on.torch().isEmpty()) {
            return "No machine or torch is chosen on Panel: no duty-cycle waits.";
        }
        return "Duty of " + on.machine().orElse("no machine") + " and "
                + on.torch().orElse("no torch") + " is kept in any ten minutes.";
    }

    static String time(double seconds, UnitSystem units) {
        return units.show(Quantity.time(seconds)).line();
    }

    private static SegmentLine line(WeldSegment segment, WeldSequence sequence, UnitSystem units) {
        String what = Phrasebook.say(Phrase.of("route.kind." + segment.kind()), units) + ", seam " + segment.seam()
                + (segment.pass() > 1 ? ", pass " + segment.pass() : "");
        String where = units.show(Quantity.ruled(segment.fromMm())).figure() + " → "
                + units.show(Quantity.ruled(segment.toMm())).line();
        return new SegmentLine(
                segment.n(),
                what,
                segment.kind() == SegmentKind.TACK
                        ? "at " + units.show(Quantity.ruled(segment.fromMm())).line()
                        : where,
                time(segment.arcS(), units),
                segment.waitS() > 2 ? time(segment.waitS(), units) : "",
                Phrasebook.say(Phrase.of("route.wait." + segment.waitFor()), units),
                segment.n() == 1,
                segment.n() == sequence.runs().size(),
                segment.pass(),
                segment.startS(),
                segment.endS());
    }
}
