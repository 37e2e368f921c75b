package vastarc.web.service;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.core.record.instrument.MeasuringInstrument;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.store.register.BatchReader;
import vastarc.web.store.register.InstrumentReader;
import vastarc.web.store.register.PaperUses.ChosenPaper;
import vastarc.web.store.register.ProcedureReader;

/** Papers of the registers as jobs and runs keep them: with what they said when they were chosen. */
public final class PaperChoices {

    private PaperChoices() {}

    /**
     * {@return a procedure to choose}
     *
     * @param procedure as it is on the register
     */
    public static ChosenPaper of(WeldProcedure procedure) {
        return new ChosenPaper(
                ProcedureReader.KIND.name(), procedure.number(), until(procedure.qualifiedBy(), procedure.until()));
    }

    /**
     * {@return a batch to choose}
     *
     * @param batch as it is on the register
     */
    public static ChosenPaper of(MaterialBatch batch) {
        return new ChosenPaper(
                BatchReader.KIND.name(),
                batch.number(),
                joined(say(Phrase.of("batch.kind." + batch.kind())), batch.what()));
    }

    /**
     * {@return a meter to choose, with the days of its calibration}
     *
     * @param meter as it is on the register
     */
    public static ChosenPaper of(MeasuringInstrument meter) {
        String reads = meter.measures().stream()
                .map(quantity -> say(Phrase.of(quantity.words())))
                .collect(Collectors.joining(", "));
        String named = joined(meter.what(), reads);
        String calibrated = meter.from()
                .map(day -> joined(named, say(Phrase.of("papers.calibratedOn", day))))
                .orElse(named);
        return new ChosenPaper(InstrumentReader.KIND.name(), meter.number(), until(calibrated, meter.until()));
    }

    private static String until(String what, Optional<String> day) {
        return day.map(last -> joined(what, say(Phrase.of("papers.validUntil", last))))
                .orElse(what);
    }

    private static String joined(String... parts) {
        return Stream.of(parts).filter(part -> !part.isEmpty()).collect(Collectors.joining(", "));
    }

    /**
     * {@return papers in one line, each by number and what it said}
     *
     * @param papers the papers
     */
    public static String line(List<ChosenPaper> papers) {
        return papers.stream()
                .map(paper -> paper.number() + (paper.what().isEmpty() ? "" : " (" + paper.what() + ")"))
                .collect(Collectors.joining("; "));
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
