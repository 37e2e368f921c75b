package vastarc.web.store.document;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A document as it is stored: what it holds, or, where it cannot be read, its text and what is wrong with it. It is read when what it holds
 * is first asked for.
 *
 * @param <T> what it holds
 */
public final class Document<T> {

    private final DocumentFormat<T> format;
    private final String text;
    private volatile @Nullable Content<T> content;

    /**
     * What reading gave.
     *
     * @param value empty where it cannot be read
     * @param fault what is wrong; empty where nothing is
     */
    record Content<T>(Optional<T> value, String fault) {}

    Document(DocumentFormat<T> format, String text) {
        this.format = format;
        this.text = text;
    }

    /**
     * {@return a value, as a document of today}
     *
     * @param <T> the type of the value
     * @param format its format
     * @param value the value
     */
    public static <T> Document<T> of(DocumentFormat<T> format, T value) {
        Document<T> document = new Document<>(format, format.write(value));
        document.content = new Content<>(Optional.of(value), "");
        return document;
    }

    private Content<T> content() {
        Content<T> read = content;
        if (read == null) {
            read = format.content(text);
            content = read;
        }
        return read;
    }

    /** {@return what the document holds; empty where it cannot be read} */
    public Optional<T> value() {
        return content().value();
    }

    /** {@return what it holds} */
    public T orThrow() {
        return value().orElseThrow(() -> new UnreadableDocument(format.name(), fault()));
    }

    /** {@return whether it can be read} */
    public boolean isReadable() {
        return value().isPresent();
    }

    /** {@return its text, as it is stored} */
    public String text() {
        return text;
    }

    /** {@return what is wrong with it; empty where it can be read} */
    public String fault() {
        return content().fault();
    }

    /**
     * {@return whether another says the same, in whatever format either was written}
     *
     * @param other the other one
     */
    public boolean saysWhat(Document<T> other) {
        return equals(other) || isReadable() && value().equals(other.value());
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Document<?> document && text.equals(document.text);
    }

    @Override
    public int hashCode() {
        return text.hashCode();
    }
}
