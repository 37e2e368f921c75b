package vastarc.web.rehearse;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vastarc.core.finding.Problem;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.rehearsal.Change;
import vastarc.core.rehearsal.Finder;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.Rehearsal;
import vastarc.core.rehearsal.RehearsalComparison;
import vastarc.core.rehearsal.Verdict;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.BeadChart;
import vastarc.web.drawing.Drawing;
import vastarc.web.kept.job.History;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.rehearsal.KeptRehearsal;
import vastarc.web.kept.rehearsal.RehearsalRecord;
import vastarc.web.ui.Choice;
import vastarc.web.work.RehearsalRoom;

/**
 * The Rehearse place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param history  whether there is a step to undo or do again
 * @param refusals why nothing can be rehearsed; empty where it can
 * @param weld     the job's weld in a line
 * @param choices  what may be chosen
 * @param kept     what was rehearsed before, the newest first
 * @param stale    a change was asked for on an older version, and not made
 */
public record RehearsePage(
        String id,
        long version,
        String name,
        History history,
        List<String> refusals,
        String weld,
        Choices choices,
        List<KeptLine> kept,
        boolean stale) {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    /** What may be chosen. */
    public record Choices(
            List<Choice> qualities,
            List<Choice> changes,
            List<Choice> knobs,
            List<Choice> goals,
            String seamHint,
            String backHint) {}

    /** A rehearsal that was kept; {@code fault} where it can no longer be read. */
    public record KeptLine(String id, String when, String what, String figures, String fault, String missing) {}

    static RehearsePage of(
            Job job,
            History history,
            Optional<Sheet> sheet,
            List<Problem> problems,
            List<KeptRehearsal> kept,
            boolean stale,
            UnitSystem units) {
        return new RehearsePage(
                job.id().toString(),
                job.version(),
                job.name(),
                history,
                sheet.isPresent()
                        ? List.of()
                        : problems.stream()
                                .map(problem -> problem.message(units))
                                .toList(),
                sheet.map(made -> weld(made, units)).orElse(""),
                choices(sheet, units),
                kept.stream().map(one -> line(one, units)).toList(),
                stale);
    }

    private static String weld(Sheet sheet, UnitSystem units) {
        return say("material." + sheet.joint().material().name(), units) + ", "
                + say("joint." + sheet.joint().form().name(), units) + ", "
                + sheet.setting(SettingKey.WORKING_CURRENT).shown(units)
                + (sheet.isPulsed() ? " " + say("hero.peak", units) : "") + ", "
                + sheet.setting(SettingKey.TRAVEL_SPEED).shown(units);
    }

    private static Choices choices(Optional<Sheet> sheet, UnitSystem units) {
        boolean tube = sheet.flatMap(made -> made.joint().tubeOd()).isPresent();
        double back = sheet.flatMap(made -> made.find(SettingKey.BACK_BEAD))
                .filter(setting -> setting.window().isPresent())
                .map(setting -> setting.value())
                .filter(mm -> mm >= Finder.TARGET.low())
                .orElse(USUAL_BACK_MM);
        return new Choices(
                Choice.of(Quality.values(), "rehearsal.quality", Quality.LIVE.name()),
                Choice.of(Change.values(), "rehearsal.change", Change.NOTHING.name()),
                Choice.of(Finder.Knob.values(), "rehearsal.knob", Finder.Knob.CURRENT.name()),
                Choice.of(Finder.Goal.values(), "rehearsal.goal", Finder.Goal.BACK_BEAD.name()),
                tube
                        ? "once round"
                        : units.show(Quantity.ruled(RehearseForm.USUAL_SEAM_MM)).line(),
                units.show(Quantity.ruled(back)).line());
    }

    private static KeptLine line(KeptRehearsal kept, UnitSystem units) {
        String when = WHEN.format(kept.madeAt().atZone(ZoneId.systemDefault()));
        String id = kept.getId().toString();
        Optional<RehearsalRecord> read = kept.record().value();
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
                .orElseGet(() -> new KeptLine(id, when, "", "", kept.record().fault(), ""));
    }

    /** What a kept rehearsal does not know, because the program that kept it did not record it; empty for one of today. */
    private static String missing(RehearsalRecord record) {
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
        return Phrasebook.say(Phrase.of(key), units);
    }

    /**
     * What came of one or two rehearsals.
     *
     * @param names    of them
     * @param lines    figures, one or two a line, and the difference
     * @param verdicts in words, for each
     * @param limits   what they leave out
     * @param chart    width along the seam
     * @param table    the same in figures
     */
    public record Told(
            List<String> names,
            List<Figures> lines,
            List<List<String>> verdicts,
            List<String> limits,
            Drawing chart,
            List<Station> table) {}

    /** One figure of both; {@code other} and {@code difference} empty where there is one only. */
    public record Figures(String name, String one, String other, String difference) {}

    /** Width at a place of the seam, in front and behind, of each. */
    public record Station(String place, String one, String other) {}

    private static final double USUAL_BACK_MM = 2;
    private static final int TABLE_EVERY = 10;

    static Told told(List<RehearsalRoom.Show> shows, List<String> names, UnitSystem units) {
        List<Rehearsal> made =
                shows.stream().map(show -> show.work().result().orElseThrow()).toList();
        List<List<String>> verdicts = IntStream.range(0, made.size())
                .mapToObj(i -> said(Verdict.of(shows.get(i).ask(), made.get(i)), units))
                .toList();
        return told(made, names, verdicts, said(Verdict.limits(shows.get(0).ask()), units), units);
    }

    static Told told(
            List<Rehearsal> made,
            List<String> names,
            List<List<String>> verdicts,
            List<String> limits,
            UnitSystem units) {
        boolean two = made.size() > 1;
        List<RehearsalComparison.Line> lines =
                two ? RehearsalComparison.of(made.get(0), made.get(1)) : RehearsalComparison.figures(made.get(0));
        return new Told(
                names,
                lines.stream().map(line -> figures(line, two, units)).toList(),
                verdicts,
                limits,
                BeadChart.of(made, units),
                table(made, units));
    }

    static List<String> said(List<Phrase> phrases, UnitSystem units) {
        return phrases.stream().map(phrase -> Phrasebook.say(phrase, units)).toList();
    }

    private static Figures figures(RehearsalComparison.Line line, boolean two, UnitSystem units) {
        OptionalDouble difference = line.difference();
        String apart = two && difference.isPresent()
                ? signed(
                        Quantity.of(
                                difference.getAsDouble(),
                                line.one().orElseThrow().unit()),
                        units)
                : "";
        return new Figures(
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

    private static List<Station> table(List<Rehearsal> made, UnitSystem units) {
        Rehearsal one = made.get(0);
        return IntStream.range(0, one.along().size())
                .filter(i -> i % TABLE_EVERY == 0)
                .mapToObj(i -> new Station(
                        units.show(Quantity.ruled(one.along().get(i).xMm())).line(),
                        widths(one, i, units),
                        made.size() > 1 ? widths(made.get(1), i, units) : ""))
                .toList();
    }

    private static String widths(Rehearsal made, int i, UnitSystem units) {
        if (i >= made.along().size()) {
            return "–";
        }
        Rehearsal.Along place = made.along().get(i);
        return units.show(Quantity.ruled(place.frontMm())).line() + " / "
                + units.show(Quantity.ruled(place.backMm())).line();
    }

    /**
     * What a search found.
     *
     * @param words   in a sentence
     * @param tries   every value tried
     * @param knob    to be taken
     * @param value   to be taken
     */
    public record FoundView(String words, List<Tried> tries, String knob, String value, String label) {}

    /** A value and what came of it. */
    public record Tried(String value, String back, String spread, boolean best) {}

    static FoundView found(Finder.Found found, UnitSystem units) {
        Quantity best = Quantity.of(found.best().value(), found.knob().key().unit());
        String at = units.show(best).line();
        String got = found.goal() == Finder.Goal.BACK_BEAD
                ? "a root bead "
                        + units.show(Quantity.ruled(found.best().backMm())).line()
                : "a width variation of "
                        + units.show(Quantity.percent(found.best().frontSpread()))
                                .line();
        String words = found.met()
                ? at + " gives " + got + "."
                : "Nothing in its range gives exactly that; the nearest, " + at + ", gives " + got + ".";
        return new FoundView(
                words,
                found.tries().stream()
                        .map(one -> new Tried(
                                units.show(Quantity.of(
                                                one.value(), found.knob().key().unit()))
                                        .line(),
                                units.show(Quantity.ruled(one.backMm())).line(),
                                units.show(Quantity.percent(one.frontSpread())).line(),
                                one.equals(found.best())))
                        .toList(),
                found.knob().name(),
                String.format(Locale.ROOT, "%.3f", found.best().value()),
                at);
    }
}
