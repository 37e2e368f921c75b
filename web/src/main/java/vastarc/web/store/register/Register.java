package vastarc.web.store.register;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import vastarc.web.store.ListBounds;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.document.Document;

/**
 * A register of the shop: papers of one kind, each by its number, at most so many.
 *
 * @param <T> what an entry holds
 */
public class Register<T> {

    private final RegisterKind<T> kind;
    private final RegisterRepository entries;
    private final ListBounds bounds;
    private final TransactionRetry retrying;
    private final Clock clock;

    Register(
            RegisterKind<T> kind,
            RegisterRepository entries,
            ListBounds bounds,
            TransactionRetry retrying,
            Clock clock) {
        this.kind = kind;
        this.entries = entries;
        this.bounds = bounds;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** What putting an entry in came to. */
    public enum PutState {
        /** It is new. */
        CREATED,
        /** It stands in place of the one of its number. */
        REPLACED,
        /** The one of its number was changed since it was seen; nothing was done. */
        STALE,
        /** The register has as many as it keeps; nothing was done. */
        FULL
    }

    /**
     * What putting an entry in came to.
     *
     * @param <T>   what an entry holds
     * @param state what was done
     * @param kept  as it is kept now; empty where the register is full
     */
    public record PutResult<T>(PutState state, Optional<RegisterPaper<T>> kept) {}

    /** {@return what kind of entries it has} */
    public RegisterKind<T> kind() {
        return kind;
    }

    /** {@return every entry, by number} */
    public List<RegisterPaper<T>> all() {
        return entries.findByRegisterOrderByNumber(kind.name()).stream()
                .map(this::registered)
                .toList();
    }

    /** {@return what the entries hold that can be read, by number} */
    public List<T> readable() {
        return all().stream().flatMap(entry -> entry.content().value().stream()).toList();
    }

    /**
     * {@return the entry of a number}
     *
     * @param number the number
     */
    public Optional<RegisterPaper<T>> find(String number) {
        return entry(number).map(this::registered);
    }

    private Optional<RegisterEntry> entry(String number) {
        return entries.findByRegisterAndNumber(kind.name(), number);
    }

    private RegisterPaper<T> registered(RegisterEntry entry) {
        return new RegisterPaper<>(
                entry.id(), entry.version(), entry.number(), kind.format().read(entry.content()), entry.changedAt());
    }

    /**
     * Takes an entry in, in place of the one of its number.
     *
     * @param content what it holds
     * @param asSeen  whether the one that is kept is as whoever replaces it has seen it
     * @return what it came to
     */
    public PutResult<T> put(T content, Predicate<RegisterPaper<T>> asSeen) {
        return retrying.inTransaction(() -> {
            bounds.findByName(kind.bound());
            return entry(kind.number().apply(content))
                    .map(kept -> replaced(kept, content, asSeen))
                    .orElseGet(() -> created(content));
        });
    }

    private PutResult<T> replaced(RegisterEntry kept, T content, Predicate<RegisterPaper<T>> asSeen) {
        if (!asSeen.test(registered(kept))) {
            return new PutResult<>(PutState.STALE, Optional.of(registered(kept)));
        }
        kept.take(kind.format().write(content), clock.instant());
        return new PutResult<>(PutState.REPLACED, Optional.of(registered(entries.saveAndFlush(kept))));
    }

    private PutResult<T> created(T content) {
        if (entries.countByRegister(kind.name()) >= kind.most()) {
            return new PutResult<>(PutState.FULL, Optional.empty());
        }
        RegisterEntry made = new RegisterEntry(
                UUID.randomUUID(),
                kind.name(),
                kind.number().apply(content),
                kind.format().write(content),
                clock.instant());
        return new PutResult<>(PutState.CREATED, Optional.of(registered(entries.saveAndFlush(made))));
    }

    /**
     * Takes an entry off the register.
     *
     * @param number its number
     * @return whether there was one
     */
    public boolean delete(String number) {
        return retrying.inTransaction(() -> {
            Optional<RegisterEntry> kept = entry(number);
            kept.ifPresent(entries::delete);
            return kept.isPresent();
        });
    }

    /** Becomes what an archive says it was; to be called within a transaction. */
    void restore(RegisterPaper<T> brought) {
        String text = brought.content().text();
        entry(brought.number())
                .ifPresentOrElse(
                        kept -> kept.take(text, brought.changedAt()),
                        () -> entries.save(new RegisterEntry(
                                brought.id(), kind.name(), brought.number(), text, brought.changedAt())));
    }

    /** {@return the document of some content} */
    Document<T> document(T content) {
        return Document.of(kind.format(), content);
    }
}
