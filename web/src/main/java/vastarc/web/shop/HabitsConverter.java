package vastarc.web.shop;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import tools.jackson.databind.json.JsonMapper;

/** Habits are only ever read whole: JSON in one column. */
@Converter
public class HabitsConverter implements AttributeConverter<Habits, String> {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Override
    public String convertToDatabaseColumn(Habits habits) {
        return JSON.writeValueAsString(habits);
    }

    @Override
    public Habits convertToEntityAttribute(String text) {
        return JSON.readValue(text, Habits.class);
    }
}
