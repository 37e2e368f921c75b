package vastarc.core.record.diagnosis;

import java.util.List;
import java.util.Optional;
import vastarc.core.base.text.Phrase;

/**
 * A bead read.
 *
 * @param causes    that can be, the likeliest first; their shares sum to 1
 * @param ask       the question that would reduce doubt most; empty where none would
 * @param check     the cause whose check would reduce doubt most; empty where none can be
 * @param conflicts what does not go together
 */
public record Diagnosis(
        List<RankedCause> causes, Optional<NextQuestion> ask, Optional<NextCheck> check, List<Phrase> conflicts) {

    /**
     * A cause weighed.
     *
     * @param share  of belief, 0 to 1
     * @param why    what speaks for it
     * @param remedy what to change
     * @param tries  share over cost: the order to try in
     */
    public record RankedCause(Cause cause, double share, List<Phrase> why, Remedy remedy, double tries) {}

    /**
     * A question worth asking.
     *
     * @param sign  whether this is seen; empty for a question
     * @param question to be answered; empty for a symptom
     * @param drop  expected fall of doubt, bit
     */
    public record NextQuestion(Optional<Symptom> sign, Optional<String> question, double drop) {}

    /** A cause whose check is worth doing, and how far doubt is expected to fall by it, bit. */
    public record NextCheck(Cause cause, double drop) {}

    /** Copies its collections, so that it cannot change. */
    public Diagnosis {
        causes = List.copyOf(causes);
        conflicts = List.copyOf(conflicts);
    }
}
