package vastarc.core.finding;

import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * What is wrong with one field, and the nearest thing that works.
 *
 * @param field the input's name in the API
 * @param kind  whether the value cannot be used at all, or is understood but out of scope
 * @param wrong what is wrong
 * @param works what would work
 */
public record Problem(String field, Kind kind, Phrase wrong, Phrase works) {

    /** Bad value, or a fair question the product does not answer. */
    public enum Kind {
        BAD_VALUE,
        OUT_OF_SCOPE
    }

    /** A bad value with the words {@code problem.<code>} and {@code problem.<code>.works}, both given the same arguments. */
    public static Problem badValue(String field, String code, Object... arguments) {
        return of(field, Kind.BAD_VALUE, code, arguments);
    }

    /** A fair question out of scope, with words as for {@link #badValue}. */
    public static Problem outOfScope(String field, String code, Object... arguments) {
        return of(field, Kind.OUT_OF_SCOPE, code, arguments);
    }

    private static Problem of(String field, Kind kind, String code, Object... arguments) {
        return new Problem(
                field,
                kind,
                Phrase.of("problem." + code, arguments),
                Phrase.of("problem." + code + ".works", arguments));
    }

    public Problem inField(String otherField) {
        return new Problem(otherField, kind, wrong, works);
    }

    /** Both sentences. */
    public String message(UnitSystem units) {
        return Phrasebook.say(wrong, units) + " " + Phrasebook.say(works, units);
    }
}
