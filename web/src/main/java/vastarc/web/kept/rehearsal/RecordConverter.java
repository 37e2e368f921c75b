package vastarc.web.kept.rehearsal;

import jakarta.persistence.Converter;
import vastarc.web.kept.document.DocumentConverter;

@Converter
class RecordConverter extends DocumentConverter<RehearsalRecord> {

    RecordConverter() {
        super(RehearsalRecord.FORMAT);
    }
}
