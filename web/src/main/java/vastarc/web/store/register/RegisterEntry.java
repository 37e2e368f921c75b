package vastarc.web.store.procedure;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.store.VersionedEntity;
import vastarc.web.store.document.Document;

/** A procedure of the shop, by its number. */
@Entity
@Table(name = "weld_procedure")
public class KeptProcedure extends VersionedEntity {

    private String number;

    @Convert(converter = ProcedureConverter.class)
    @Column(name = "content")
    private Document<WeldProcedure> content;

    @Column(name = "changed_at")
    private Instant changedAt;

    protected KeptProcedure() {}

    KeptProcedure(UUID id, WeldProcedure procedure, Instant now) {
        super(id);
        take(procedure, now);
    }

    KeptProcedure(UUID id, String number, Document<WeldProcedure> content, Instant changedAt) {
        super(id);
        this.number = number;
        this.content = content;
        this.changedAt = changedAt;
    }

    /** Becomes what an archive says it was. */
    final void restore(KeptProcedure brought) {
        number = brought.number;
        content = brought.content;
        changedAt = brought.changedAt;
    }

    final void take(WeldProcedure procedure, Instant now) {
        number = procedure.number();
        content = Document.of(ProcedureReader.FORMAT, procedure);
        changedAt = now;
    }

    /** {@return its number} */
    public String number() {
        return number;
    }

    /** {@return the procedure, or why it cannot be read} */
    public Document<WeldProcedure> content() {
        return content;
    }

    /** {@return when it was last changed} */
    public Instant changedAt() {
        return changedAt;
    }
}
