package vastarc.web.store.procedure;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.store.ListBound;
import vastarc.web.store.ListBounds;
import vastarc.web.store.TransactionRetry;

/** The shop's procedures; at most {@value #MOST}. */
@Service
public class ProcedureStore {

    /** Most procedures of a shop. */
    public static final int MOST = 300;

    private final ProcedureRepository procedures;
    private final ListBounds bounds;
    private final TransactionRetry retrying;
    private final Clock clock;

    ProcedureStore(ProcedureRepository procedures, ListBounds bounds, TransactionRetry retrying, Clock clock) {
        this.procedures = procedures;
        this.bounds = bounds;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** What putting a procedure in came to. */
    public enum PutState {
        /** It is new. */
        CREATED,
        /** It stands in place of the one of its number. */
        REPLACED,
        /** The one of its number was changed since it was seen; nothing was done. */
        STALE,
        /** The shop has as many as it keeps; nothing was done. */
        FULL
    }

    /**
     * What putting a procedure in came to.
     *
     * @param state what was done
     * @param kept  as it is kept now; empty where the shop is full
     */
    public record PutResult(PutState state, Optional<KeptProcedure> kept) {}

    /** {@return every procedure, by number} */
    public List<KeptProcedure> all() {
        return procedures.findAllByOrderByNumber();
    }

    /**
     * {@return the procedure of a number}
     *
     * @param number the number
     */
    public Optional<KeptProcedure> find(String number) {
        return procedures.findByNumber(number);
    }

    /**
     * Takes a procedure in, in place of the one of its number.
     *
     * @param procedure the procedure
     * @param asSeen    whether the one that is kept is as whoever replaces it has seen it
     * @return what it came to
     */
    public PutResult put(WeldProcedure procedure, Predicate<KeptProcedure> asSeen) {
        return retrying.inTransaction(() -> {
            bounds.findByName(ListBound.Name.PROCEDURES);
            return find(procedure.number())
                    .map(kept -> replaced(kept, procedure, asSeen))
                    .orElseGet(() -> created(procedure));
        });
    }

    private PutResult replaced(KeptProcedure kept, WeldProcedure procedure, Predicate<KeptProcedure> asSeen) {
        if (!asSeen.test(kept)) {
            return new PutResult(PutState.STALE, Optional.of(kept));
        }
        kept.take(procedure, clock.instant());
        return new PutResult(PutState.REPLACED, Optional.of(procedures.saveAndFlush(kept)));
    }

    private PutResult created(WeldProcedure procedure) {
        return procedures.count() >= MOST
                ? new PutResult(PutState.FULL, Optional.empty())
                : new PutResult(
                        PutState.CREATED,
                        Optional.of(procedures.saveAndFlush(
                                new KeptProcedure(UUID.randomUUID(), procedure, clock.instant()))));
    }

    /**
     * Takes a procedure off the shop's list.
     *
     * @param number its number
     * @return whether there was one
     */
    public boolean delete(String number) {
        return retrying.inTransaction(() -> find(number)
                .map(kept -> {
                    procedures.delete(kept);
                    return true;
                })
                .orElse(false));
    }
}
