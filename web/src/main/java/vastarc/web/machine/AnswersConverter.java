package vastarc.web.machine;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Answers by item of a check, only ever read whole. */
@Converter
public class AnswersConverter implements AttributeConverter<Map<String, String>, String> {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<TreeMap<String, String>> TYPE = new TypeReference<>() {};

    @Override
    public String convertToDatabaseColumn(Map<String, String> answers) {
        return JSON.writeValueAsString(answers);
    }

    @Override
    public Map<String, String> convertToEntityAttribute(String text) {
        return JSON.readValue(text, TYPE);
    }
}
