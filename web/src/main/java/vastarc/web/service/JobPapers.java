package vastarc.web.service;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
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
import vastarc.core.record.procedure.WelderCheck;
import vastarc.core.record.procedure.WelderCheck.WelderStanding;
import vastarc.core.record.procedure.WelderQualification;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.batch.BatchUse;
import vastarc.web.store.batch.BatchUses;
import vastarc.web.store.register.Register;

/** What the shop's papers say against a weld before it is struck. A shop that has written down none hears nothing. */
@Component
public class JobPapers {

    /** Papers that end within so many days are worth a word. */
    private static final int SOON_DAYS = 56;

    private final Register<WelderQualification> welders;
    private final AssemblyStore assemblies;
    private final Register<MaterialBatch> batches;
    private final BatchUses uses;
    private final Clock clock;

    JobPapers(
            Register<WelderQualification> welders,
            AssemblyStore assemblies,
            Register<MaterialBatch> batches,
            BatchUses uses,
            Clock clock) {
        this.welders = welders;
        this.assemblies = assemblies;
        this.batches = batches;
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
        return Stream.of(holds(job, units), missing(job, sheet, units), lacks(sheet, welder, units).stream())
                .flatMap(says -> says)
                .toList();
    }

    /** Hold points of seams of the job that nobody has signed. */
    private Stream<String> holds(UUID job, UnitSystem units) {
        return assemblies.held(job).stream()
                .map(seam ->
                        say(Phrase.of("papers.hold", seam.number(), seam.text().hold()), units));
    }

    /** Batches that the shop keeps and that nobody has chosen for the job. */
    private Stream<String> missing(UUID job, SetupSheet sheet, UnitSystem units) {
        List<String> chosen = uses.ofJob(job).stream().map(BatchUse::number).toList();
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

    /** {@return which papers end within eight weeks or have ended, a sentence each, the first to end first} */
    public List<String> endings() {
        String soon = today().plusDays(SOON_DAYS).toString();
        String now = today().toString();
        List<WelderQualification> ending = new ArrayList<>(welders.readable().stream()
                .filter(paper ->
                        paper.until().filter(day -> day.compareTo(soon) <= 0).isPresent())
                .toList());
        ending.sort(Comparator.comparing(paper -> paper.until().orElse("")));
        return ending.stream()
                .map(paper -> {
                    String until = paper.until().orElseThrow();
                    String key = until.compareTo(now) < 0 ? "papers.over" : "papers.ends";
                    return say(Phrase.of(key, paper.welder(), paper.number(), until), UnitSystem.METRIC);
                })
                .toList();
    }
}
