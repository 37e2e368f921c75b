package vastarc.core.base.validation;

import vastarc.core.base.text.Phrase;

/**
 * A caution to be shown where it matters.
 *
 * @param code stable name
 * @param text the sentence
 */
public record Caution(String code, Phrase text) {

    /** A caution with the words {@code caution.<code>}. */
    public static Caution of(String code, Object... arguments) {
        return new Caution(code, Phrase.of("caution." + code, arguments));
    }
}
