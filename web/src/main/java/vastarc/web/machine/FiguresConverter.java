package vastarc.web.machine;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Figures by name, only ever read whole. */
@Converter
public class FiguresConverter implements AttributeConverter<Map<String, Double>, String> {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<TreeMap<String, Double>> TYPE = new TypeReference<>() {};

    @Override
    public String convertToDatabaseColumn(Map<String, Double> figures) {
        return JSON.writeValueAsString(figures);
    }

    @Override
    public Map<String, Double> convertToEntityAttribute(String text) {
        return JSON.readValue(text, TYPE);
    }
}
