package vastarc.web.service;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.procedure.ProcedureCheck;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.store.register.Register;

/** Which of the shop's procedures a sheet keeps within today, and by what it leaves the others. */
@Component
public class ShopProcedures {

    private final Register<WeldProcedure> procedures;
    private final Clock clock;

    ShopProcedures(Register<WeldProcedure> procedures, Clock clock) {
        this.procedures = procedures;
        this.clock = clock;
    }

    /**
     * How a sheet stands to a procedure.
     *
     * @param number of the procedure
     * @param leaves by what it leaves it, in sentences; empty where it keeps within
     */
    public record ProcedureStanding(String number, List<String> leaves) {

        /** {@return whether the sheet keeps within} */
        public boolean isInside() {
            return leaves.isEmpty();
        }
    }

    /** So many numbers are kept with a run at most. */
    private static final int MOST_KEPT = 12;

    /**
     * {@return the numbers of the procedures that a sheet keeps within today, at most twelve}
     *
     * @param sheet the sheet
     */
    public List<String> inside(SetupSheet sheet) {
        return of(sheet, UnitSystem.METRIC).stream()
                .filter(ProcedureStanding::isInside)
                .map(ProcedureStanding::number)
                .limit(MOST_KEPT)
                .toList();
    }

    /**
     * {@return how a sheet stands to every procedure that can be read, those it keeps within first, then the nearest; empty where the shop has none}
     *
     * @param sheet the sheet
     * @param units the reader's
     */
    public List<ProcedureStanding> of(SetupSheet sheet, UnitSystem units) {
        String today =
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()).toString();
        return procedures.readable().stream()
                .map(procedure -> new ProcedureStanding(
                        procedure.number(),
                        ProcedureCheck.of(procedure, sheet, today).stream()
                                .map(departure -> Phrasebook.say(departure.words(), units))
                                .distinct()
                                .toList()))
                .sorted(Comparator.comparing(standing -> standing.leaves().size()))
                .toList();
    }
}
