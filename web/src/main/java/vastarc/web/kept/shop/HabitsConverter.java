package vastarc.web.kept.shop;

import jakarta.persistence.Converter;
import vastarc.web.kept.document.DocumentConverter;

/** Habits in one column. */
@Converter
class HabitsConverter extends DocumentConverter<Habits> {

    HabitsConverter() {
        super(Habits.FORMAT);
    }
}
