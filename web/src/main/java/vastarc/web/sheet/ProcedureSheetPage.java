package vastarc.web.sheet;

import java.util.List;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.procedure.ProcedureSheet;
import vastarc.core.record.procedure.ProcedureSheet.LineValue;
import vastarc.core.record.procedure.ProcedureSheet.MeasureValue;
import vastarc.core.record.procedure.ProcedureSheet.NamedValue;
import vastarc.core.record.procedure.ProcedureSheet.ProcedurePass;
import vastarc.core.record.procedure.ProcedureSheet.ProcedureSection;
import vastarc.core.record.procedure.ProcedureSheetWriter;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointDrawing;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.store.job.Job;

/**
 * A preliminary procedure in words, for page and paper.
 *
 * @param id       of the job
 * @param job      its name
 * @param written  the day
 * @param drawing  of the joint
 * @param sections heading by heading
 * @param passes   a row for each
 * @param cautions of the sheet
 */
public record ProcedureSheetPage(
        String id,
        String job,
        String written,
        Drawing drawing,
        List<SectionView> sections,
        List<PassRow> passes,
        List<String> cautions) {

    /** A section in words. */
    public record SectionView(String name, List<FigureLine> lines) {}

    /** A pass in words. */
    public record PassRow(
            String number,
            String kind,
            String current,
            String range,
            String voltage,
            String travel,
            String filler,
            String heat) {}

    /** So many sections stand in the left column, under the drawing. */
    private static final int LEFT = 5;

    static ProcedureSheetPage of(SetupSheet setup, Job job, String written, UnitSystem units) {
        ProcedureSheet sheet = ProcedureSheetWriter.of(setup);
        ProcedureWords words = new ProcedureWords(units);
        return new ProcedureSheetPage(
                job.id().toString(),
                job.name(),
                written,
                JointDrawing.of(setup, units),
                sheet.sections().stream().map(words::section).toList(),
                sheet.passes().stream().map(words::pass).toList(),
                sheet.cautions().stream()
                        .map(caution -> Phrasebook.say(caution.text(), units))
                        .toList());
    }

    /** {@return the sections side by side} */
    public List<List<SectionView>> columns() {
        return List.of(sections.subList(0, LEFT), sections.subList(LEFT, sections.size()));
    }

    private record ProcedureWords(UnitSystem units) {

        SectionView section(ProcedureSection section) {
            return new SectionView(
                    say(section.heading().words()),
                    section.lines().stream()
                            .map(line -> new FigureLine(Labels.of(say(line.words())), value(line.value())))
                            .toList());
        }

        private String value(LineValue value) {
            if (value instanceof NamedValue named) {
                return say(named.words());
            }
            MeasureValue measure = (MeasureValue) value;
            return measure.range()
                    .filter(range -> range.low() < range.high())
                    .map(range -> show(measure.value(), measure.unit()) + " (" + between(range, measure.unit()) + ")")
                    .orElseGet(() -> show(measure.value(), measure.unit()));
        }

        PassRow pass(ProcedurePass pass) {
            return new PassRow(
                    String.valueOf(pass.number()),
                    say(Phrase.of("pass." + pass.kind().name())),
                    show(pass.currentA(), Unit.AMPERE),
                    between(pass.currentRange(), Unit.AMPERE),
                    pass.voltageV().isPresent() ? show(pass.voltageV().getAsDouble(), Unit.VOLT) : "",
                    show(pass.travelMmPerMin(), Unit.MM_PER_MIN),
                    pass.wireMm() > 0 ? show(pass.wireMm(), Unit.STOCK_MILLIMETRE) : "",
                    show(pass.heatInputKjPerMm(), Unit.KJ_PER_MM));
        }

        private String between(Range range, Unit unit) {
            return say(Phrase.of("procedure.between", Quantity.of(range.low(), unit), Quantity.of(range.high(), unit)));
        }

        private String show(double value, Unit unit) {
            return units.show(Quantity.of(value, unit)).line();
        }

        private String say(Phrase phrase) {
            return Phrasebook.say(phrase, units);
        }
    }
}
