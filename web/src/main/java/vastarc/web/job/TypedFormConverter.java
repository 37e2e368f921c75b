package vastarc.web.job;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.request.TypedForm;

/** A form as typed is only ever read whole: JSON in one column. */
@Converter
public class TypedFormConverter implements AttributeConverter<TypedForm, String> {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Override
    public String convertToDatabaseColumn(TypedForm form) {
        return JSON.writeValueAsString(form);
    }

    @Override
    public TypedForm convertToEntityAttribute(String text) {
        return JSON.readValue(text, TypedForm.class);
    }
}
