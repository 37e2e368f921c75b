package vastarc.core.reading;

import java.util.List;
import java.util.Optional;
import vastarc.core.wording.Phrase;

/**
 * A bead read.
 *
 * @param causes    that can be, the likeliest first; their shares sum to 1
 * @param ask       the question that would tell most; empty where none would
 * @param check     the cause whose check would tell most; empty where none can be
 * @param conflicts what does not go together
 */
public record Reading(List<Weighed> causes, Optional<Question> ask, Optional<Check> check, List<Phrase> conflicts) {

    /**
     * A cause weighed.
     *
     * @param share  of belief, 0 to 1
     * @param why    what speaks for it
     * @param remedy what to change
     * @param tries  share over cost: the order to try in
     */
    public record Weighed(Cause cause, double share, List<Phrase> why, Remedy remedy, double tries) {}

    /**
     * A question worth asking.
     *
     * @param sign  whether this is seen; empty for one to be told
     * @param told  the question; empty for a sign
     * @param drop  expected fall of doubt, bit
     */
    public record Question(Optional<Sign> sign, Optional<String> told, double drop) {}

    /** A cause whose check is worth doing, and how far doubt is expected to fall by it, bit. */
    public record Check(Cause cause, double drop) {}

    public Reading {
        causes = List.copyOf(causes);
        conflicts = List.copyOf(conflicts);
    }
}
