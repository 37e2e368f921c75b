package vastarc.web.logbook;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.procedure.PaperNote;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.RecordingChart;
import vastarc.web.drawing.RecordingChart.ChartedRun;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.logbook.Logbook.OpenedRun;
import vastarc.web.store.register.PaperUses.ChosenPaper;
import vastarc.web.store.run.Photograph;
import vastarc.web.store.run.Photograph.PhotographKind;
import vastarc.web.store.run.RunRecord;

/**
 * A run of the logbook, finished for display.
 *
 * @param line     what it is found by
 * @param version  of the run as it is shown here
 * @param figures  planned and read, side by side
 * @param trace    its readings; empty where there are none
 * @param findings what differed, in words
 * @param marks    what was tapped, and when
 * @param coach    what was heard of the coach and what followed; empty where nothing was
 * @param open     of the check before the strike, what was not ticked
 * @param procedures numbers of the procedures its sheet kept within
 * @param papers   what the shop's papers said against it, and who signed
 * @param used     papers that went into it, by register: procedure, batches, meters
 * @param oxygen   what was read of it before the strike, a line each
 * @param sheet    as it was, a line each
 * @param photos   taken of it
 * @param form     what the welder says, as typed
 * @param wrong    what cannot be read of that, by field
 * @param job      it belongs to, if it is still there
 * @param proven   whether the job is proven by this very sheet
 * @param fault    why its record cannot be read; empty where it can
 */
public record RunView(
        RunLine line,
        long version,
        List<Side> figures,
        Optional<Drawing> trace,
        List<String> findings,
        List<String> marks,
        Optional<HeardView> coach,
        List<String> open,
        List<String> procedures,
        List<PaperNote> papers,
        List<UsedPapers> used,
        List<FigureLine> oxygen,
        List<FigureLine> sheet,
        List<Photo> photos,
        Map<String, String> form,
        Map<String, String> wrong,
        List<Choice> verdicts,
        String job,
        boolean proven,
        String fault) {

    /** A figure as planned and as read. */
    public record Side(String name, String planned, String read) {
        public Side {
            name = Labels.of(name);
        }
    }

    /** The papers of one register that went into a run. */
    public record UsedPapers(String register, List<ChosenPaper> papers) {}

    private static List<UsedPapers> used(List<ChosenPaper> papers) {
        return papers.stream()
                .map(ChosenPaper::register)
                .distinct()
                .map(register -> new UsedPapers(
                        register,
                        papers.stream()
                                .filter(paper -> paper.register().equals(register))
                                .toList()))
                .toList();
    }

    /** A photograph; measured is the width of its bead in words, empty where nothing was measured. */
    public record Photo(String id, String label, String measured, boolean bead) {
        public Photo {
            label = Labels.of(label);
        }
    }

    /** The job behind a run, as far as it matters here. */
    record RunJob(String id, boolean proven) {}

    static RunView of(
            OpenedRun opened, Map<String, String> form, Map<String, String> wrong, RunJob job, UnitSystem units) {
        return new RunView(
                RunLine.of(opened.run(), units),
                opened.run().version(),
                sides(opened, units),
                chart(opened),
                opened.record().map(RunRecord::findings).orElse(List.of()).stream()
                        .map(finding -> Phrasebook.say(finding.text(), units))
                        .toList(),
                opened.events().stream()
                        .map(event -> say(event.kind().words()) + " at "
                                + units.show(Quantity.seconds(Math.rint(event.atS())))
                                        .line())
                        .toList(),
                opened.record().flatMap(RunRecord::heard).map(heard -> HeardView.of(heard, opened.events(), units)),
                opened.record().map(RunRecord::open).orElse(List.of()),
                opened.record().map(RunRecord::procedures).orElse(List.of()),
                opened.record().map(RunRecord::papers).orElse(List.of()),
                used(opened.papers()),
                OxygenLines.of(opened.oxygen()),
                opened.sheet().map(sheet -> lines(sheet, units)).orElse(List.of()),
                opened.photos().stream().map(photo -> photo(photo, units)).toList(),
                form,
                wrong,
                Choice.of(
                        RunVerdict.values(),
                        "run.verdict",
                        form.getOrDefault("verdict", opened.run().verdict().name())),
                job.id(),
                job.proven(),
                opened.fault());
    }

    static Optional<Drawing> chart(OpenedRun opened) {
        return opened.trace().channels().isEmpty() ? Optional.empty() : Optional.of(RecordingChart.of(shown(opened)));
    }

    static ChartedRun shown(OpenedRun opened) {
        return new ChartedRun(
                opened.trace(),
                opened.seen(),
                opened.events(),
                opened.run().head().planned().currentA());
    }

    static Photo photo(Photograph photo, UnitSystem units) {
        return new Photo(
                photo.id().toString(),
                photo.kind().label(),
                photo.measure()
                        .map(measure -> MeasureWords.line(measure, units))
                        .orElse(""),
                photo.kind() != PhotographKind.TUNGSTEN);
    }

    static List<FigureLine> lines(SheetDocument sheet, UnitSystem units) {
        return sheet.settings().stream()
                .filter(parameter -> !parameter.idle())
                .map((Parameter parameter) -> new FigureLine(say(parameter.key().words()), parameter.shown(units)))
                .toList();
    }

    static List<Side> sides(OpenedRun opened, UnitSystem units) {
        return new RunSides(opened, units).sides();
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
