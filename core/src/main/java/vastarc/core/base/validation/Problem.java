package vastarc.core.base.validation;

import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;

/**
 * What is wrong with one field, and the nearest thing that works.
 *
 * @param field the input's name in the API
 * @param kind  whether the value cannot be used at all, or is understood but out of scope
 * @param wrong what is wrong
 * @param remedy what would work
 */
public record Problem(String field, ProblemKind kind, Phrase wrong, Phrase remedy) {

    /** Bad value, or a fair question the product does not answer. */
    public enum ProblemKind {
        /** A value is missing, unreadable or outside its range. */
        BAD_VALUE,
        /** The value is sound, but this product does not cover it. */
        OUT_OF_SCOPE
    }

    /**
     * {@return a bad value with the words {@code problem.<code>} and {@code problem.<code>.works}, both given the
     * same arguments}
     *
     * @param field name of the input that problems belong to
     * @param code end of its keys in {@code words.properties}
     * @param arguments the figures and words of the sentence, in order
     */
    public static Problem badValue(String field, String code, Object... arguments) {
        return of(field, ProblemKind.BAD_VALUE, code, arguments);
    }

    /**
     * {@return a fair question out of scope, with words as for {@link #badValue}}
     *
     * @param field name of the input that problems belong to
     * @param code end of its keys in {@code words.properties}
     * @param arguments the figures and words of the sentence, in order
     */
    public static Problem outOfScope(String field, String code, Object... arguments) {
        return of(field, ProblemKind.OUT_OF_SCOPE, code, arguments);
    }

    private static Problem of(String field, ProblemKind kind, String code, Object... arguments) {
        return new Problem(
                field,
                kind,
                Phrase.of("problem." + code, arguments),
                Phrase.of("problem." + code + ".works", arguments));
    }

    /**
     * {@return this problem for another field}
     *
     * @param otherField name of the other field
     */
    public Problem inField(String otherField) {
        return new Problem(otherField, kind, wrong, remedy);
    }

    /**
     * {@return both sentences}
     *
     * @param units the units
     */
    public String message(UnitSystem units) {
        return Phrasebook.say(wrong, units) + " " + Phrasebook.say(remedy, units);
    }
}
