package vastarc.web.store.diagnosis;

import jakarta.persistence.Converter;
import vastarc.web.store.document.DocumentConverter;

@Converter
class BeadObservationsConverter extends DocumentConverter<BeadObservations> {

    BeadObservationsConverter() {
        super(BeadObservations.FORMAT);
    }
}
