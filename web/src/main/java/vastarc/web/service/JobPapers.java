package vastarc.web.service;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.core.record.instrument.MeasuringInstrument;
import vastarc.core.record.procedure.WelderCheck;
import vastarc.core.record.procedure.WelderCheck.WelderStanding;
import vastarc.core.record.procedure.WelderQualification;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.PurgeText;
import vastarc.web.store.register.BatchReader;
import vastarc.web.store.register.InstrumentReader;
import vastarc.web.store.register.PaperUses;
import vastarc.web.store.register.PaperUses.ChosenPaper;
import vastarc.web.store.register.Register;

/** What the shop's papers say against a weld before it is struck. A shop that has written down none hears nothing. */
@Component
public class JobPapers {

    /** Papers that end within so many days are worth a word. */
    private static final int SOON_DAYS = 56;

    private final Register<WelderQualification> welders;
    private final AssemblyStore assemblies;
    private final Register<MaterialBatch> batches;
    private final Register<MeasuringInstrument> instruments;
    private final ShopProcedures procedures;
    private final PaperUses uses;
    private final Clock clock;

    JobPapers(
            Register<WelderQualification> welders,
            AssemblyStore assemblies,
            Register<MaterialBatch> batches,
            Register<MeasuringInstrument> instruments,
            ShopProcedures procedures,
            PaperUses uses,
            Clock clock) {
        this.welders = welders;
        this.assemblies = assemblies;
        this.batches = batches;
        this.instruments = instruments;
        this.procedures = procedures;
        this.uses = uses;
        this.clock = clock;
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /**
     * {@return what the papers say against a weld, a sentence each; empty where nothing does}
     *
     * @param job    id of the job it is a weld of
     * @param sheet  of the weld
     * @param welder who is to weld it; may be empty
     * @param units  the reader's
     */
    public List<String> against(UUID job, SetupSheet sheet, String welder, UnitSystem units) {
        return Stream.of(
                        holds(job, units),
                        left(job, sheet, units),
                        missing(job, sheet, units),
                        overdue(job, units),
                        lacks(sheet, welder, units).stream())
                .flatMap(says -> says)
                .toList();
    }

    /** Hold points of seams of the job that nobody has signed. */
    private Stream<String> holds(UUID job, UnitSystem units) {
        return assemblies.held(job).stream()
                .map(seam ->
                        say(Phrase.of("papers.hold", seam.number(), seam.text().hold()), units));
    }

    /** By what the sheet leaves the procedures named for the job. */
    private Stream<String> left(UUID job, SetupSheet sheet, UnitSystem units) {
        return procedures.of(job, sheet, units).stream()
                .filter(standing -> standing.named() && !standing.isInside())
                .map(standing ->
                        say(Phrase.of("papers.leaves", standing.number(), String.join(" ", standing.leaves())), units));
    }

    /** Meters chosen for the job whose calibration has ended. */
    private Stream<String> overdue(UUID job, UnitSystem units) {
        List<String> chosen = uses.ofJob(job, InstrumentReader.KIND);
        return instruments.readable().stream()
                .filter(meter -> chosen.contains(meter.number()))
                .filter(meter -> meter.isOverdue(today().toString()))
                .map(meter -> say(
                        Phrase.of(
                                "papers.overdue",
                                meter.what(),
                                meter.number(),
                                meter.until().orElse("")),
                        units));
    }

    /** Batches that the shop keeps and that nobody has chosen for the job. */
    private Stream<String> missing(UUID job, SetupSheet sheet, UnitSystem units) {
        List<String> chosen = uses.ofJob(job, BatchReader.KIND);
        return MaterialBatch.missing(
                        batches.readable(), chosen, sheet.practice().wire())
                .stream()
                .map(kind -> say(Phrase.of("papers.noBatch", Phrase.of("batch.kind." + kind)), units));
    }

    private List<String> lacks(SetupSheet sheet, String welder, UnitSystem units) {
        List<WelderQualification> papers = welders.readable();
        if (papers.isEmpty()) {
            return List.of();
        }
        if (welder.isEmpty()) {
            return List.of(say(Phrase.of("papers.nobody"), units));
        }
        WelderStanding standing = WelderCheck.of(welder, papers, sheet, today().toString());
        if (standing.nearest().isEmpty()) {
            return List.of(say(Phrase.of("papers.none", welder), units));
        }
        String number = standing.nearest().get().number();
        return standing.lacks().stream()
                .map(lack -> say(Phrase.of("papers.lacks", welder, number, lack.words()), units))
                .toList();
    }

    /**
     * {@return the paper that covers a weld, in a sentence; empty where none does}
     *
     * @param sheet  of the weld
     * @param welder who is to weld it
     * @param units  the reader's
     */
    public Optional<String> covering(SetupSheet sheet, String welder, UnitSystem units) {
        return Optional.of(WelderCheck.of(welder, welders.readable(), sheet, today().toString()))
                .filter(WelderStanding::isCovered)
                .flatMap(WelderStanding::nearest)
                .map(paper -> say(
                        paper.until()
                                .map(day -> Phrase.of("papers.coversUntil", welder, paper.number(), day))
                                .orElse(Phrase.of("papers.covers", welder, paper.number())),
                        units));
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }

    /** {@return the names of those the shop has papers of, each once} */
    public List<String> welders() {
        TreeSet<String> names = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        welders.readable().forEach(paper -> names.add(paper.welder()));
        return List.copyOf(names);
    }

    /**
     * What is chosen for a job goes into a run of it.
     *
     * @param job id of the job
     * @param run id of the run
     */
    public void carry(UUID job, UUID run) {
        uses.carry(job, run);
    }

    /**
     * The meters whose readings come in by a name go into the run that listens to them.
     *
     * @param run  id of the run
     * @param feed the name; empty for none
     */
    public void listened(UUID run, String feed) {
        uses.add(run, readBy(feed).stream().map(PaperChoices::of).toList());
    }

    /**
     * {@return what the oxygen and the flow of a purge are read with: meters chosen for the job, and the one that it listens to}
     *
     * @param job the job
     */
    public List<ChosenPaper> oxygenMeters(Job job) {
        List<String> chosen = uses.ofJob(job.id(), InstrumentReader.KIND);
        String feed = job.content().purge().text(PurgeText.LISTEN).orElse("");
        return instruments.readable().stream()
                .filter(meter -> meter.reads(MeasuredQuantity.OXYGEN) || meter.reads(MeasuredQuantity.GAS_FLOW))
                .filter(meter -> chosen.contains(meter.number())
                        || !feed.isEmpty() && meter.meter().equals(feed))
                .map(PaperChoices::of)
                .toList();
    }

    /** The meters on the register whose readings come in by a name. */
    private List<MeasuringInstrument> readBy(String name) {
        return name.isEmpty()
                ? List.of()
                : instruments.readable().stream()
                        .filter(meter -> meter.meter().equals(name))
                        .toList();
    }

    /** Something of the shop that ends on a day: keys of the words that say so before and after it. */
    private record PaperEnd(String name, String number, String until, String endsKey, String overKey) {}

    /** {@return which papers of welders and calibrations end within eight weeks or have ended, a sentence each, the first to end first} */
    public List<String> endings() {
        String soon = today().plusDays(SOON_DAYS).toString();
        String now = today().toString();
        return Stream.concat(
                        welders.readable().stream()
                                .flatMap(paper -> paper
                                        .until()
                                        .map(day -> new PaperEnd(
                                                paper.welder(), paper.number(), day, "papers.ends", "papers.over"))
                                        .stream()),
                        instruments.readable().stream()
                                .flatMap(meter -> meter
                                        .until()
                                        .map(day -> new PaperEnd(
                                                meter.what(), meter.number(), day, "papers.dueOn", "papers.overdue"))
                                        .stream()))
                .filter(end -> end.until().compareTo(soon) <= 0)
                .sorted(Comparator.comparing(PaperEnd::until))
                .map(end -> say(end, now))
                .toList();
    }

    private static String say(PaperEnd end, String today) {
        Phrase phrase = end.until().compareTo(today) < 0
                ? Phrase.of(end.overKey(), end.name(), end.number(), end.until())
                : Phrase.of(end.endsKey(), end.name(), end.number(), end.until());
        return say(phrase, UnitSystem.METRIC);
    }
}
