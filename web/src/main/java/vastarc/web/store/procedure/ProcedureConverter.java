package vastarc.web.store.procedure;

import jakarta.persistence.Converter;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.store.document.DocumentConverter;

/** A procedure in one column. */
@Converter
class ProcedureConverter extends DocumentConverter<WeldProcedure> {

    ProcedureConverter() {
        super(ProcedureReader.FORMAT);
    }
}
