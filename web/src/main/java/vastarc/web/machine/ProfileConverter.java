package vastarc.web.machine;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import vastarc.core.machine.MachineProfile;

/** A profile is only ever read whole: a document of the published format in one column. */
@Converter
public class ProfileConverter implements AttributeConverter<MachineProfile, String> {

    @Override
    public String convertToDatabaseColumn(MachineProfile profile) {
        return ProfileReader.document(profile).toString();
    }

    @Override
    public MachineProfile convertToEntityAttribute(String text) {
        return ProfileReader.read(text)
                .value()
                .orElseThrow(() -> new IllegalStateException("a kept profile is broken"));
    }
}
