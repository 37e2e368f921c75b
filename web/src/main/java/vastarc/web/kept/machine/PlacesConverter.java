package vastarc.web.kept.machine;

import jakarta.persistence.Converter;
import vastarc.web.kept.document.DocumentConverter;

/** Places in one column. */
@Converter
class PlacesConverter extends DocumentConverter<Places> {

    PlacesConverter() {
        super(Places.FORMAT);
    }
}
