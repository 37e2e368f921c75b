package vastarc.web.store.machine;

import jakarta.persistence.Converter;
import vastarc.web.store.document.DocumentConverter;

/** Places in one column. */
@Converter
class ControlPlacesConverter extends DocumentConverter<ControlPlaces> {

    ControlPlacesConverter() {
        super(ControlPlaces.FORMAT);
    }
}
