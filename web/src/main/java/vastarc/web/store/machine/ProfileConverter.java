package vastarc.web.store.machine;

import jakarta.persistence.Converter;
import vastarc.core.equipment.MachineProfile;
import vastarc.web.store.document.DocumentConverter;

/** A machine's profile in one column. */
@Converter
class ProfileConverter extends DocumentConverter<MachineProfile> {

    ProfileConverter() {
        super(ProfileReader.FORMAT);
    }
}
