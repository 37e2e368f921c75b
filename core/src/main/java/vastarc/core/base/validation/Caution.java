package vastarc.core.base.validation;

import vastarc.core.base.text.Phrase;

/**
 * A caution to be shown where it matters.
 *
 * @param code stable name
 * @param text the sentence
 */
public record Caution(String code, Phrase text) {

    /**
     * {@return a caution with the words {@code caution.<code>}}
     *
     * @param code end of its keys in {@code words.properties}
     * @param arguments the figures and words of the sentence, in order
     */
    public static Caution of(String code, Object... arguments) {
        return new Caution(code, Phrase.of("caution." + code, arguments));
    }
}
