package vastarc.web.service;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.procedure.ProcedureCheck;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.register.PaperUses;
import vastarc.web.store.register.ProcedureReader;
import vastarc.web.store.register.Register;

/** Which of the shop's procedures a sheet keeps within today, and by what it leaves the others; those named for its job come first. */
@Component
public class ShopProcedures {

    /** So many numbers are kept with a run at most. */
    private static final int MOST_KEPT = 12;

    private final Register<WeldProcedure> procedures;
    private final PaperUses uses;
    private final AssemblyStore assemblies;
    private final Clock clock;

    ShopProcedures(Register<WeldProcedure> procedures, PaperUses uses, AssemblyStore assemblies, Clock clock) {
        this.procedures = procedures;
        this.uses = uses;
        this.assemblies = assemblies;
        this.clock = clock;
    }

    /**
     * How a sheet compares with a procedure.
     *
     * @param number of the procedure
     * @param leaves by what it leaves it, in sentences; empty where it keeps within
     * @param named  whether the job, or a seam that it is for, names this procedure
     */
    public record ProcedureStanding(String number, List<String> leaves, boolean named) {

        /** {@return whether the sheet keeps within} */
        public boolean isInside() {
            return leaves.isEmpty();
        }
    }

    /**
     * {@return the numbers of the procedures that a sheet keeps within today, at most twelve, those named for the job first}
     *
     * @param job   id of its job
     * @param sheet the sheet
     */
    public List<String> inside(UUID job, SetupSheet sheet) {
        return of(job, sheet, UnitSystem.METRIC).stream()
                .filter(ProcedureStanding::isInside)
                .map(ProcedureStanding::number)
                .limit(MOST_KEPT)
                .toList();
    }

    /**
     * {@return how a sheet compares with the procedures named for its job and with every other that can be read: those named first, then those
     * it keeps within, then the nearest; empty where the shop has none}
     *
     * @param job   id of its job
     * @param sheet the sheet
     * @param units the reader's
     */
    public List<ProcedureStanding> of(UUID job, SetupSheet sheet, UnitSystem units) {
        Set<String> named = named(job);
        List<WeldProcedure> kept = procedures.readable();
        Set<String> known = kept.stream().map(WeldProcedure::number).collect(Collectors.toSet());
        Stream<ProcedureStanding> gone = named.stream()
                .filter(number -> !known.contains(number))
                .map(number -> new ProcedureStanding(
                        number, List.of(Phrasebook.say(Phrase.of("papers.noProcedure"), units)), true));
        String today =
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()).toString();
        return Stream.concat(
                        gone,
                        kept.stream()
                                .map(procedure -> new ProcedureStanding(
                                        procedure.number(),
                                        leaves(procedure, sheet, today, units),
                                        named.contains(procedure.number()))))
                .sorted(Comparator.comparing(ProcedureStanding::named)
                        .reversed()
                        .thenComparing(standing -> standing.leaves().size()))
                .toList();
    }

    private static List<String> leaves(WeldProcedure procedure, SetupSheet sheet, String today, UnitSystem units) {
        return ProcedureCheck.of(procedure, sheet, today).stream()
                .map(departure -> Phrasebook.say(departure.words(), units))
                .distinct()
                .toList();
    }

    /** The numbers of the procedures that the job names, and those that seams of assemblies name that it is for. */
    private Set<String> named(UUID job) {
        Set<String> named = new LinkedHashSet<>(uses.ofJob(job, ProcedureReader.KIND));
        assemblies.ofJob(job).stream()
                .map(seam -> seam.text().procedure())
                .filter(number -> !number.isEmpty())
                .forEach(named::add);
        return named;
    }
}
