package vastarc.web.store.register;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.store.ListBounds;
import vastarc.web.store.TransactionRetry;

/** Certificates and scans kept with papers of the registers: one a paper. They go with their paper. */
@Service
public class RegisterFiles {

    /** Most files of a register. */
    public static final int MOST = 500;

    /** Most bytes of all files: what an archive holds of one kind is at most half a gigabyte, and takes four bytes for three. */
    public static final long MOST_BYTES = 300_000_000;

    private static final String FIELD = "file";

    private final RegisterFileRepository files;
    private final RegisterRepository entries;
    private final ListBounds bounds;
    private final TransactionRetry retrying;

    RegisterFiles(
            RegisterFileRepository files, RegisterRepository entries, ListBounds bounds, TransactionRetry retrying) {
        this.files = files;
        this.entries = entries;
        this.bounds = bounds;
        this.retrying = retrying;
    }

    /**
     * {@return what the files of a register are called, by the number of their paper}
     *
     * @param kind the register's
     */
    public Map<String, String> names(RegisterKind<?> kind) {
        Map<String, String> names = new LinkedHashMap<>();
        files.named(kind.name()).forEach(filed -> names.put(filed.number(), filed.name()));
        return names;
    }

    /**
     * {@return the file of a paper; empty where it has none}
     *
     * @param kind   the register's
     * @param number of the paper
     */
    public Optional<CertificateFile> find(RegisterKind<?> kind, String number) {
        return entries.findByRegisterAndNumber(kind.name(), number)
                .flatMap(entry -> files.findById(entry.id()))
                .map(RegisterFile::file);
    }

    /**
     * Keeps a file with a paper, in place of the one before.
     *
     * @param kind   the register's
     * @param number of the paper
     * @param file   the file
     * @return the file, or why it is not kept
     */
    public Outcome<CertificateFile> put(RegisterKind<?> kind, String number, CertificateFile file) {
        return retrying.inTransaction(() -> {
            bounds.findByName(kind.bound());
            Optional<RegisterEntry> entry = entries.findByRegisterAndNumber(kind.name(), number);
            if (entry.isEmpty()) {
                return Outcome.failed(Problem.badValue(FIELD, "register.file.noPaper", number));
            }
            if (files.findById(entry.get().id()).isEmpty() && files.countOf(kind.name()) >= MOST) {
                return Outcome.failed(Problem.badValue(FIELD, "register.file.full", MOST));
            }
            if (files.bytesBeside(entry.get().id()) + file.content().length > MOST_BYTES) {
                return Outcome.failed(Problem.badValue(FIELD, "register.file.fullBytes", MOST_BYTES / 1_000_000));
            }
            replace(entry.get(), file);
            return Outcome.of(file);
        });
    }

    private void replace(RegisterEntry entry, CertificateFile file) {
        files.deleteById(entry.id());
        files.flush();
        files.saveAndFlush(new RegisterFile(entry.id(), file));
    }

    /** Becomes what an archive says it was; without its paper there is nothing it belongs to. To be called within a transaction. */
    void restore(RegisterKind<?> kind, String number, CertificateFile file) {
        entries.findByRegisterAndNumber(kind.name(), number).ifPresent(entry -> replace(entry, file));
    }

    /**
     * Takes the file off a paper.
     *
     * @param kind   the register's
     * @param number of the paper
     */
    public void delete(RegisterKind<?> kind, String number) {
        retrying.inTransaction(() -> {
            entries.findByRegisterAndNumber(kind.name(), number).ifPresent(entry -> files.deleteById(entry.id()));
            return number;
        });
    }
}
