package vastarc.web.rehearse;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.simulation.Exhibit;
import vastarc.core.simulation.SettingSearch;
import vastarc.core.simulation.SettingSearch.SearchGoal;
import vastarc.core.simulation.SettingSearch.SearchQuery;
import vastarc.core.simulation.SettingSearch.SearchResult;
import vastarc.core.simulation.SettingSearch.SearchTrial;
import vastarc.core.simulation.SettingSearch.SearchVariable;
import vastarc.core.simulation.SimulationComparison;
import vastarc.core.simulation.SimulationComparison.ComparedFigure;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.SimulationVerdict;
import vastarc.core.simulation.WeldChange;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.BeadWidth;
import vastarc.web.drawing.BeadChart;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.SearchMap;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Labels;
import vastarc.web.service.JobPlan;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;
import vastarc.web.store.simulation.KeptSimulation;
import vastarc.web.store.simulation.SimulationRecord;
import vastarc.web.work.SimulationWork.SimulationStatus;

/**
 * The Rehearse place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param history  whether there is a step to undo or do again
 * @param refusals why nothing can be simulated; empty where it can
 * @param weld     the job's weld in a line
 * @param choices  what may be chosen
 * @param kept     what was simulated before, the newest first
 * @param stale    a change was asked for on an older version, and not made
 */
public record RehearsePage(
        String id,
        long version,
        String name,
        History history,
        List<String> refusals,
        String weld,
        SimulationOptions choices,
        List<KeptLine> kept,
        boolean stale) {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    /** What may be chosen. */
    public record SimulationOptions(
            List<Choice> qualities,
            List<Choice> changes,
            List<Choice> knobs,
            List<Choice> others,
            List<Choice> goals,
            List<Choice> exhibits,
            String seamHint,
            String backHint) {}

    /** A simulation that was kept; {@code fault} where it can no longer be read. */
    public record KeptLine(String id, String when, String what, String figures, String fault, String missing) {}

    static RehearsePage of(
            Job job, History history, JobPlan plan, List<KeptSimulation> kept, boolean stale, UnitSystem units) {
        Optional<SetupSheet> sheet = plan.sheet().value();
        return new RehearsePage(
                job.id().toString(),
                job.version(),
                job.name(),
                history,
                sheet.isPresent()
                        ? List.of()
                        : plan.sheet().problems().stream()
                                .map(problem -> problem.message(units))
                                .toList(),
                sheet.map(made -> weld(made, units)).orElse(""),
                choices(
                        sheet,
                        plan.ask().value().map(SimulationSetup::usualSeamMm).orElse(Joint.USUAL_SEAM_MM),
                        units),
                kept.stream().map(stored -> line(stored, units)).toList(),
                stale);
    }

    private static String weld(SetupSheet sheet, UnitSystem units) {
        return say("material." + sheet.joint().material().name(), units) + ", "
                + say("joint." + sheet.joint().form().name(), units) + ", "
                + sheet.setting(ParameterKey.WORKING_CURRENT).shown(units)
                + (sheet.isPulsed() ? " " + say("hero.peak", units) : "") + ", "
                + sheet.setting(ParameterKey.TRAVEL_SPEED).shown(units);
    }

    private static SimulationOptions choices(Optional<SetupSheet> sheet, double seamMm, UnitSystem units) {
        boolean tube = sheet.flatMap(made -> made.joint().tubeOd()).isPresent();
        double back = sheet.flatMap(made -> made.find(ParameterKey.BACK_BEAD))
                .filter(parameter -> parameter.window().isPresent())
                .map(parameter -> parameter.value())
                .filter(mm -> mm >= SettingSearch.TARGET.low())
                .orElse(USUAL_BACK_MM);
        return new SimulationOptions(
                Choice.of(MeshDetail.values(), "rehearsal.quality", MeshDetail.LIVE.name()),
                Choice.of(WeldChange.values(), "rehearsal.change", WeldChange.NOTHING.name()),
                Choice.of(SearchVariable.values(), "rehearsal.knob", SearchVariable.CURRENT.name()),
                Stream.concat(
                                Stream.of(Choice.labelled("", "nothing else", true)),
                                Choice.of(SearchVariable.values(), "rehearsal.knob", "").stream())
                        .toList(),
                Choice.of(SearchGoal.values(), "rehearsal.goal", SearchGoal.BACK_BEAD.name()),
                Choice.of(Exhibit.values(), "rehearsal.exhibit", ""),
                tube ? "once round" : units.show(Quantity.ruled(seamMm)).line(),
                units.show(Quantity.ruled(back)).line());
    }

    private static KeptLine line(KeptSimulation stored, UnitSystem units) {
        String when = WHEN.format(stored.madeAt().atZone(ZoneId.systemDefault()));
        String id = stored.getId().toString();
        Optional<SimulationRecord> read = stored.record().value();
        return read.map(record -> new KeptLine(
                        id,
                        when,
                        units.show(Quantity.amperes(record.currentA())).line() + ", "
                                + Phrasebook.say(record.changed(), units) + ", "
                                + say("rehearsal.quality." + record.quality().name(), units),
                        "face "
                                + units.show(Quantity.ruled(
                                                record.outcome().widths().frontMm()))
                                        .line()
                                + ", root "
                                + units.show(Quantity.ruled(
                                                record.outcome().widths().backMm()))
                                        .line(),
                        "",
                        missing(record)))
                .orElseGet(() -> new KeptLine(id, when, "", "", stored.record().fault(), ""));
    }

    /** What a kept simulation does not know, because the program that kept it did not record it; empty for one of today. */
    private static String missing(SimulationRecord record) {
        String names = record.missing().stream()
                .map(path -> path.substring(path.lastIndexOf('.') + 1))
                .map(name -> name.replaceAll("(Mm|S|K|Percent|J)$", "")
                        .replaceAll("([A-Z])", " $1")
                        .toLowerCase(Locale.ROOT))
                .distinct()
                .collect(Collectors.joining(", "));
        return names.isEmpty() ? "" : "Kept by an earlier program, which did not record: " + names + ".";
    }

    private static String say(String key, UnitSystem units) {
        return say(Phrase.of(key), units);
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }

    /**
     * The result of one or two simulations.
     *
     * @param names    of them
     * @param lines    figures, one or two a line, and the difference
     * @param verdicts in words, for each
     * @param limits   what they leave out
     * @param chart    width along the seam
     * @param table    the same in figures
     * @param sees     what is to be seen of a fault that is shown; empty for a weld of one's own
     */
    public record SimulationView(
            List<String> names,
            List<ComparedFigures> lines,
            List<List<String>> verdicts,
            List<String> limits,
            Drawing chart,
            List<WidthLine> table,
            List<String> sees) {

        SimulationView and(List<ComparedFigures> more) {
            return new SimulationView(
                    names, Stream.concat(lines.stream(), more.stream()).toList(), verdicts, limits, chart, table, sees);
        }

        SimulationView seeing(List<String> lines) {
            return new SimulationView(names, this.lines, verdicts, limits, chart, table, lines);
        }
    }

    /** One figure of both; {@code other} and {@code difference} empty where there is one only. */
    public record ComparedFigures(String name, String one, String other, String difference) {
        public ComparedFigures {
            name = Labels.of(name);
        }
    }

    /** Width at a place of the seam, in front and behind, of each. */
    public record WidthLine(String place, String one, String other) {}

    private static final double USUAL_BACK_MM = 2;
    private static final int TABLE_EVERY = 10;

    static SimulationView view(List<SimulationStatus> shows, List<String> names, UnitSystem units) {
        List<SimulationResult> made =
                shows.stream().map(show -> show.work().result().orElseThrow()).toList();
        List<List<String>> verdicts = IntStream.range(0, made.size())
                .mapToObj(i -> texts(SimulationVerdict.of(shows.get(i).ask(), made.get(i)), units))
                .toList();
        return view(
                        made,
                        names,
                        verdicts,
                        texts(SimulationVerdict.limits(shows.get(0).ask()), units),
                        units)
                .and(slips(shows, units));
    }

    /** How far each may slip, which only its request tells. */
    private static List<ComparedFigures> slips(List<SimulationStatus> shows, UnitSystem units) {
        SimulationRequest last = shows.get(shows.size() - 1).ask();
        return SimulationComparison.slips(shows.get(0).ask(), last).stream()
                .map(line -> figures(line, shows.size() > 1, units))
                .toList();
    }

    /** A weld as it should be beside one with a fault, and what is to be seen. */
    static SimulationView exhibit(List<SimulationStatus> shows, Exhibit exhibit, UnitSystem units) {
        List<String> names = texts(List.of(Phrase.of("rehearsal.exhibit.right"), exhibit.words()), units);
        return view(shows, names.subList(0, shows.size()), units).seeing(texts(exhibit.see(), units));
    }

    static SimulationView view(
            List<SimulationResult> made,
            List<String> names,
            List<List<String>> verdicts,
            List<String> limits,
            UnitSystem units) {
        boolean two = made.size() > 1;
        List<ComparedFigure> lines =
                two ? SimulationComparison.of(made.get(0), made.get(1)) : SimulationComparison.figures(made.get(0));
        return new SimulationView(
                names,
                lines.stream().map(line -> figures(line, two, units)).toList(),
                verdicts,
                limits,
                BeadChart.of(made, units),
                table(made, units),
                List.of());
    }

    static List<String> texts(List<Phrase> phrases, UnitSystem units) {
        return phrases.stream().map(phrase -> Phrasebook.say(phrase, units)).toList();
    }

    private static ComparedFigures figures(ComparedFigure line, boolean two, UnitSystem units) {
        OptionalDouble difference = line.difference();
        String apart = two && difference.isPresent()
                ? signed(
                        Quantity.of(
                                difference.getAsDouble(),
                                line.one().orElseThrow().unit()),
                        units)
                : "";
        return new ComparedFigures(
                say("rehearsal.figure." + line.name(), units),
                shown(line.one(), units),
                two ? shown(line.other(), units) : "",
                apart);
    }

    private static String signed(Quantity quantity, UnitSystem units) {
        String bare = units.show(Quantity.of(Math.abs(quantity.value()), quantity.unit()))
                .line();
        return bare.matches("0[.0]*( .*)?") ? "same" : (quantity.value() < 0 ? "−" : "+") + bare;
    }

    private static String shown(Optional<Quantity> quantity, UnitSystem units) {
        return quantity.map(figure -> units.show(figure).line()).orElse("–");
    }

    private static List<WidthLine> table(List<SimulationResult> made, UnitSystem units) {
        SimulationResult result = made.get(0);
        return IntStream.range(0, result.along().size())
                .filter(i -> i % TABLE_EVERY == 0)
                .mapToObj(i -> new WidthLine(
                        units.show(Quantity.ruled(result.along().get(i).xMm())).line(),
                        widths(result, i, units),
                        made.size() > 1 ? widths(made.get(1), i, units) : ""))
                .toList();
    }

    private static String widths(SimulationResult made, int i, UnitSystem units) {
        if (i >= made.along().size()) {
            return "–";
        }
        BeadWidth place = made.along().get(i);
        return units.show(Quantity.ruled(place.frontMm())).line() + " / "
                + units.show(Quantity.ruled(place.backMm())).line();
    }

    /**
     * What a search found.
     *
     * @param words   in a sentence
     * @param beside  what the second setting is called; empty where there was one only
     * @param tries   every value tried
     * @param map     the same as a drawing, where two were varied
     * @param take    to be put on the sheet; empty where nothing of it can be
     */
    public record FoundView(
            String words, String beside, List<TriedValue> tries, Optional<Drawing> map, Optional<FoundValue> take) {}

    /** A value and its result. */
    public record TriedValue(String value, String beside, String back, String spread, String slips, boolean best) {}

    /** A value to be put on the sheet, with that of a second setting. */
    public record FoundValue(String knob, String value, String other, String beside, String label) {}

    static FoundView found(SearchResult found, UnitSystem units) {
        SearchTrial best = found.best();
        SearchQuery query = found.query();
        String at = shown(query, best, units);
        boolean nothingRight = query.goal() == SearchGoal.MOST_FORGIVING && !found.met();
        return new FoundView(
                say(
                        Phrase.of(
                                "rehearsal.found." + query.goal() + (found.met() ? "" : ".not"), at, got(query, best)),
                        units),
                query.other()
                        .map(other -> Labels.of(say("rehearsal.knob." + other, units)))
                        .orElse(""),
                found.tries().stream()
                        .map(trial -> new TriedValue(
                                value(query.knob(), trial.value(), units),
                                query.other()
                                        .map(other ->
                                                value(other, trial.beside().orElse(0), units))
                                        .orElse(""),
                                units.show(Quantity.ruled(trial.backMm())).line(),
                                units.show(Quantity.percent(trial.frontSpread()))
                                        .line(),
                                say(trial.slips(), units),
                                trial.equals(best) && !nothingRight))
                        .toList(),
                query.other().map(other -> SearchMap.of(found, units)),
                query.knob() == SearchVariable.ROD || nothingRight
                        ? Optional.empty()
                        : Optional.of(take(query, best, at)));
    }

    /** What was wanted, as the best value gives it. */
    private static Object got(SearchQuery query, SearchTrial best) {
        return switch (query.goal()) {
            case BACK_BEAD -> Quantity.ruled(best.backMm());
            case EVEN_WIDTH -> Quantity.percent(best.frontSpread());
            case MOST_FORGIVING -> best.tolerance().words();
        };
    }

    private static FoundValue take(SearchQuery query, SearchTrial best, String label) {
        return new FoundValue(
                query.knob().name(),
                String.format(Locale.ROOT, "%.3f", best.value()),
                query.other().map(Enum::name).orElse(""),
                String.format(Locale.ROOT, "%.3f", best.beside().orElse(0)),
                label);
    }

    private static String shown(SearchQuery query, SearchTrial trial, UnitSystem units) {
        String first = value(query.knob(), trial.value(), units);
        return query.other()
                .map(other -> first + " with " + value(other, trial.beside().orElse(0), units))
                .orElse(first);
    }

    /** A value of a setting in words. */
    static String value(SearchVariable variable, double value, UnitSystem units) {
        return switch (variable) {
            case BAR -> say("rehearsal.bar." + (value > 0 ? 1 : 0), units);
            case ROD -> units.show(Quantity.of(value, variable.unit())).line() + " rod";
            default -> units.show(Quantity.of(value, variable.unit())).line();
        };
    }
}
