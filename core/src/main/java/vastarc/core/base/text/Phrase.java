package vastarc.core.base.text;

import java.util.List;

/**
 * A sentence to be said: its key in {@code words.properties} and what fills its places.
 *
 * @param key       names the sentence
 * @param arguments for {@code {0}}, {@code {1}} …: a {@code Quantity} or {@code Length} (shown in the reader's units), another phrase,
 *                  or anything else as its text
 */
public record Phrase(String key, List<Object> arguments) {

    /** Copies its collections, so that it cannot change. */
    public Phrase {
        arguments = List.copyOf(arguments);
    }

    /**
     * {@return a phrase of a key in {@code words.properties} and its arguments in order}
     *
     * @param key the key
     * @param arguments the figures and words of the sentence, in order
     */
    public static Phrase of(String key, Object... arguments) {
        return new Phrase(key, List.of(arguments));
    }
}
