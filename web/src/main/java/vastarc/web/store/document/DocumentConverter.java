package vastarc.web.store.document;

import jakarta.persistence.AttributeConverter;
import org.jspecify.annotations.Nullable;

/**
 * A document in one column. What is read and not changed is written back letter for letter, so that nothing that cannot be read is lost.
 *
 * @param <T> what it holds
 */
public abstract class DocumentConverter<T> implements AttributeConverter<Document<T>, String> {

    private final DocumentFormat<T> format;

    protected DocumentConverter(DocumentFormat<T> format) {
        this.format = format;
    }

    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable Document<T> document) {
        return document == null ? null : document.text();
    }

    @Override
    public @Nullable Document<T> convertToEntityAttribute(@Nullable String text) {
        return text == null ? null : format.read(text);
    }
}
