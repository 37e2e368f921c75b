package vastarc.core.record.procedure;

/**
 * Something that the shop's papers say against a weld as it was begun: shown, never in the way.
 *
 * @param says     in a sentence
 * @param signedBy who answers for welding all the same; empty where nobody has signed
 */
public record PaperNote(String says, String signedBy) {

    /** Longest name of who signs, characters. */
    public static final int MAX_NAME = 60;

    /**
     * {@return a note that nobody has signed yet}
     *
     * @param says in a sentence
     */
    public static PaperNote open(String says) {
        return new PaperNote(says, "");
    }

    /** {@return whether somebody answers for it} */
    public boolean isSigned() {
        return !signedBy.isEmpty();
    }
}
